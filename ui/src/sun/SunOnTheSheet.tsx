import type { DrawProps } from "../sheet/layer";
import { closedPath } from "../sheet/path";
import { toSheet, type View } from "../sheet/view";
import { useDesk } from "../workspace/desk";
import { EXPOSURE_HATCH, SunHatches } from "./hatches";
import { momentAt, useDaySun, useSunHours, useSunMap, type Moment, type SunMap } from "./sun";

/** While one looks at the sun: the shadows of a moment, or the hours of a day or of the growing months on the ground. */
export function SunOnTheSheet({ view }: DrawProps) {
  const { step, shown } = useDesk();
  const { what, half, minute } = shown.sun;
  const looking = step === "sun";
  const day = useSunHours(looking)?.days[half];
  const shadows = useDaySun(looking && what === "SHADOWS" ? day : undefined);
  const map = useSunMap(
    what === "DAY" ? day : undefined,
    looking && (what === "GROWING" || (what === "DAY" && day !== undefined)),
  );
  const moment = momentAt(shadows, minute);
  return (
    <g pointerEvents="none" data-testid="sun-on-the-sheet">
      {moment && <Shadows moment={moment} view={view} />}
      {map && <Hours map={map} view={view} />}
    </g>
  );
}

/** What lies in the shadow of several things is no darker for it. */
function Shadows({ moment, view }: { moment: Moment; view: View }) {
  return (
    <g opacity="0.38">
      {moment.shadows.map(({ outline, shade }, index) => (
        <path
          key={index}
          data-shadow
          d={closedPath(outline, view)}
          fill="var(--color-ink)"
          fillOpacity={shade}
        />
      ))}
    </g>
  );
}

function Hours({ map, view }: { map: SunMap; view: View }) {
  const side = map.cell * view.scale;
  return (
    <>
      <SunHatches />
      {map.cells.map(({ x, y, exposure }) => {
        const middle = toSheet(view, { x, y });
        return (
          <rect
            key={`${String(x)} ${String(y)}`}
            data-sun={exposure}
            x={middle.x - side / 2}
            y={middle.y - side / 2}
            width={side + 0.3}
            height={side + 0.3}
            fill={`url(#${EXPOSURE_HATCH[exposure]})`}
          />
        );
      })}
    </>
  );
}
