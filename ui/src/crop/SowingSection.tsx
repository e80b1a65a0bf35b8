import { FrostSection } from "../frost/FrostSection";
import { formatTemperature } from "../measure/figures";
import { PaperLink } from "../papers/PaperLink";
import { SmallTable } from "../parts/SmallTable";
import { monthName, MONTHS } from "../measure/monthDays";
import { useDesk } from "../workspace/desk";
import { useSowing } from "./sowing";
import { words } from "./words";

/** When it freezes, how warm the soil is, and the way to the sowing calendar. */
export function SowingSection() {
  const { units } = useDesk();
  const told = useSowing();
  if (!told) return null;
  return (
    <>
      <FrostSection told={told} />
      {told.soil.length > 0 && (
        <details className="border-t border-rule pt-2">
          <summary className="cursor-pointer font-semibold">{words.soil}</summary>
          <p className="text-sm text-soft">{words.soilHint}</p>
          <SmallTable
            rows={MONTHS.map((month) => ({
              key: String(month),
              head: monthName(month, "long"),
              cells: [formatTemperature(told.soil[month - 1] ?? 0, units)],
            }))}
          />
        </details>
      )}
      {told.days.length > 0 && (
        <p className="flex flex-wrap gap-x-4 border-t border-rule pt-2">
          <PaperLink paper="sowing" />
          <PaperLink paper="seeds" />
          <PaperLink paper="bed-cards" />
          <PaperLink paper="labels" />
        </p>
      )}
    </>
  );
}
