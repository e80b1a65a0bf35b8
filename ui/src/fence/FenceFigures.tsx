import { formatDistance, formatForce } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { SmallTable } from "../parts/SmallTable";
import { useDesk } from "../workspace/desk";
import type { FencePiece, FenceTold } from "./fence";
import { words } from "./words";

/** What a fence takes. */
export function FenceFigures({ told }: { told: FenceTold }) {
  const { units, catalogue } = useDesk();
  const board = (key: string) => catalogue.boards.find((each) => each.key === key)?.label ?? key;
  const written = (metres: number | undefined) => (metres === undefined ? "" : formatLength(metres, units));
  const strong = told.posts.filter(({ role }) => role !== "LINE").length;
  const rows: readonly (readonly [string, string])[] = [
    [words.told.length, formatDistance(told.length, units)],
    [words.told.posts, String(told.posts.length)],
    [words.told.strong, String(strong)],
    [words.told.span, written(told.widest)],
    [words.told.depth, written(told.posts.find(({ role }) => role !== "GATE")?.depth)],
    [words.told.hole, written(told.hole)],
    [words.told.soil, written(told.soil)],
    [words.told.bags, told.bags > 0 ? String(told.bags) : ""],
    [words.told.braces, told.braces.length > 0 ? String(told.braces.length) : ""],
  ];
  return (
    <div className="space-y-1" data-testid="fence-figures">
      <SmallTable
        rows={rows
          .filter(([, figure]) => figure !== "")
          .map(([head, figure]) => ({ key: head, head, cells: [figure] }))}
      />
      {told.mesh.map(({ label, height, rolls }, tier) => (
        <p key={tier} className="text-xs">
          {words.rolls(label, written(height), rolls.rolls, formatDistance(rolls.left, units))}.{" "}
          {words.hung(rolls.splices)}
        </p>
      ))}
      {byPart(told.pieces).map(([piece, sizes]) => (
        <p key={piece.part} className="text-xs">
          {words.pieces[piece.part]} <span className="text-soft">{board(piece.board)}</span>{" "}
          <span className="figures">
            {sizes.map(({ length, count }) => `${String(count)} × ${written(length)}`).join(", ")}
          </span>
        </p>
      ))}
      {told.uplift && (
        <p className="text-xs">
          {words.uplift(
            formatForce(told.uplift.force, units),
            told.uplift.weight > 0 ? formatForce(told.uplift.weight, units) : "",
          )}
        </p>
      )}
      {told.cautions.map((caution) => (
        <p key={caution} className="text-xs text-soft">
          {caution}
        </p>
      ))}
      <details className="text-xs" data-testid="fence-steps">
        <summary className="cursor-pointer">{words.order}</summary>
        <ol className="list-decimal pl-4">
          {told.steps.map(({ day, words: step }) => (
            <li key={step}>
              {day > 0 && <b>{words.day(day)} </b>}
              {step}
            </li>
          ))}
        </ol>
      </details>
    </div>
  );
}

/** The first of each part with all of that part. */
function byPart(pieces: readonly FencePiece[]): (readonly [FencePiece, readonly FencePiece[]])[] {
  return pieces
    .filter((piece, index) => pieces.findIndex(({ part }) => part === piece.part) === index)
    .map((piece) => [piece, pieces.filter(({ part }) => part === piece.part)]);
}
