import { formatWater } from "../measure/water";
import { SmallTable } from "../parts/SmallTable";
import { useDesk } from "../workspace/desk";
import { monthName } from "../measure/monthDays";
import type { BarrelYear } from "./water";
import { words } from "./words";

const WIDTH = 288;
const HEIGHT = 96;
const FOOT = 14;

interface Props {
  year: BarrelYear;
  /** Litres. */
  holds: number;
}

/** A barrel over the year: in eight of ten years its level lies in the band, in half of them under the line. */
export function BarrelYearView({ year, holds }: Props) {
  const { units } = useDesk();
  const x = (half: number) => (half / (year.levels.length - 1)) * WIDTH;
  const y = (litres: number) => HEIGHT - (litres / holds) * HEIGHT;
  const line = (part: "low" | "middle" | "high") =>
    year.levels.map((level, half) => `${x(half).toFixed(1)},${y(level[part]).toFixed(1)}`);
  return (
    <div data-testid="barrel-year">
      <p className="text-sm text-soft">{words.barrelYear(year.years)}</p>
      <svg
        viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT + FOOT)}`}
        className="w-full"
        role="img"
        aria-label={words.barrelDrawn}
      >
        <rect width={WIDTH} height={HEIGHT} className="fill-none stroke-rule" />
        <polygon
          points={[...line("low"), ...line("high").reverse()].join(" ")}
          className="fill-markpale stroke-none"
        />
        <polyline points={line("middle").join(" ")} className="fill-none stroke-ink" strokeWidth={1.5} />
        {year.months.map(({ month }) => (
          <text
            key={month}
            x={((month - 0.5) / year.months.length) * WIDTH}
            y={HEIGHT + FOOT - 3}
            textAnchor="middle"
            className="fill-soft text-[10px]"
          >
            {monthName(month, "short").slice(0, 1)}
          </text>
        ))}
      </svg>
      <details>
        <summary className="cursor-pointer text-sm text-soft">{words.monthByMonth}</summary>
        <SmallTable
          heads={words.barrelColumns.map((text) => ({ text }))}
          rows={year.months.map((month) => ({
            key: String(month.month),
            head: monthName(month.month, "short"),
            cells: [
              formatWater(month.comes, units),
              formatWater(month.wanted, units),
              formatWater(month.overflows, units),
              <span key="dry" className={month.usuallyDry ? "font-bold text-snag" : ""}>
                {month.dryYears}
              </span>,
            ],
          }))}
        />
      </details>
    </div>
  );
}
