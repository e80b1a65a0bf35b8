import { useState } from "react";
import { formatPicked } from "../journal/formatPicked";
import { useEntryWords } from "../journal/useEntryWords";
import { formatDay } from "../measure/halfMonths";
import { formatLength } from "../measure/lengths";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { Choice } from "../parts/Choice";
import { useDesk } from "../workspace/desk";
import { seasonName } from "../workspace/seasons";
import { useBedStory, type Chapter } from "./seasons";
import { perArea } from "./sideBySide";
import { words } from "./words";

/** A bed through all its seasons. */
export function StoryPaper() {
  const { plan, units, selection, bedById } = useDesk();
  const [chosen, setChosen] = useState<string>();
  const selected = plan.beds.find(({ id }) => selection.has(id))?.id;
  const standing = plan.beds.find(({ id }) => bedById.has(id))?.id ?? plan.beds[0]?.id;
  const bed = plan.beds.find(({ id }) => id === chosen)?.id ?? selected ?? standing;
  const story = useBedStory(bed);
  const entryWords = useEntryWords();
  const first = story?.chapters[0]?.season;
  const was = (chapter: Chapter) => {
    if (!chapter.built) return words.asBefore;
    const length = (metres: number) => formatLength(metres, units);
    const size = words.size(
      words.holders[chapter.holder],
      length(chapter.length),
      length(chapter.width),
      chapter.height > 0 ? length(chapter.height) : "",
    );
    return `${chapter.season === first ? words.built : words.rebuilt}: ${size}`;
  };
  const columns: Column<Chapter>[] = [
    { key: "season", head: words.seasonHead, value: ({ season }) => seasonName(season, plan.yearBegins) },
    { key: "was", head: words.wasHead, value: was },
    {
      key: "grew",
      head: words.grewHead,
      value: ({ grown, season }) =>
        grown
          .map(({ name, from, until }) =>
            words.grown(name, formatDay(from, season), formatDay(until, season)),
          )
          .join("; "),
    },
    {
      key: "picked",
      head: words.picked,
      value: ({ picked }) => picked.kilograms,
      text: (chapter) => formatPicked(chapter.picked, units),
      figures: true,
    },
    {
      key: "area",
      head: words.perArea(words.areas[units]),
      value: ({ perSquareMetre }) => perSquareMetre ?? null,
      text: ({ picked, perSquareMetre }) => (picked.kilograms > 0 ? perArea(perSquareMetre, units) : ""),
      figures: true,
    },
    {
      key: "hours",
      head: words.work,
      value: ({ hours }) => hours,
      text: ({ hours }) => (hours > 0 ? words.hoursOf(hours) : ""),
      figures: true,
    },
    {
      key: "noted",
      head: words.notedHead,
      value: ({ told, season }) =>
        told.map((entry) => words.onDay(formatDay(entry.day, season), entryWords(entry))).join("; "),
    },
  ];
  return (
    <Paper
      title={words.storyTitle}
      rows={bed === undefined ? [] : story?.chapters}
      columns={columns}
      rowKey={({ season }) => String(season)}
      concerns={() => (bed === undefined ? [] : [bed])}
      empty={bed === undefined ? words.noBed : words.noStory}
    >
      <p className="max-w-prose text-soft">{words.storyExplained}</p>
      {bed !== undefined && (
        <div className="max-w-xs">
          <Choice
            label={words.whichBed}
            value={bed}
            options={plan.beds.map(({ id, name }) => ({ value: id, label: name }))}
            onChange={setChosen}
          />
        </div>
      )}
    </Paper>
  );
}
