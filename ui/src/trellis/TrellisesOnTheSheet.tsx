import type { Point } from "../api/types";
import type { DrawProps } from "../sheet/layer";
import { openPath } from "../sheet/path";
import { toSheet, type View } from "../sheet/view";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { alongLine, useTrellises, type Trellis, type TrellisTold } from "./trellises";

/** Posts are drawn as large as this at least, pixels. */
const LEAST = 2.5;

/** Trellises from above: their line with posts, feet or stakes as they stand; teepees as circles. */
export function TrellisesOnTheSheet({ view, moved, selected }: DrawProps) {
  const desk = useDesk();
  const told = useTrellises();
  return (
    <g pointerEvents="none">
      {desk.plan.trellises
        .filter(({ lifetime }) => isThere(lifetime, desk.season))
        .map((trellis) => {
          const hand = moved.get(trellis.id);
          const places = hand?.kind === "PLACES" ? hand.places : trellis.places;
          return (
            <Drawn
              key={trellis.id}
              trellis={{ ...trellis, places: [...places] }}
              told={told.find((each) => each.trellis === trellis.id)}
              view={view}
              colour={selected.has(trellis.id) ? "var(--color-mark)" : "var(--color-ink)"}
            />
          );
        })}
    </g>
  );
}

interface DrawnProps {
  trellis: Trellis;
  told: TrellisTold | undefined;
  view: View;
  colour: string;
}

function Drawn({ trellis, told, view, colour }: DrawnProps) {
  const { places, kind, base } = trellis;
  const spots = (told?.marks ?? []).map((mark) =>
    toSheet(view, alongLine(places, mark / (told?.length ?? 1))),
  );
  const wide = base * view.scale;
  if (kind === "TEEPEE") {
    return (
      <g data-testid="trellis-drawn" fill="none" stroke={colour}>
        {spots.map(({ x, y }, index) => (
          <g key={index}>
            <circle cx={x} cy={y} r={wide / 2} strokeWidth="1.2" strokeDasharray="3 3" />
            <path d={star(x, y, wide / 2)} strokeWidth="1" />
          </g>
        ))}
      </g>
    );
  }
  return (
    <g data-testid="trellis-drawn" fill="none" stroke={colour}>
      {kind === "A_FRAME" && <path d={openPath(places, view)} strokeWidth={wide} strokeOpacity="0.15" />}
      <path
        d={openPath(places, view)}
        strokeWidth={kind === "STAKES" ? 0.8 : 1.8}
        strokeDasharray={kind === "NETTING" || kind === "STAKES" ? "4 2.5" : undefined}
      />
      {kind === "A_FRAME"
        ? spots.map(({ x, y }, index) => (
            <path key={index} d={feet(places, x, y, wide / 2)} strokeWidth="1.4" />
          ))
        : spots.map(({ x, y }, index) => (
            <circle key={index} cx={x} cy={y} r={LEAST} fill={colour} stroke="none" />
          ))}
    </g>
  );
}

/** Three canes seen from above. */
function star(x: number, y: number, radius: number): string {
  return [0, 60, 120]
    .map((degrees) => {
      const dx = radius * Math.cos((degrees * Math.PI) / 180);
      const dy = radius * Math.sin((degrees * Math.PI) / 180);
      return `M${(x - dx).toFixed(1)} ${(y - dy).toFixed(1)}L${(x + dx).toFixed(1)} ${(y + dy).toFixed(1)}`;
    })
    .join("");
}

/** A pair of legs, square to the line from its first to its last place. */
function feet(places: readonly Point[], x: number, y: number, half: number): string {
  const [first] = places;
  const last = places.at(-1);
  if (!first || !last) return "";
  const length = Math.hypot(last.x - first.x, last.y - first.y) || 1;
  const dx = ((last.y - first.y) / length) * half;
  const dy = ((last.x - first.x) / length) * half;
  return `M${(x - dx).toFixed(1)} ${(y - dy).toFixed(1)}L${(x + dx).toFixed(1)} ${(y + dy).toFixed(1)}`;
}
