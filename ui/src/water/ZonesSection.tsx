import { formatShare } from "../measure/figures";
import { formatFlow, formatPressure } from "../measure/water";
import { useDesk } from "../workspace/desk";
import { BadDays } from "./BadDays";
import { feeding, type Zone } from "./water";
import { words } from "./words";

/** How each zone runs: what it takes of its source, how evenly, and with how much pressure at the weakest outlet. */
export function ZonesSection() {
  const { report } = useDesk();
  const zones = report?.water.zones ?? [];
  return (
    <section className="space-y-2 border-t border-rule pt-2" data-testid="zones">
      <h3>{words.zones}</h3>
      {zones.length === 0 && <p className="text-soft">{words.noZones}</p>}
      {zones.map((zone) => (
        <ZoneFigures key={zone.valve} zone={zone} />
      ))}
    </section>
  );
}

function ZoneFigures({ zone }: { zone: Zone }) {
  const { plan, units, bedById } = useDesk();
  const source = feeding(plan).find(({ id }) => id === zone.source)?.name ?? "";
  const share = zone.gives === undefined ? undefined : zone.gives === 0 ? Infinity : zone.wants / zone.gives;
  return (
    <div className="border-b border-hair pb-1">
      <p className="font-semibold">{words.zone(zone.number)}</p>
      <p className="text-sm">
        {words.takes(formatFlow(zone.flow, units))}{" "}
        {share === undefined || share === Infinity
          ? words.from(source)
          : words.share(formatShare(share), source)}{" "}
        <span title={words.evenExplained}>{words.even(formatShare(zone.evenness))}</span>
      </p>
      <table className="w-full text-xs">
        <thead>
          <tr className="text-soft">
            <th scope="col" className="text-left font-normal">
              {words.bed}
            </th>
            <th scope="col" className="text-right font-normal">
              {words.flow}
            </th>
            <th scope="col" className="text-right font-normal" title={words.leastExplained}>
              {words.leastAt}
            </th>
          </tr>
        </thead>
        <tbody>
          {zone.beds.map((bed) => (
            <tr key={bed.lines}>
              <th scope="row" className="text-left font-normal">
                {bedById.get(bed.bed)?.name}
              </th>
              <td className="figures text-right whitespace-nowrap">{formatFlow(bed.flow, units)}</td>
              <td
                className={`figures text-right whitespace-nowrap ${bed.least < bed.needed ? "font-bold text-snag" : ""}`}
              >
                {formatPressure(bed.least, units)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <BadDays zone={zone} source={source} />
    </div>
  );
}
