import { formatFood } from "../measure/food";
import { useDesk } from "../workspace/desk";
import type { Food } from "./harvest";
import { words } from "./words";

const WIDE = 8;
const HIGH = 22;

interface Props {
  food: Food;
  /** The first days of the months. */
  months: readonly string[];
}

/** What is picked of a crop month by month, and out of store below it what is eaten. */
export function MonthBars({ food, months }: Props) {
  const { units } = useDesk();
  const most = Math.max(...food.picked, ...food.eatenByMonth, 1e-9);
  return (
    <svg
      width={WIDE * months.length}
      height={HIGH}
      role="img"
      aria-label={months
        .map((month, index) =>
          words.inMonth(
            Number(month.slice(5, 7)),
            formatFood(food.picked[index] ?? 0, units),
            formatFood(food.eatenByMonth[index] ?? 0, units),
          ),
        )
        .join("; ")}
    >
      {months.map((month, index) => {
        const picked = ((food.picked[index] ?? 0) / most) * (HIGH - 2);
        const eaten = ((food.eatenByMonth[index] ?? 0) / most) * (HIGH - 2);
        return (
          <g key={month} transform={`translate(${String(index * WIDE)} 0)`}>
            <rect x="0.5" y={HIGH - 1 - picked} width={WIDE - 2} height={picked} fill="var(--color-leaf)" />
            <rect
              x="0.5"
              y={HIGH - 1 - eaten}
              width={WIDE - 2}
              height={eaten}
              fill="none"
              stroke="var(--color-ink)"
              strokeWidth="1"
            />
            <line x1="0" x2={WIDE} y1={HIGH - 0.5} y2={HIGH - 0.5} stroke="var(--color-hair)" />
          </g>
        );
      })}
    </svg>
  );
}
