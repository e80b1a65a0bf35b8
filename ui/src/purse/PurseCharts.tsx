import {
  Bar,
  BarChart,
  CartesianGrid,
  Legend,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";
import type { Forecast, Money } from "../api/types";
import { formatMoney } from "../measure/figures";
import { partName } from "./words";

const INK = "var(--color-ink)";
const PAID = INK;
const ORDERED = "var(--color-ochre)";
const TO_COME = "var(--color-rule)";
const TALL = 220;
const ROW = 34;

/** The purse over the seasons against the budget, and planned against paid for each part of the work. */
export default function PurseCharts({ forecast }: { forecast: Forecast }) {
  const seasons = forecast.bySeason.map(({ season, paid, committed, toCome }) => ({
    season,
    paid: Number(paid.amount),
    ordered: Number(committed.amount),
    toCome: Number(toCome.amount),
  }));
  const parts = forecast.byPart.map(({ part, planned, paid }) => ({
    part: partName(part),
    planned: Number(planned.amount),
    paid: Number(paid.amount),
  }));
  const told = (amount: unknown) => formatMoney(moneyLike(forecast.budget, Number(amount)));
  return (
    <>
      <figure>
        <figcaption>
          What each season takes of <span className="figures">{formatMoney(forecast.budget)}</span>
        </figcaption>
        <div role="img" aria-label={inWords(forecast)}>
          <ResponsiveContainer width="100%" height={TALL}>
            <BarChart data={upTo(seasons)} margin={{ top: 8, right: 8, bottom: 0, left: 0 }}>
              <CartesianGrid vertical={false} stroke="var(--color-hair)" />
              <XAxis dataKey="season" tick={{ fontSize: 12 }} />
              <YAxis
                width={48}
                tick={{ fontSize: 12 }}
                domain={[0, highest(forecast)]}
                tickFormatter={grouped}
              />
              <ReferenceLine
                y={Number(forecast.budget.amount)}
                stroke="var(--color-snag)"
                strokeDasharray="4 3"
              />
              <Tooltip formatter={told} itemStyle={{ color: INK }} />
              <Legend formatter={inInk} itemSorter={null} />
              <Bar
                dataKey="before"
                name="seasons before"
                stackId="all"
                fill="var(--color-hair)"
                isAnimationActive={false}
              />
              <Bar dataKey="paid" name="paid" stackId="all" fill={PAID} isAnimationActive={false} />
              <Bar dataKey="ordered" name="ordered" stackId="all" fill={ORDERED} isAnimationActive={false} />
              <Bar dataKey="toCome" name="to come" stackId="all" fill={TO_COME} isAnimationActive={false} />
            </BarChart>
          </ResponsiveContainer>
        </div>
      </figure>
      <figure>
        <figcaption>Planned and paid, by part</figcaption>
        <ResponsiveContainer width="100%" height={parts.length * ROW + 60}>
          <BarChart data={parts} layout="vertical" margin={{ top: 8, right: 8, bottom: 0, left: 0 }}>
            <CartesianGrid horizontal={false} stroke="var(--color-hair)" />
            <XAxis type="number" tick={{ fontSize: 12 }} tickFormatter={grouped} />
            <YAxis type="category" dataKey="part" width={64} tick={{ fontSize: 12 }} />
            <Tooltip formatter={told} itemStyle={{ color: INK }} />
            <Legend formatter={inInk} itemSorter={null} />
            <Bar dataKey="planned" name="planned" fill={TO_COME} isAnimationActive={false} />
            <Bar dataKey="paid" name="paid" fill={PAID} isAnimationActive={false} />
          </BarChart>
        </ResponsiveContainer>
      </figure>
    </>
  );
}

/** The pale colours of the bars are none for words. */
function inInk(name: string) {
  return <span className="text-ink">{name}</span>;
}

interface Season {
  season: number;
  paid: number;
  ordered: number;
  toCome: number;
}

/** Each season stands on those before it, so that the last one shows what all of them take. */
export function upTo(seasons: readonly Season[]): (Season & { before: number })[] {
  const of = ({ paid, ordered, toCome }: Season) => paid + ordered + toCome;
  return seasons.map((season, index) => ({
    ...season,
    before: seasons.slice(0, index).reduce((sum, each) => sum + of(each), 0),
  }));
}

/** Room for the budget's line as well as for the bars. */
function highest({ budget, paid, committed, toCome }: Forecast): number {
  const all = Number(paid.amount) + Number(committed.amount) + Number(toCome.amount);
  return Math.ceil((Math.max(Number(budget.amount), all) * 1.05) / 100) * 100;
}

function inWords(forecast: Forecast): string {
  return forecast.bySeason
    .map(
      ({ season, paid, committed, toCome }) =>
        `${String(season)}: ${formatMoney(paid)} paid, ${formatMoney(committed)} ordered, ${formatMoney(toCome)} to come`,
    )
    .join("; ");
}

/** With as many decimals as the currency has. */
function moneyLike({ amount, currency }: Money, value: number): Money {
  return { amount: value.toFixed(amount.split(".")[1]?.length ?? 0), currency };
}

function grouped(amount: number): string {
  return amount.toLocaleString("en");
}
