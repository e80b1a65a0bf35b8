import { lazy, Suspense } from "react";
import { formatMoney } from "../measure/figures";
import { sumOf, type Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";
import { seasonName } from "../workspace/seasons";
import { useWear, type Worn } from "./wear";
import { wearWords as words } from "./wearWords";

const YearsAhead = lazy(() => import("./YearsAhead"));

/** How old the parts of the garden are, and what the years ahead cost. */
export function WearPaper() {
  const { plan } = useDesk();
  const told = useWear();
  const nameOf = (season: number) => seasonName(season, plan.yearBegins);
  const columns: Column<Worn>[] = [
    {
      key: "state",
      head: words.stateHead,
      value: ({ state }) => words.states[state],
      cell: ({ state }) => (
        <span className={state === "GOOD" ? "" : "font-bold text-snag"}>{words.states[state]}</span>
      ),
      groups: true,
    },
    { key: "thing", head: words.thingHead, value: ({ name }) => name, groups: true },
    { key: "part", head: words.partHead, value: ({ part }) => part, groups: true },
    { key: "made", head: words.madeHead, value: ({ made }) => made, text: ({ made }) => nameOf(made) },
    {
      key: "age",
      head: words.ageHead,
      value: ({ age }) => age,
      text: ({ age }) => words.seasons(age),
      figures: true,
    },
    {
      key: "lasts",
      head: words.lastsHead,
      value: ({ least }) => least,
      text: ({ least, most }) => words.range(least, most),
      figures: true,
    },
    {
      key: "due",
      head: words.dueHead,
      value: ({ due }) => due ?? null,
      text: ({ due }) => (due === undefined ? words.notDue : nameOf(due)),
      groups: true,
    },
    {
      key: "cost",
      head: words.costHead,
      value: ({ cost }) => (cost === undefined ? null : Number(cost.amount)),
      text: ({ cost }) => (cost === undefined ? words.later : formatMoney(cost)),
      figures: true,
      sum: (rows) => sumOf(rows.map(({ cost }) => cost)),
    },
  ];
  return (
    <Paper
      title={words.title}
      rows={told?.parts}
      columns={columns}
      rowKey={({ thing, part, made }) => [thing, part, made].join(" ")}
      concerns={({ thing }) => [thing]}
      empty={words.empty}
    >
      <p className="max-w-prose text-soft">{words.explained}</p>
      {told && (
        <Suspense fallback={null}>
          <YearsAhead years={told.years} />
        </Suspense>
      )}
    </Paper>
  );
}
