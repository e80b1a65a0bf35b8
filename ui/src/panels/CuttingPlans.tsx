import { useState } from "react";
import { useCutting } from "../api/queries";
import type { CuttingPlan, Units } from "../api/types";
import { formatLength } from "../measure/lengths";
import { useDesk } from "../workspace/desk";

type Cut = CuttingPlan["cutList"]["cuts"][number];

/** Board by board which pieces come out of it, for every kind of board that the bill buys. */
export function CuttingPlans() {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const { data } = useCutting(desk.plan.id, desk.garden.revision, open);
  const materials = new Map(desk.catalogue.materials.map((material) => [material.key, material.label]));
  return (
    <details
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer font-semibold">How the boards are cut</summary>
      {data?.length === 0 && <p className="text-soft">No frame needs boards.</p>}
      {data?.map(({ season, material, board, cutList }) => {
        const count = cutList.boards.reduce((sum, boards) => sum + boards.count, 0);
        return (
          <section key={`${String(season)} ${material} ${board}`} className="mt-2 border-t border-hair pt-1">
            <h4>
              {materials.get(material) ?? material}, {board}{" "}
              <span className="figures text-soft">{season}</span>
            </h4>
            <p className="text-sm">
              <span className="figures">{count}</span> {count === 1 ? "board" : "boards"};{" "}
              {count === cutList.least
                ? "no layout does with fewer."
                : `fewer than ${String(cutList.least)} can't do; more and shorter ones may be cheaper.`}
            </p>
            <ol>
              {cutList.cuts.map((cut, index) => (
                <li key={index} className="my-1">
                  <BoardPicture cut={cut} units={desk.units} longest={longestOf(cutList.cuts)} />
                </li>
              ))}
            </ol>
          </section>
        );
      })}
    </details>
  );
}

function longestOf(cuts: readonly Cut[]): number {
  return Math.max(...cuts.map((cut) => cut.stock));
}

const WIDE = 284;
const HIGH = 20;
/** Narrower than this a piece is not written on, units of the picture. */
const ROOM_FOR_WORDS = 54;

/** One board to scale with its pieces in the order of the cuts, what is left hatched. */
function BoardPicture({ cut, units, longest }: { cut: Cut; units: Units; longest: number }) {
  const scale = WIDE / longest;
  const pieces = cut.pieces.map((piece) => formatLength(piece, units));
  const starts = cut.pieces.map(
    (_, index) => cut.pieces.slice(0, index).reduce((sum, p) => sum + p, 0) * scale,
  );
  return (
    <figure>
      <svg
        viewBox={`0 0 ${String(WIDE + 2)} ${String(HIGH + 2)}`}
        className="w-full"
        role="img"
        aria-label={`Board of ${formatLength(cut.stock, units)}: ${pieces.join(", ")}`}
      >
        <rect
          x="1"
          y="1"
          width={cut.stock * scale}
          height={HIGH}
          fill="url(#built)"
          stroke="var(--color-ink)"
        />
        {cut.pieces.map((piece, index) => (
          <g key={index}>
            <rect
              x={1 + (starts[index] ?? 0)}
              y="1"
              width={piece * scale}
              height={HIGH}
              fill="var(--color-timber)"
              stroke="var(--color-ink)"
              strokeWidth="0.8"
            />
            {piece * scale >= ROOM_FOR_WORDS && (
              <text
                x={1 + (starts[index] ?? 0) + (piece * scale) / 2}
                y={HIGH / 2 + 5}
                textAnchor="middle"
                fontSize="10"
                className="figures"
              >
                {pieces[index]}
              </text>
            )}
          </g>
        ))}
      </svg>
      <figcaption className="text-sm text-soft">
        <span className="figures">{cut.times}</span> × {formatLength(cut.stock, units)}: {pieces.join(" + ")}
        {cut.rest > 0.001 && (
          <>
            , <span className="figures">{formatLength(cut.rest, units)}</span> left with the trim
          </>
        )}
      </figcaption>
    </figure>
  );
}
