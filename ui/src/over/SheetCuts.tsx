import { useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";
import { formatMoney } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

type CutSheets = components["schemas"]["CutSheets"];
type Sheet = CutSheets["sheets"][number];

/** Sheet by sheet what is cut from it, in every season. */
export function SheetCuts() {
  const { plan, garden } = useDesk();
  const [open, setOpen] = useState(false);
  const { data } = useQuery({
    queryKey: ["cutting/sheets", plan.id, garden.revision],
    queryFn: () => request<CutSheets[]>("GET", `/api/gardens/${plan.id}/cutting/sheets`),
    enabled: open,
    staleTime: Infinity,
  });
  return (
    <details
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer font-semibold">{words.sheets}</summary>
      {data?.length === 0 && <p className="text-soft">{words.noSheets}</p>}
      {data?.map((cut) => (
        <CutOfOneGood key={[cut.season, cut.part, cut.good].join(" ")} cut={cut} />
      ))}
    </details>
  );
}

function CutOfOneGood({ cut }: { cut: CutSheets }) {
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
        {cut.cost && words.for(formatMoney(cut.cost))}; {verdict(cut)}
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

function verdict({ least, bound }: CutSheets): string {
  if (least) return words.least;
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
