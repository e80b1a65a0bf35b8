import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../api/client";
import type { Bed, Frame, FrameChoice, BedEdge } from "../api/types";
import { formatMoney, formatWeight } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { Choice } from "../parts/Choice";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { revisionIn } from "../workspace/revisionIn";
import { HowLong } from "../forms/HowLong";
import { reframing, walling } from "./reframe";

/** Two kinds of frames side by side for the same beds: what they cost now and by the year, how long they last, what they weigh. */
export function FrameComparison({ beds }: { beds: readonly Bed[] }) {
  const desk = useDesk();
  const all = beds.filter((bed) => revisionIn(bed, desk.season));
  const boarded = all.filter((bed) => revisionIn(bed, desk.season)?.frame);
  const standing = boarded.length > 0 ? boarded : all;
  const [open, setOpen] = useState(false);
  return (
    <details
      className="border-t border-rule pt-2"
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer font-semibold">Two kinds of frame, side by side</summary>
      {open && standing.length > 0 && <SideBySide beds={standing} />}
      {open && standing.length === 0 && <p className="text-soft">No bed stands in {desk.season}.</p>}
    </details>
  );
}

function SideBySide({ beds }: { beds: readonly Bed[] }) {
  const desk = useDesk();
  const now = beds.flatMap((bed) => revisionIn(bed, desk.season)?.frame ?? []);
  const [one, setOne] = useState<BedEdge>({ frame: now[0] ?? USUAL[desk.units][0] });
  const [other, setOther] = useState<BedEdge>({ frame: USUAL[desk.units][1] });
  const ids = beds.map((bed) => bed.id);
  const asked = { season: desk.season, beds: ids, choices: [one, other] };
  const { data, error } = useQuery({
    queryKey: ["frames", desk.plan.id, desk.garden.revision, asked],
    queryFn: () => request<FrameChoice[]>("POST", `/api/gardens/${desk.plan.id}/frame-comparison`, asked),
    placeholderData: (before) => before,
    retry: false,
  });

  function build({ frame, wall }: BedEdge) {
    const change = wall ? walling(beds, desk.season, wall) : reframing(beds, desk.season, frame);
    if (change) desk.submit(change);
  }

  return (
    <div className="space-y-2 pt-2">
      <p className="text-sm text-soft">
        {beds.length === 1 ? beds[0]?.name : `${String(beds.length)} beds`}, everything bought new.
      </p>
      <div className="grid grid-cols-2 gap-2">
        <Kind name="One" held={one} onChange={setOne} />
        <Kind name="Other" held={other} onChange={setOther} />
      </div>
      {error && (
        <p role="alert" className="text-sm text-snag">
          {error.message}
        </p>
      )}
      {data?.[0] && data[1] && <Figures one={data[0]} other={data[1]} onBuild={build} />}
      <HowLong work={["frame", "wall"]} />
      <p className="text-sm text-soft">{words.heavyBoards}</p>
    </div>
  );
}

interface KindProps {
  name: string;
  held: BedEdge;
  onChange: (held: BedEdge) => void;
}

function Kind({ name, held, onChange }: KindProps) {
  const { catalogue, units } = useDesk();
  const { materials, boards, masonries } = catalogue;
  const { frame, wall } = held;
  const courses = frame?.courses ?? wall?.courses ?? 1;
  return (
    <div className="min-w-0 space-y-1">
      <Choice
        label={`${name}: made of`}
        value={frame?.material ?? wall?.kind ?? ""}
        options={[
          ...materials.map((m) => ({ value: m.key, label: m.label })),
          ...masonries.map((m) => ({ value: m.key as string, label: `${m.label} (a wall)` })),
        ]}
        onChange={(chosen) => {
          const kind = masonries.find((m) => m.key === chosen)?.key;
          onChange(
            kind
              ? { wall: { kind, courses } }
              : { frame: { ...(frame ?? USUAL[units][0]), material: chosen } },
          );
        }}
      />
      {frame && (
        <Choice
          label={`${name}: board`}
          value={frame.board}
          options={boards.map((board) => ({ value: board.key, label: board.label }))}
          onChange={(board) => {
            onChange({ frame: { ...frame, board } });
          }}
        />
      )}
      <Choice
        label={`${name}: courses`}
        value={String(courses)}
        options={Array.from({ length: 12 }, (_, i) => ({ value: String(i + 1), label: String(i + 1) }))}
        onChange={(text) => {
          if (frame) onChange({ frame: { ...frame, courses: Number(text) } });
          if (wall) onChange({ wall: { ...wall, courses: Number(text) } });
        }}
      />
    </div>
  );
}

interface FiguresProps {
  one: FrameChoice;
  other: FrameChoice;
  onBuild: (held: BedEdge) => void;
}

function Figures({ one, other, onBuild }: FiguresProps) {
  const { units } = useDesk();
  const money = (amount: FrameChoice["cost"]) => (amount ? formatMoney(amount) : "no price");
  const rows: [string, (choice: FrameChoice) => string][] = [
    ["stands", (choice) => formatLength(choice.height, units)],
    ["boards, blocks", (choice) => String(choice.boards)],
    ["they cost", (choice) => money(choice.cost)],
    ["by the year", (choice) => money(choice.perYear)],
    ["to fill", (choice) => money(choice.fill)],
    ["to replace", (choice) => `${String(choice.replacedFrom)} to ${String(choice.replacedTo)}`],
    ["ties, stakes", (choice) => String(choice.supports)],
    ["work, about", (choice) => `${choice.hours.toFixed(0)} h`],
    [
      "longest",
      (choice) => (choice.heaviest === undefined ? "one piece" : formatLength(choice.heaviest, units)),
    ],
    ["it weighs", (choice) => formatWeight(choice.leastKilograms, choice.mostKilograms, units)],
  ];
  return (
    <table className="w-full text-sm" data-testid="frame-choices">
      <thead className="sr-only">
        <tr>
          <th>Figure</th>
          <th>One</th>
          <th>Other</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, figure]) => (
          <tr key={name} className="border-b border-hair">
            <th scope="row" className="py-0.5 pr-2 text-left font-normal text-soft">
              {name}
            </th>
            <td className="figures text-right whitespace-nowrap">{figure(one)}</td>
            <td className="figures pl-2 text-right whitespace-nowrap">{figure(other)}</td>
          </tr>
        ))}
        <tr>
          <td />
          {[one, other].map((choice, index) => (
            <td key={index} className="pt-1 text-right">
              <button
                type="button"
                className="plain-button"
                aria-label={`Build the beds as the ${index === 0 ? "one" : "other"}`}
                onClick={() => {
                  onBuild(choice.of);
                }}
              >
                Build so
              </button>
            </td>
          ))}
        </tr>
      </tbody>
    </table>
  );
}

/** What the comparison begins with. */
const USUAL: Readonly<Record<"METRIC" | "FEET_AND_INCHES", readonly [Frame, Frame]>> = {
  METRIC: [
    { material: "softwood", board: "22x150 mm", courses: 1, joint: "SIDES_PAST" },
    { material: "treated", board: "47x200 mm", courses: 2, joint: "SIDES_PAST" },
  ],
  FEET_AND_INCHES: [
    { material: "cedar", board: "fence 5/8x6", courses: 1, joint: "SIDES_PAST" },
    { material: "treated", board: "2x10", courses: 2, joint: "SIDES_PAST" },
  ],
};
