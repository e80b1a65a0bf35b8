import { CartesianGrid, Legend, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from "recharts";
import { formatFood } from "../measure/food";
import { monthName } from "../measure/monthDays";
import { useDesk } from "../workspace/desk";
import { seasonName } from "../workspace/seasons";
import type { SeasonFigures } from "./seasons";
import { words } from "./words";

const TALL = 200;
const STROKES = ["var(--color-ochre)", "var(--color-ink)"];

const MONTHS = 12;
/** Not a leap year. */
const ANY_YEAR = 2027;
const WEEK = 7 * 24 * 3600 * 1000;

/** In which week of a season each month begins. */
function monthsOf(yearBegins: string): { week: number; name: string }[] {
  const [first = 1, day = 1] = yearBegins.slice(2).split("-").map(Number);
  const begins = Date.UTC(ANY_YEAR, first - 1, day);
  return Array.from({ length: MONTHS }, (_, index) => {
    const month = new Date(Date.UTC(ANY_YEAR, first - 1 + index, 1));
    return {
      week: Math.max(1, Math.floor((month.getTime() - begins) / WEEK) + 1),
      name: monthName(month.getUTCMonth() + 1, "short"),
    };
  });
}

/** How the harvest came in, week by week, one line for each season. */
export default function PickedByWeek({ pair: both }: { pair: readonly SeasonFigures[] }) {
  const { units, plan } = useDesk();
  // A season in which nothing was picked yet has no line.
  const pair = both.filter(({ picked }) => picked.kilograms > 0);
  const names = pair.map(({ season }) => seasonName(season, plan.yearBegins));
  const weeks = Array.from({ length: Math.max(...pair.map((each) => each.weeks.length)) }, (_, week) => ({
    week: week + 1,
    ...Object.fromEntries(pair.map((each, index) => [`s${String(index)}`, each.weeks[week]])),
  }));
  const months = monthsOf(plan.yearBegins);
  const weight = (kilograms: unknown) => formatFood(Number(kilograms), units);
  return (
    <figure className="w-full max-w-lg">
      <figcaption className="text-sm text-soft">{words.lines}</figcaption>
      <div
        role="img"
        aria-label={pair
          .map(({ picked: { kilograms } }, index) => words.soFar(names[index] ?? "", weight(kilograms)))
          .join("; ")}
      >
        <ResponsiveContainer width="100%" height={TALL}>
          <LineChart data={weeks} margin={{ top: 8, right: 8, bottom: 0, left: 0 }}>
            <CartesianGrid vertical={false} stroke="var(--color-hair)" />
            <XAxis
              dataKey="week"
              type="number"
              domain={[1, weeks.length]}
              ticks={months.map(({ week }) => week)}
              tickFormatter={(week) => months.find((month) => month.week === week)?.name ?? ""}
              tick={{ fontSize: 12 }}
            />
            <YAxis width={48} tick={{ fontSize: 12 }} tickFormatter={weight} />
            <Tooltip formatter={weight} labelFormatter={(week) => words.week(Number(week))} />
            <Legend />
            {pair.map(({ season }, index) => (
              <Line
                key={season}
                type="stepAfter"
                dataKey={`s${String(index)}`}
                name={names[index]}
                stroke={STROKES[index]}
                strokeWidth={2}
                strokeDasharray={index === 0 ? "5 3" : ""}
                dot={false}
                isAnimationActive={false}
              />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}
