import { useMemo, useState } from "react";
import { useCutting } from "../api/queries";
import { useSolve, type Question } from "../api/solves";
import type { BestCutting, CuttingPlan, Units } from "../api/types";
import { formatMoney } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { CheckField } from "../parts/CheckField";
import { words as everywhere } from "../words";
import { useDesk } from "../workspace/desk";
import { SawAndShed } from "./SawAndShed";
import { words } from "./words";

type Cut = CuttingPlan["cutList"]["cuts"][number];

/** Board by board which pieces come out of it, for every kind of board, as the bill and the shopping list buy them. */
export function CuttingPlans() {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const [alone, setAlone] = useState(false);
  const chosen = alone ? [...desk.selection].sort().join(",") : "";
  const { data: quick } = useCutting(desk.plan.id, desk.garden.revision, chosen, open);
  const needed = open && quick !== undefined && quick.length > 0;
  const garden = desk.plan.id;
  const revision = desk.garden.revision;
  // What was found for the plan as it was before says nothing of this one.
  const question = useMemo<(Question & { revision: number }) | null>(
    () => (needed ? { garden, what: "cutting/best", query: `?beds=${chosen}`, revision } : null),
    [needed, garden, chosen, revision],
  );
  const { told, open: looking, fault, stop } = useSolve<BestCutting>(question);
  const best = told?.best;
  const seasons = [...new Set(quick?.map(({ season }) => season))];
  const materials = new Map(desk.catalogue.materials.map((material) => [material.key, material.label]));
  const boards = new Map(desk.catalogue.boards.map(({ key, label }) => [key, label]));
  const name = ({ material, board }: { material: string; board: string }) =>
    `${materials.get(material) ?? material}, ${boards.get(board) ?? board}`;
  return (
    <details
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer font-semibold">How the boards are cut</summary>
      {open && desk.selection.size > 0 && (
        <CheckField
          label={`Only of the selected beds (${String(desk.selection.size)}), as if bought for them alone`}
          checked={alone}
          onChange={setAlone}
        />
      )}
      {quick?.length === 0 && <p className="text-soft">{words.noBoards}</p>}
      {quick && quick.length > 0 && (
        <>
          <SawAndShed
            kinds={quick.map(({ material, board }) => ({
              material,
              board,
              label: name({ material, board }),
            }))}
          />
          <p className="flex flex-wrap gap-x-3">
            {seasons.map((season) => (
              <a
                key={season}
                className="text-button"
                href={`/api/gardens/${desk.plan.id}/cutting.pdf?season=${String(season)}${chosen && `&beds=${chosen}`}`}
                download
              >
                Cutting sheet <span className="figures">{season}</span> (PDF)
              </a>
            ))}
          </p>
          <p className="text-sm text-soft" role="status">
            {looking ? everywhere.underWay(told, "Looking for the cheapest layout", "kinds of boards") : ""}
            {!looking && told?.state === "STOPPED" ? "Stopped: the rest is laid out by the quick rule." : ""}
          </p>
          {looking && told && (
            <button type="button" className="plain-button" onClick={stop}>
              Stop looking
            </button>
          )}
          {fault && (
            <p role="alert" className="text-sm text-snag">
              {fault}
            </p>
          )}
        </>
      )}
      {quick?.map((plan) => {
        const better = best?.find(
          (b) =>
            b.season === plan.season &&
            b.part === plan.part &&
            b.material === plan.material &&
            b.board === plan.board,
        );
        const { boards, cuts, least } = (better ?? plan).cutList;
        const marks = new Map(plan.pieces.map(({ mark, length }) => [length, mark]));
        const there = (better ?? plan).cutList.shed.reduce((sum, each) => sum + each.count, 0);
        const count = boards.reduce((sum, each) => sum + each.count, 0);
        return (
          <section
            key={`${String(plan.season)} ${plan.part} ${plan.material} ${plan.board}`}
            className="mt-2 border-t border-hair pt-1"
            data-testid="cutting"
          >
            <h4>
              {name(plan)}
              {plan.part === "FENCE" && ` ${words.forFences}`}{" "}
              <span className="figures text-soft">{plan.season}</span>
            </h4>
            <p className="text-sm">
              <span className="figures">{count}</span> {count === 1 ? "board" : "boards"}
              {better?.cost && (
                <>
                  {" "}
                  for <span className="figures">{formatMoney(better.cost)}</span>
                </>
              )}
              {there > 0 && (
                <>
                  {" "}
                  and <span className="figures">{there}</span> from the shed
                </>
              )}
              ; {better ? verdict(better) : quickVerdict(count, least)}
            </p>
            <ol>
              {cuts.map((cut, index) => (
                <li key={index} className="my-1">
                  <BoardPicture cut={cut} marks={marks} units={desk.units} longest={longestOf(cuts)} />
                </li>
              ))}
            </ol>
          </section>
        );
      })}
    </details>
  );
}

function verdict({ least, bound, cost, fewer, dearer }: BestCutting): string {
  if (fewer) {
    return dearer
      ? `the cheapest layout costs ${formatMoney(dearer)} less and takes more boards.`
      : "another takes less length and more boards.";
  }
  if (!cost) return least ? "no layout buys less length." : "none found buys less length.";
  if (least) return "no layout costs less.";
  return bound
    ? `none found costs less, and none can cost less than ${formatMoney(bound)}.`
    : "none found costs less.";
}

function quickVerdict(count: number, least: number): string {
  return count === least
    ? "no layout does with fewer."
    : `fewer than ${String(least)} can't do; more and shorter ones may be cheaper.`;
}

function longestOf(cuts: readonly Cut[]): number {
  return Math.max(...cuts.map((cut) => cut.stock));
}

const WIDE = 284;
const HIGH = 20;
/** A letter takes so much on a piece, units of the picture. */
const LETTER = 6.3;

/** One board to scale with its pieces in the order of the cuts, what is left hatched. */
function BoardPicture(props: { cut: Cut; marks: Map<number, string>; units: Units; longest: number }) {
  const { cut, units, longest } = props;
  const scale = WIDE / longest;
  const pieces = cut.pieces.map((piece) =>
    `${props.marks.get(piece) ?? ""} ${formatLength(piece, units)}`.trim(),
  );
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
            {fitting(pieces[index] ?? "", piece * scale) && (
              <text
                x={1 + (starts[index] ?? 0) + (piece * scale) / 2}
                y={HIGH / 2 + 5}
                textAnchor="middle"
                fontSize="10"
                className="figures"
              >
                {fitting(pieces[index] ?? "", piece * scale)}
              </text>
            )}
          </g>
        ))}
      </svg>
      <figcaption className="text-sm text-soft">
        <span className="figures">{cut.times}</span> × {formatLength(cut.stock, units)}
        {cut.fromShed && " from the shed"}: {pieces.join(" + ")}
        {cut.rest > 0.001 && (
          <>
            , <span className="figures">{formatLength(cut.rest, units)}</span> left with the trim
          </>
        )}
      </figcaption>
    </figure>
  );
}

/** Mark and length, or the mark alone, or nothing, as there is room. */
function fitting(words: string, room: number): string {
  const [mark = ""] = words.split(" ");
  return [words, mark].find((each) => each.length * LETTER <= room) ?? "";
}
