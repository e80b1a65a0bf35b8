import { formatShare } from "../measure/figures";
import { formatFlow, formatPressure } from "../measure/water";
import { SmallTable } from "../parts/SmallTable";
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
      <SmallTable
        heads={[
          { text: words.bed },
          { text: words.flow },
          { text: words.leastAt, title: words.leastExplained },
        ]}
        rows={zone.beds.map((bed) => ({
          key: bed.lines,
          head: bedById.get(bed.bed)?.name,
          cells: [
            formatFlow(bed.flow, units),
            <span key="least" className={bed.least < bed.needed ? "font-bold text-snag" : ""}>
              {formatPressure(bed.least, units)}
            </span>,
          ],
        }))}
      />
      <BadDays zone={zone} source={source} />
    </div>
  );
}
