import { useState } from "react";
import { formatFood } from "../measure/food";
import { formatDay } from "../measure/halfMonths";
import type { Column } from "../papers/columns";
import { WaitingEntries } from "../outdoors/WaitingEntries";
import { Paper } from "../papers/Paper";
import { SmallTable } from "../parts/SmallTable";
import { useDesk } from "../workspace/desk";
import { DiseasedSoil } from "./DiseasedSoil";
import { EntryForm } from "./EntryForm";
import { formatPicked } from "./formatPicked";
import { useJournal, useSentLater, useWriting, type JournalLine, type JournalPage } from "./journal";
import { PhotoCell } from "./PhotoCell";
import { useEntryWords } from "./useEntryWords";
import { words } from "./words";

/** What happened in the season, the newest day first. */
export function JournalPaper() {
  const { units, season, plan, things } = useDesk();
  const [page, setPage] = useState(0);
  const told = useJournal(page);
  useSentLater();
  const entryWords = useEntryWords();
  const { takeBack } = useWriting();
  const names = new Map(
    [...things.values(), ...plan.beds, ...plan.plantings].map(({ id, name }) => [id, name]),
  );
  const dayOf = ({ entry: { day, about } }: JournalLine) =>
    about ? words.roughly(formatDay(day, season)) : formatDay(day, season);
  const columns: Column<JournalLine>[] = [
    { key: "day", head: words.whenHead, value: ({ entry }) => entry.day, text: dayOf },
    { key: "what", head: words.happened, value: ({ entry }) => entryWords(entry) },
    {
      key: "place",
      head: words.where,
      value: ({ entry: { place } }) => (place === undefined ? "" : (names.get(place) ?? "")),
      groups: true,
    },
    {
      key: "amount",
      head: words.amountHead,
      value: ({ entry: { harvest } }) => harvest?.kilograms ?? null,
      text: ({ entry: { harvest } }) => formatPicked(harvest ?? {}, units),
      figures: true,
    },
    {
      key: "hours",
      head: words.hoursHead,
      value: ({ entry: { done } }) => done?.hours ?? null,
      text: ({ entry: { done } }) => (done?.hours === undefined ? "" : `${String(done.hours)} h`),
      figures: true,
    },
    {
      key: "photo",
      head: words.photo,
      value: ({ photo }) => (photo ? words.photo : ""),
      cell: (line) => <PhotoCell line={line} said={entryWords(line.entry)} />,
    },
    { key: "by", head: words.byHead, value: ({ by }) => by ?? "", groups: true },
    {
      key: "state",
      head: words.stateHead,
      value: ({ takenBack }) => (takenBack ? words.takenBack : words.counts),
      cell: (line) =>
        line.takenBack ? (
          words.takenBack
        ) : (
          <button
            type="button"
            className="text-button text-sm"
            aria-label={words.takeBackNamed(entryWords(line.entry), dayOf(line))}
            onClick={() => void takeBack(line.entry.id)}
          >
            {words.takeBack}
          </button>
        ),
    },
  ];
  return (
    <Paper
      title={words.title}
      rows={told?.lines}
      columns={columns}
      rowKey={({ entry }) => entry.id}
      concerns={({ entry: { place } }) => (place === undefined ? [] : [place])}
      empty={words.nothing}
      below={told && told.pages > 1 && <Pages told={told} onPage={setPage} />}
    >
      <p className="max-w-prose text-soft">{words.explained}</p>
      <EntryForm />
      <WaitingEntries />
      <DiseasedSoil />
      {told && told.crops.length > 0 && <Year told={told} />}
    </Paper>
  );
}

/** What was picked against what the plantings give. */
function Year({ told: { crops } }: { told: JournalPage }) {
  const { units } = useDesk();
  return (
    <details data-testid="picked">
      <summary className="cursor-pointer">{words.yearTitle}</summary>
      <div className="max-h-64 max-w-md overflow-y-auto py-1">
        <SmallTable
          heads={[words.cropHead, words.pickedHead, words.plannedHead].map((text) => ({ text }))}
          rows={crops.map(({ crop, name, picked, planned }) => ({
            key: crop,
            head: name,
            cells: [formatPicked(picked, units), planned > 0 ? formatFood(planned, units) : ""],
          }))}
        />
      </div>
    </details>
  );
}

function Pages({ told: { page, pages }, onPage }: { told: JournalPage; onPage: (page: number) => void }) {
  const button = (label: string, to: number) => (
    <button
      type="button"
      className="plain-button"
      disabled={to < 0 || to >= pages}
      onClick={() => {
        onPage(to);
      }}
    >
      {label}
    </button>
  );
  return (
    <nav className="flex items-center gap-2 border-t border-hair px-4 py-1.5 text-sm">
      {button(words.newer, page - 1)}
      <span>{words.pageOf(page + 1, pages)}</span>
      {button(words.older, page + 1)}
    </nav>
  );
}
