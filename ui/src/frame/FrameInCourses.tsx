import type { Bed, FrameDrawing, Hardware, Units } from "../api/types";
import { useFrameDrawing } from "../api/queries";
import { formatArea } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { words } from "./words";
import { useDesk } from "../workspace/desk";

const WIDE = 284;
/** The tallest a course is drawn, units of the picture. */
const TALLEST = 110;
const GAP = 14;

/** The frame of one bed taken apart: a drawing of each course with its marks, the lowest at the bottom, and what holds it together. */
export function FrameInCourses({ bed }: { bed: Bed }) {
  const desk = useDesk();
  const { data: drawing } = useFrameDrawing(
    desk.plan.id,
    desk.garden.revision,
    bed.id,
    desk.season,
    desk.bedById.has(bed.id),
  );
  if (drawing?.bed !== bed.id) return null;
  return (
    <section data-testid="courses">
      <h3>Course by course</h3>
      <Courses drawing={drawing} units={desk.units} name={bed.name} />
      <Held hardware={drawing.hardware} units={desk.units} />
    </section>
  );
}

function Courses({ drawing, units, name }: { drawing: FrameDrawing; units: Units; name: string }) {
  const { boards, frame } = drawing;
  const reach = (axis: "x" | "y") =>
    Math.max(...boards.flatMap((board) => board.corners.map((corner) => Math.abs(corner[axis]))));
  const scale = Math.min((WIDE - 4) / (2 * reach("x")), TALLEST / (2 * reach("y")));
  const each = 2 * reach("y") * scale + GAP;
  const middle = (course: number) => (frame.courses - course) * each + each / 2;
  // Part-courses lie below the first whole one.
  const below = 1 - Math.min(1, ...boards.map((board) => board.course));
  const drawn = frame.courses + below;
  return (
    <>
      <svg
        viewBox={`0 0 ${String(WIDE)} ${String(drawn * each + 4)}`}
        className="w-full"
        role="img"
        aria-label={`Frame of ${name} in ${String(frame.courses)} ${frame.courses === 1 ? "course" : "courses"}`}
      >
        {boards.map((board, index) => {
          const at = board.corners.map(
            ({ x, y }) => [WIDE / 2 + x * scale, middle(board.course) - y * scale] as const,
          );
          const x = at.reduce((sum, [along]) => sum + along, 0) / at.length;
          const y = at.reduce((sum, [, across]) => sum + across, 0) / at.length;
          const away = Math.hypot(WIDE / 2 - x, middle(board.course) - y) || 1;
          const inward = Math.min(11, away) / away;
          return (
            <g key={index}>
              <polygon
                points={at.map((corner) => corner.join(",")).join(" ")}
                fill="var(--color-timber)"
                stroke="var(--color-ink)"
                strokeWidth="0.8"
              />
              {board.mark && (
                <text
                  x={x + (WIDE / 2 - x) * inward}
                  y={y + (middle(board.course) - y) * inward + 3.5}
                  textAnchor="middle"
                  fontSize="10"
                >
                  {board.mark}
                </text>
              )}
            </g>
          );
        })}
      </svg>
      <p className="text-sm text-soft">
        {drawn > 1 && "The lowest course is at the bottom. "}
        {below > 0 && words.partCourses}{" "}
        {marks(drawing)
          .map(([mark, length]) => `${mark} ${formatLength(length, units)}`)
          .join(", ")}
      </p>
    </>
  );
}

/** Each mark once with its length, in order. */
function marks(drawing: FrameDrawing): [string, number][] {
  const found = new Map<string, number>();
  drawing.boards.forEach(({ mark, length }) => {
    if (mark) found.set(mark, length);
  });
  return [...found].sort(([one], [other]) => one.length - other.length || one.localeCompare(other));
}

function Held({ hardware, units }: { hardware: Hardware; units: Units }) {
  const { catalogue } = useDesk();
  const { fasteners, timbers } = catalogue.fittings;
  const label = (key: string) => fasteners.find((fastener) => fastener.key === key)?.label ?? key;
  const use = (key: string) => timbers.find((timber) => timber.key === key)?.label ?? key;
  const size = (key: string) => catalogue.boards.find((board) => board.key === key)?.label ?? key;
  return (
    <ul className="mt-1 text-sm" data-testid="hardware">
      {hardware.timber.map((piece, index) => (
        <li key={index}>
          <span className="figures">{piece.count}</span> × {use(piece.use)},{" "}
          <span className="figures">{formatLength(piece.length, units)}</span> of {size(piece.board)}
        </li>
      ))}
      {Object.entries(hardware.fasteners).map(([key, count]) => (
        <li key={key}>
          <span className="figures">{count}</span> × {label(key)}
        </li>
      ))}
      {hardware.ties > 0 && (
        <li>
          <span className="figures">{formatLength(hardware.ties, units)}</span> of ties across
        </li>
      )}
      {hardware.liner > 0 && <li>{formatArea(hardware.liner, units)} of liner</li>}
      {hardware.underlay > 0 && <li>{formatArea(hardware.underlay, units)} beneath it</li>}
    </ul>
  );
}
