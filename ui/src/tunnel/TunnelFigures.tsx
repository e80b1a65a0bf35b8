import { formatArea, formatMass, formatShare } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { GluedUp } from "../over/GluedUp";
import { StakesHold } from "../over/StakesHold";
import { useDesk } from "../workspace/desk";
import { EndView } from "./EndView";
import type { TunnelTold, WalkInTunnel } from "./tunnels";
import { words } from "./words";

/** What a tunnel takes, how one stands and breathes in it, its end, and what to look out for. */
export function TunnelFigures({ tunnel, told }: { tunnel: WalkInTunnel; told: TunnelTold }) {
  const { units, bedById } = useDesk();
  const length = (metres: number) => formatLength(metres, units);
  const names = told.beds.map((id) => bedById.get(id)?.name ?? "").sort();
  const [lowest] = told.aisles;
  const { sheet } = told;
  return (
    <div className="space-y-1 text-sm" data-testid="tunnel-figures">
      <figure>
        <EndView tunnel={tunnel} told={told} />
        <figcaption className="text-soft">
          {words.door(length(tunnel.doorWidth), length(told.doorHeight))}
        </figcaption>
      </figure>
      {names.length > 0 && <p>{words.stands(names)}</p>}
      {lowest && (
        <p>
          {words.headroom(
            length(lowest.headroom),
            lowest.aside > 0 ? words.fromMiddle(length(lowest.aside)) : words.inMiddle,
          )}
        </p>
      )}
      {told.air !== undefined && <p>{words.air(formatShare(told.air), formatArea(told.openings, units))}</p>}
      <p>
        {words.bows(
          words.bow(told.bows),
          length(told.bow),
          length(told.apart),
          formatMass(told.kilograms, units),
        )}{" "}
        {words.feet(told.onBoards, told.onStakes)}
      </p>
      <StakesHold {...told.hold} />
      {told.glued && <GluedUp bow={told.glued} />}
      <p>
        {words.sheet(length(sheet.bought), length(sheet.roll), length(sheet.length), length(sheet.width))}{" "}
        {words.ends[sheet.fromStrip ? "strip" : "rest"]}
      </p>
      {told.fallAlong !== undefined && told.fallAcross !== undefined && (
        <p>{words.falls(length(told.fallAlong), length(told.fallAcross))}</p>
      )}
      {told.cautions.map((caution) => (
        <p key={caution}>{caution}</p>
      ))}
    </div>
  );
}
