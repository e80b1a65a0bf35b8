import { useWhenOpened } from "../api/useWhenOpened";
import { formatDistance } from "../measure/figures";
import { formatWater } from "../measure/water";
import { SmallTable } from "../parts/SmallTable";
import { useDesk } from "../workspace/desk";
import { monthName } from "../measure/monthDays";
import { formatMinutes } from "./months";
import type { HandWatering } from "./water";
import { words } from "./words";

/** How long the same water takes with cans or a hose, along the ways on foot; asked for when it is opened. */
export function ByHand({ month }: { month: number | undefined }) {
  const { data, open, onToggle } = useWhenOpened<HandWatering>(
    "water/by-hand",
    month === undefined ? "" : `month=${String(month)}`,
  );
  return (
    <details data-testid="by-hand" onToggle={onToggle}>
      <summary className="cursor-pointer">{words.byHand}</summary>
      {open && (data ? <Told told={data} month={month} /> : <p className="text-soft">{words.working}</p>)}
    </details>
  );
}

function Told({ told, month }: { told: HandWatering; month: number | undefined }) {
  const { units, bedById } = useDesk();
  const sum = (part: "byCan" | "byHose") => told.beds.reduce((minutes, bed) => minutes + bed[part], 0);
  const shutOut = told.shutOut.map((bed) => bedById.get(bed)?.name).join(", ");
  return (
    <div className="space-y-1 py-1 text-sm">
      <p>
        {words.handHours({
          when: month === undefined ? words.byThumb : words.inMonth(monthName(month, "long")),
          cans: formatMinutes(sum("byCan")),
          hose: formatMinutes(sum("byHose")),
        })}
      </p>
      <SmallTable
        heads={[words.bed, words.way, words.water, words.cans, words.hose].map((text) => ({ text }))}
        rows={told.beds.map((bed) => ({
          key: bed.bed,
          head: bedById.get(bed.bed)?.name,
          cells: [
            formatDistance(bed.way, units),
            formatWater(bed.litres, units),
            formatMinutes(bed.byCan),
            formatMinutes(bed.byHose),
          ],
        }))}
      />
      {shutOut && <p className="text-snag">{words.notOnFoot(shutOut)}</p>}
      <p className="text-soft">{words.handExplained}</p>
    </div>
  );
}
