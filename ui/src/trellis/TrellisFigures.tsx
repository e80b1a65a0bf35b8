import { formatArea, formatForce, formatMass, formatShare } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { useDesk } from "../workspace/desk";
import { Elevation } from "./Elevation";
import type { Trellis, TrellisTold } from "./trellises";
import { words } from "./words";

/** What a trellis is put together of, and what it bears. */
export function TrellisFigures({ trellis, told }: { trellis: Trellis; told: TrellisTold }) {
  const { units, bedById } = useDesk();
  const { posts, piece, crop } = told;
  const names = told.beds.flatMap((bed) => bedById.get(bed)?.name ?? []);
  const covered = words.covered[trellis.kind];
  const rows = words.rows[trellis.kind];
  const length = piece === undefined ? "" : formatLength(piece, units);
  return (
    <div className="space-y-1 text-sm" data-testid="trellis-figures">
      <Elevation trellis={trellis} told={told} />
      {names.length > 0 && <p>{words.stands(names)}</p>}
      {posts && (
        <>
          <p>
            {words.setPosts(posts.count, formatLength(posts.bought, units), formatLength(posts.depth, units))}
            {": "}
            {posts.forWind ? words.forWind : words.byCustom}.
          </p>
          <p>{words.bears(formatForce(posts.push, units), formatShare(posts.used))}</p>
        </>
      )}
      {crop.kilograms > 0 && (
        <p>
          {words.fullCrop(formatMass(crop.kilograms, units))}
          {crop.end &&
            ` ${words.pulled(
              formatForce(crop.end.pull, units),
              formatShare(crop.end.used),
              formatLength(crop.end.depth, units),
            )}`}
        </p>
      )}
      {trellis.kind === "TEEPEE" && <p>{words.canes(told.marks.length, told.canes, length)}.</p>}
      {trellis.kind === "STAKES" && <p>{words.stakes(told.marks.length, length)}.</p>}
      {trellis.kind === "A_FRAME" && <p>{words.sides(length)}.</p>}
      <p>
        {[
          rows?.(told.rows),
          covered && `${formatArea(told.covered, units)} ${covered}`,
          words.weighs(formatMass(told.kilograms, units)),
        ]
          .filter(Boolean)
          .join("; ")}
        .
      </p>
      <p className="text-soft">{words.driving}</p>
    </div>
  );
}
