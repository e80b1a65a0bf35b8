import { useWhenOpened } from "../api/useWhenOpened";
import { formatDepthOfWater } from "../measure/water";
import { monthName } from "../measure/monthDays";
import { SmallTable } from "../parts/SmallTable";
import { useDesk } from "../workspace/desk";
import type { BedNeed } from "./water";
import { words } from "./words";

/** What each bed wants in a month, by what grows there. */
export function WantedByBeds({ month }: { month: number }) {
  const { data, open, onToggle } = useWhenOpened<BedNeed[]>("water/needs");
  return (
    <details data-testid="bed-needs" onToggle={onToggle}>
      <summary className="cursor-pointer">{words.bedNeeds(monthName(month, "long"))}</summary>
      {open && (data ? <Told needs={data} month={month} /> : <p className="text-soft">{words.working}</p>)}
    </details>
  );
}

function Told({ needs, month }: { needs: readonly BedNeed[]; month: number }) {
  const { units, bedById } = useDesk();
  const rows = needs.flatMap(({ bed, planted, months }) => {
    const told = months[month - 1];
    if (!told) return [];
    return [{ bed, crop: told.thirstiest ?? (planted ? words.nothingGrows : words.mixed), need: told.need }];
  });
  return (
    <div className="space-y-1 py-1 text-sm">
      <SmallTable
        heads={[words.thirstiest, words.aWeekEach].map((text) => ({ text }))}
        rows={rows.map(({ bed, crop, need }) => ({
          key: bed,
          head: (
            <>
              {bedById.get(bed)?.name} <span className="text-soft">{crop}</span>
            </>
          ),
          cells: [formatDepthOfWater(need.week, units)],
        }))}
      />
      <p className="text-soft">{words.bedNeedsExplained}</p>
    </div>
  );
}
