import { useFrameDrawing } from "../api/queries";
import type { BedAppraisal, Rectangle } from "../api/types";
import { at } from "../sheet/geometry";
import { fitted } from "../sheet/outline";
import { toSheet, type View } from "../sheet/view";
import { useDesk } from "../workspace/desk";

interface Props {
  bed: BedAppraisal;
  /** Where it is drawn: under the hand it runs ahead of the judgement. */
  outline: Rectangle;
  view: View;
}

/** Boards are told apart once they are so thick on the sheet, and have their marks once those can be read, pixels. */
const TOLD_APART = 3;
const READABLE = 11;
const LARGEST_LETTER = 14;

/** Where the boards of a frame meet, seen from above; nearer by also the marks under which they are cut. */
export function Timber({ bed, outline, view }: Props) {
  const thick = thickness(bed) * view.scale;
  if (thick < TOLD_APART) return null;
  const seams = bed.seams.map(({ from, to }) => {
    const [a, b] = fitted([from, to], bed.outline, outline).map((place) => toSheet(view, place));
    return a && b ? `M${String(a.x)} ${String(a.y)}L${String(b.x)} ${String(b.y)}` : "";
  });
  return (
    <>
      <path
        d={seams.join("")}
        data-seams={bed.name}
        stroke="var(--color-ink)"
        strokeWidth="0.8"
        fill="none"
      />
      {thick >= READABLE && isInSight(outline, view) && <Marks bed={bed} outline={outline} view={view} />}
    </>
  );
}

function Marks({ bed, outline, view }: Props) {
  const { plan, garden, season } = useDesk();
  const { data: drawing } = useFrameDrawing(plan.id, garden.revision, bed.bed, season, true);
  if (drawing?.bed !== bed.bed) return null;
  const top = drawing.boards.filter(({ course }) => course === drawing.frame.courses);
  const size = Math.min(LARGEST_LETTER, thickness(bed) * view.scale * 0.85);
  return top.map(({ corners, mark }, index) => {
    const middle = (axis: "x" | "y") =>
      corners.reduce((sum, corner) => sum + corner[axis], 0) / corners.length;
    const place = toSheet(view, at(outline, middle("x"), middle("y")));
    return (
      <text
        key={index}
        x={place.x}
        y={place.y + size * 0.35}
        textAnchor="middle"
        fontSize={size}
        className="figures"
        data-board-mark={mark}
      >
        {mark}
      </text>
    );
  });
}

function thickness({ outline, insideLength }: BedAppraisal): number {
  return (outline.length - insideLength) / 2;
}

/** Whether some of it may be on the screen. */
function isInSight(outline: Rectangle, view: View): boolean {
  const middle = toSheet(view, outline.centre);
  const reach = ((outline.length + outline.width) / 2) * view.scale;
  return (
    middle.x > -reach &&
    middle.x < window.innerWidth + reach &&
    middle.y > -reach &&
    middle.y < window.innerHeight + reach
  );
}
