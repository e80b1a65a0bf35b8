import { Bar, BarChart, CartesianGrid, Legend, ResponsiveContainer, Tooltip, XAxis, YAxis } from "recharts";
import { useDesk } from "../workspace/desk";
import type { BedRow } from "./BedsSideBySide";
import { perArea } from "./sideBySide";
import { words } from "./words";

const ROW = 34;
const HEAD = 60;
const FILLS = ["var(--color-rule)", "var(--color-leaf)"];

/** What each bed gave on each square metre: a bar for each season. */
export default function PickedByBed({
  rows,
  seasons,
}: {
  rows: readonly BedRow[];
  seasons: readonly string[];
}) {
  const { units } = useDesk();
  const picked = rows.filter(({ of }) => of.some((bed) => (bed?.picked.kilograms ?? 0) > 0));
  const data = picked.map(({ name, of }) => ({
    name,
    ...Object.fromEntries(of.map((bed, index) => [`s${String(index)}`, bed?.perSquareMetre])),
  }));
  const told = (value: unknown) => perArea(Number(value), units);
  return (
    <figure className="w-full max-w-2xl">
      <figcaption className="text-sm text-soft">{words.bars(words.areas[units])}</figcaption>
      <div
        role="img"
        aria-label={picked
          .map(({ name, of }) =>
            words.soFar(name, of.map((bed) => perArea(bed?.perSquareMetre, units)).join(", ")),
          )
          .join("; ")}
      >
        <ResponsiveContainer width="100%" height={picked.length * ROW + HEAD}>
          <BarChart data={data} layout="vertical" margin={{ top: 8, right: 8, bottom: 0, left: 0 }}>
            <CartesianGrid horizontal={false} stroke="var(--color-hair)" />
            <XAxis type="number" tick={{ fontSize: 12 }} tickFormatter={told} />
            <YAxis type="category" dataKey="name" width={110} tick={{ fontSize: 12 }} />
            <Tooltip formatter={told} itemStyle={{ color: "var(--color-ink)" }} />
            <Legend
              formatter={(name: string) => <span className="text-ink">{name}</span>}
              itemSorter={null}
            />
            {seasons.map((season, index) => (
              <Bar
                key={season}
                dataKey={`s${String(index)}`}
                name={season}
                fill={FILLS[index]}
                isAnimationActive={false}
              />
            ))}
          </BarChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}
