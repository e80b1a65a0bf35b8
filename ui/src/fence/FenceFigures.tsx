import { formatDistance } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { SmallTable } from "../parts/SmallTable";
import { useDesk } from "../workspace/desk";
import type { FenceTold } from "./fence";
import { words } from "./words";

/** What a fence takes. */
export function FenceFigures({ told }: { told: FenceTold }) {
  const { units } = useDesk();
  const written = (metres: number | undefined) => (metres === undefined ? "" : formatLength(metres, units));
  const strong = told.posts.filter(({ role }) => role !== "LINE").length;
  const rows: readonly (readonly [string, string])[] = [
    [words.told.length, formatDistance(told.length, units)],
    [words.told.posts, String(told.posts.length)],
    [words.told.strong, String(strong)],
    [words.told.span, written(told.widest)],
    [words.told.depth, written(told.posts[0]?.depth)],
    [words.told.hole, written(told.hole)],
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
    </div>
  );
}
