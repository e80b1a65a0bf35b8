import { Bar, BarChart, CartesianGrid, Legend, ResponsiveContainer, Tooltip, XAxis, YAxis } from "recharts";
import { formatMoney } from "../measure/figures";
import { useDesk } from "../workspace/desk";
import { seasonName } from "../workspace/seasons";
import type { YearAhead } from "./wear";
import { wearWords as words } from "./wearWords";

const TALL = 190;

/** What the years ahead cost and how much work they make: what is planned, and on top of it what wears out. */
export default function YearsAhead({ years }: { years: readonly YearAhead[] }) {
  const { plan } = useDesk();
  const { currency } = plan.budget.sum;
  const money = (amount: number) => formatMoney({ amount: amount.toFixed(0), currency });
  return (
    <div className="flex flex-wrap gap-x-8 gap-y-2 py-1" data-testid="years-ahead">
      <Stacked
        caption={words.money}
        told={money}
        bars={years.map(({ season, planned, renewals }) => ({
          year: seasonName(season, plan.yearBegins),
          planned: Number(planned.amount),
          renewals: Number(renewals.amount),
        }))}
      />
      <Stacked
        caption={words.hours}
        told={words.hoursOf}
        bars={years.map(({ season, plannedHours, renewalHours }) => ({
          year: seasonName(season, plan.yearBegins),
          planned: plannedHours,
          renewals: renewalHours,
        }))}
      />
    </div>
  );
}

interface StackedProps {
  caption: string;
  told: (value: number) => string;
  bars: { year: string; planned: number; renewals: number }[];
}

function Stacked({ caption, told, bars }: StackedProps) {
  return (
    <figure className="w-full max-w-md">
      <figcaption className="text-sm text-soft">{caption}</figcaption>
      <div
        role="img"
        aria-label={bars
          .map(({ year, planned, renewals }) => words.ofYear(year, told(planned), told(renewals)))
          .join("; ")}
      >
        <ResponsiveContainer width="100%" height={TALL}>
          <BarChart data={bars} margin={{ top: 8, right: 8, bottom: 0, left: 0 }}>
            <CartesianGrid vertical={false} stroke="var(--color-hair)" />
            <XAxis dataKey="year" tick={{ fontSize: 12 }} />
            <YAxis width={64} tick={{ fontSize: 12 }} tickFormatter={told} />
            <Tooltip
              formatter={(value: unknown) => told(Number(value))}
              itemStyle={{ color: "var(--color-ink)" }}
            />
            <Legend
              formatter={(name: string) => <span className="text-ink">{name}</span>}
              itemSorter={null}
            />
            <Bar
              stackId="year"
              dataKey="planned"
              name={words.planned}
              fill="var(--color-leaf)"
              isAnimationActive={false}
            />
            <Bar
              stackId="year"
              dataKey="renewals"
              name={words.renewals}
              fill="var(--color-ochre)"
              isAnimationActive={false}
            />
          </BarChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}
