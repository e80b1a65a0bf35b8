import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { today, useWriting } from "../journal/journal";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { Fault } from "../parts/Fault";
import { useDesk } from "../workspace/desk";
import { seasonName } from "../workspace/seasons";
import { lookBackWords as words } from "./lookBackWords";

export type Lesson = components["schemas"]["Lesson"];

/** What went wrong in the season, each with an edit for the coming one. */
export function LookBackPaper() {
  const { plan, garden, season, submit } = useDesk();
  const { write, refused } = useWriting();
  const [noted, setNoted] = useState<readonly string[]>([]);
  const { data } = useQuery({
    queryKey: ["look-back", plan.id, season, garden.revision],
    queryFn: () => request<Lesson[]>("GET", `/api/gardens/${plan.id}/look-back?season=${String(season)}`),
  });
  const names = new Map(plan.beds.map(({ id, name }) => [id, name]));

  async function bringUp({ key, words: note, step, bed }: Lesson) {
    const written = await write(
      {
        id: crypto.randomUUID(),
        day: dayIn(season, plan.yearBegins),
        about: true,
        note,
        nextTime: step,
        ...(bed === undefined ? {} : { place: bed }),
      },
      note,
    );
    if (written) setNoted((before) => [...before, key]);
  }

  const columns: Column<Lesson>[] = [
    { key: "kind", head: words.kindHead, value: ({ kind }) => words.kinds[kind], groups: true },
    { key: "what", head: words.whatHead, value: (lesson) => lesson.words },
    {
      key: "edit",
      head: words.editHead,
      value: ({ remedy }) => remedy?.words ?? words.noEdit,
      cell: (lesson) => (
        <span className="flex flex-wrap items-center gap-2">
          {lesson.remedy && (
            <button
              type="button"
              className="plain-button text-left"
              onClick={() => {
                if (lesson.remedy) submit(lesson.remedy.change);
              }}
            >
              {lesson.remedy.words}
            </button>
          )}
          {noted.includes(lesson.key) ? (
            <span role="status">{words.reminded}</span>
          ) : (
            <button
              type="button"
              className="text-button text-sm print:hidden"
              aria-label={words.remindNamed(lesson.words)}
              onClick={() => void bringUp(lesson)}
            >
              {words.remind}
            </button>
          )}
        </span>
      ),
    },
  ];
  return (
    <Paper
      title={words.title}
      rows={data}
      columns={columns}
      rowKey={({ key }) => key}
      concerns={({ bed }) => (bed !== undefined && names.has(bed) ? [bed] : [])}
      empty={words.nothing}
    >
      <p className="max-w-prose text-soft">
        {words.explained(seasonName(season, plan.yearBegins), seasonName(season + 1, plan.yearBegins))}
      </p>
      <Fault text={refused?.text} />
    </Paper>
  );
}

/** Today, or the last day of a season that is over. */
function dayIn(season: number, yearBegins: string): string {
  const begins = new Date(`${String(season + 1)}-${yearBegins.slice(-5)}T00:00:00Z`);
  begins.setUTCDate(begins.getUTCDate() - 1);
  const last = begins.toISOString().slice(0, 10);
  return today() < last ? today() : last;
}
