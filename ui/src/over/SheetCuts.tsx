import { useMemo, useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { useSolve, type Question } from "../api/solves";
import { formatMoney } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { Fault } from "../parts/Fault";
import { words as everywhere } from "../words";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

type CutSheets = components["schemas"]["CutSheets"];
type Sheet = CutSheets["sheets"][number];

/** Sheet by sheet what is cut from it, in every season. */
export function SheetCuts() {
  const { plan, garden } = useDesk();
  const { id } = plan;
  const { revision } = garden;
  const [open, setOpen] = useState(false);
  const { data: quick } = useQuery({
    queryKey: ["cutting/sheets", id, revision],
    queryFn: () => request<CutSheets[]>("GET", `/api/gardens/${id}/cutting/sheets`),
    enabled: open,
    staleTime: Infinity,
  });
  const needed = open && quick !== undefined && quick.length > 0;
  // What was found for the plan as it was before says nothing of this one.
  const question = useMemo<(Question & { revision: number }) | null>(
    () => (needed ? { garden: id, what: "cutting/sheets/best", query: "", revision } : null),
    [needed, id, revision],
  );
  const { told, open: looking, fault, stop } = useSolve<CutSheets>(question);
  return (
    <details
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer font-semibold">{words.sheets}</summary>
      {quick?.length === 0 && <p className="text-soft">{words.noSheets}</p>}
      {needed && (
        <p className="text-sm text-soft" role="status">
          {looking ? everywhere.underWay(told, words.looking, words.goods) : ""}
          {!looking && told?.state === "STOPPED" ? words.stopped : ""}
        </p>
      )}
      {looking && told && (
        <button type="button" className="plain-button" onClick={stop}>
          {words.stop}
        </button>
      )}
      <Fault text={fault} />
      {quick?.map((cut) => {
        const better = told?.best.find((best) => key(best) === key(cut));
        return <CutOfOneGood key={key(cut)} cut={better ?? cut} quick={!better} />;
      })}
    </details>
  );
}

function key({ season, part, good }: CutSheets): string {
  return [season, part, good].join(" ");
}

function CutOfOneGood({ cut, quick }: { cut: CutSheets; quick: boolean }) {
  const { units } = useDesk();
  const count = cut.sheets.reduce((sum, { times }) => sum + times, 0);
  const widest = Math.max(...cut.sheets.map(({ length }) => length));
  return (
    <section className="mt-2 border-t border-hair pt-1" data-testid="cut-sheets">
      <h4>
        {cut.label} <span className="figures text-soft">{cut.season}</span>
      </h4>
      <p className="text-sm">
        {words.bought(count)}
        {cut.cost && words.for(formatMoney(cut.cost))}; {verdict(cut, quick)}
      </p>
      {cut.sheets.map((sheet, index) => (
        <SheetPicture key={index} sheet={sheet} widest={widest} pieces={cut.pieces} />
      ))}
      <ul className="text-sm">
        {cut.pieces.map(({ mark, name, length, width, count: pieces }) => (
          <li key={mark}>
            <b>{mark}</b> {name}, {formatLength(length, units)} × {formatLength(width, units)}, {pieces} ×
          </li>
        ))}
      </ul>
    </section>
  );
}

function verdict({ least, bound }: CutSheets, quick: boolean): string {
  if (least) return words.least;
  if (quick) return words.quick;
  return bound ? words.bound(formatMoney(bound)) : words.noneFound;
}

const WIDE = 284;
/** Narrower and lower than this a piece is not written on, units of the picture. */
const ROOM = 11;

/** One sheet to scale with its pieces, what is left hatched. */
function SheetPicture(props: { sheet: Sheet; widest: number; pieces: CutSheets["pieces"] }) {
  const { units } = useDesk();
  const { sheet, widest } = props;
  const scale = WIDE / widest;
  const size = `${formatLength(sheet.length, units)} × ${formatLength(sheet.width, units)}`;
  const marks = sheet.cuts.map(({ mark }) => mark).join(", ");
  return (
    <figure className="my-1">
      <svg
        viewBox={`0 0 ${String(WIDE + 2)} ${String(sheet.width * scale + 2)}`}
        className="w-full"
        role="img"
        aria-label={words.sheet(size, marks)}
      >
        <rect
          x="1"
          y="1"
          width={sheet.length * scale}
          height={sheet.width * scale}
          fill="url(#built)"
          stroke="var(--color-ink)"
        />
        {sheet.cuts.map((cut, index) => (
          <g key={index}>
            <rect
              x={1 + cut.x * scale}
              y={1 + cut.y * scale}
              width={cut.along * scale}
              height={cut.across * scale}
              fill="var(--color-timber)"
              stroke="var(--color-ink)"
              strokeWidth="0.8"
            />
            {Math.min(cut.along, cut.across) * scale >= ROOM && (
              <text
                x={1 + (cut.x + cut.along / 2) * scale}
                y={1 + (cut.y + cut.across / 2) * scale + 4}
                textAnchor="middle"
                fontSize="10"
              >
                {cut.mark}
              </text>
            )}
          </g>
        ))}
      </svg>
      <figcaption className="text-sm text-soft">
        <span className="figures">{sheet.times}</span> × {size}
      </figcaption>
    </figure>
  );
}
