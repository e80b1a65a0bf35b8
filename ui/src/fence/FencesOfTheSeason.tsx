import type { Point } from "../api/types";
import type { DrawProps } from "../sheet/layer";
import { openPath } from "../sheet/path";
import { toSheet, type View } from "../sheet/view";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { bent, type Post } from "./fence";

/** Half the side of a post on the sheet, pixels. */
const HALF = { LINE: 2, BRACE: 2.5, CORNER: 3.5, END: 3.5, GATE: 3.5 };

/** Fences with their posts: small squares in a row, larger ones that bear more; one that can't be dug in is ringed. */
export function FencesOfTheSeason({ view, moved, selected }: DrawProps) {
  const { plan, season, report, preview } = useDesk();
  const parts = new Map((report?.fences ?? []).map((line) => [line.feature, line.parts]));
  const posts = new Map((report?.fencing.fences ?? []).map((told) => [told.fence, told.posts]));
  const there = plan.fences.filter(({ lifetime }) => isThere(lifetime, season));
  // An edit that is being tried may put up others, or take some down.
  const tried = [...posts.keys()].filter((id) => there.every((fence) => fence.id !== id));
  const drawn = [
    ...there.filter(({ id }) => preview === null || posts.has(id)),
    ...tried.map((id) => ({ id, name: "", places: [] })),
  ];
  return (
    <g pointerEvents="none">
      {drawn.map(({ id, name, places }) => {
        const hand = moved.get(id);
        const inHand = hand?.kind === "PLACES";
        const marked = selected.has(id);
        return (
          <g key={id} data-fence={name}>
            <Line
              parts={inHand ? [bent(places, hand.places)] : (parts.get(id) ?? [places])}
              view={view}
              ink={marked ? "var(--color-mark)" : "var(--color-fence)"}
            />
            {!inHand &&
              (posts.get(id) ?? []).map((post) => <PostMark key={post.mark} post={post} view={view} />)}
          </g>
        );
      })}
    </g>
  );
}

function Line({ parts, view, ink }: { parts: readonly (readonly Point[])[]; view: View; ink: string }) {
  const path = parts.map((part) => openPath(part, view)).join("");
  return (
    <>
      <path d={path} fill="none" stroke="white" strokeWidth="5" />
      <path d={path} fill="none" stroke={ink} strokeWidth="2" strokeDasharray="10 3" strokeLinejoin="round" />
    </>
  );
}

function PostMark({ post, view }: { post: Post; view: View }) {
  const { x, y } = toSheet(view, post.place);
  const half = HALF[post.role];
  return (
    <g data-post={post.mark}>
      <rect
        x={x - half}
        y={y - half}
        width={2 * half}
        height={2 * half}
        fill={post.role === "LINE" ? "white" : "var(--color-fence)"}
        stroke="var(--color-fence)"
        strokeWidth="1"
      />
      {post.blocked !== undefined && (
        <circle cx={x} cy={y} r={half + 4} fill="none" stroke="var(--color-snag)" strokeWidth="2" />
      )}
    </g>
  );
}
