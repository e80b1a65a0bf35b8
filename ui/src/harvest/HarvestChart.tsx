import { formatFood } from "../measure/food";
import { monthName } from "../measure/monthDays";
import { useDesk } from "../workspace/desk";
import type { HarvestTold } from "./harvest";
import { words } from "./words";

const MONTH = 38;
const HIGH = 110;
const BAR = 15;
const FOOT = 16;
const HEAD = 12;

/** Of all crops together what is picked and what is eaten, month by month. */
export function HarvestChart({ told }: { told: HarvestTold }) {
  const { units } = useDesk();
  const sums = told.months.map((month, index) => ({
    month: Number(month.slice(5, 7)),
    picked: told.foods.reduce((sum, { picked }) => sum + (picked[index] ?? 0), 0),
    eaten: told.foods.reduce((sum, { eatenByMonth }) => sum + (eatenByMonth[index] ?? 0), 0),
  }));
  const most = Math.max(1e-9, ...sums.flatMap(({ picked, eaten }) => [picked, eaten]));
  const tall = (kilograms: number) => (kilograms / most) * (HIGH - HEAD);
  return (
    <figure data-testid="harvest-chart">
      <figcaption className="flex flex-wrap gap-x-4 text-soft">
        {words.chart}:
        <span className="whitespace-nowrap">
          <span className="mr-1 inline-block size-3 bg-leaf" aria-hidden="true" />
          {words.picked}
        </span>
        <span className="whitespace-nowrap">
          <span className="mr-1 inline-block size-3 border border-ink" aria-hidden="true" />
          {words.eaten}
        </span>
      </figcaption>
      <svg
        viewBox={`0 0 ${String(MONTH * sums.length)} ${String(HIGH + FOOT)}`}
        className="w-full max-w-116"
        role="img"
        aria-label={sums
          .map(({ month, picked, eaten }) =>
            words.inMonth(month, formatFood(picked, units), formatFood(eaten, units)),
          )
          .join("; ")}
      >
        {sums.map(({ month, picked, eaten }, index) => (
          <g key={month} transform={`translate(${String(index * MONTH)} 0)`}>
            <rect x="3" y={HIGH - tall(picked)} width={BAR} height={tall(picked)} fill="var(--color-leaf)" />
            <rect
              x={4 + BAR}
              y={HIGH - tall(eaten)}
              width={BAR - 1}
              height={tall(eaten)}
              fill="none"
              stroke="var(--color-ink)"
            />
            {picked > 0 && (
              <text x={3 + BAR / 2} y={HIGH - tall(picked) - 3} textAnchor="middle" fontSize="9">
                {formatFood(picked, units).split(" ")[0]}
              </text>
            )}
            <text x={3 + BAR} y={HIGH + 12} textAnchor="middle" fontSize="11" fill="var(--color-soft)">
              {monthName(month, "short")}
            </text>
          </g>
        ))}
        <line x1="0" x2={MONTH * sums.length} y1={HIGH} y2={HIGH} stroke="var(--color-rule)" />
      </svg>
    </figure>
  );
}
