import { useGardenPicture } from "../api/queries";
import type { ListedGarden } from "../api/types";
import { boundsOf } from "../sheet/geometry";
import { closedPath } from "../sheet/path";
import type { View } from "../sheet/view";

const WIDE = 84;
const HIGH = 60;
const MARGIN = 2;

/** The plot of a garden in small, with the beds that stand there now. */
export function GardenPicture({ garden }: { garden: ListedGarden }) {
  const { data } = useGardenPicture(garden.id, garden.touchedAt);
  return (
    <svg width={WIDE} height={HIGH} role="img" aria-label={`Plan of ${garden.name}`} className="shrink-0">
      {data && <Plot ground={data.ground} beds={data.beds} />}
    </svg>
  );
}

function Plot({ ground, beds }: { ground: Corners[]; beds: Corners[] }) {
  const { left, right, bottom, top } = boundsOf(ground.flat());
  const scale = Math.min(
    (WIDE - 2 * MARGIN) / Math.max(right - left, 0.1),
    (HIGH - 2 * MARGIN) / Math.max(top - bottom, 0.1),
  );
  const view: View = {
    scale,
    x: WIDE / 2 - ((left + right) / 2) * scale,
    y: HIGH / 2 + ((bottom + top) / 2) * scale,
  };
  return (
    <>
      <path
        d={ground.map((piece) => closedPath(piece, view)).join("")}
        fill="white"
        stroke="var(--color-ink)"
      />
      <path
        d={beds.map((bed) => closedPath(bed, view)).join("")}
        fill="var(--color-timber)"
        stroke="var(--color-ink)"
        strokeWidth="0.6"
      />
    </>
  );
}

type Corners = Parameters<typeof boundsOf>[0];
