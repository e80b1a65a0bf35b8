import type { Plan, Snag } from "../api/types";
import { standingThings } from "../capabilities";
import type { SketchLine } from "./desk";

/** Half the side of the square that is drawn round a spot or a gate, metres. */
const ROUND_A_SPOT = 0.4;

/** Round each thing that a snag is about, for the sheet. */
export function outlinesOf(things: Snag["things"], plan: Plan): SketchLine[] {
  return things.flatMap(({ id }) => {
    const walk = plan.walks.find((one) => one.id === id);
    if (walk) return [{ points: walk.corners, closed: true }];
    const feature = standingThings(plan).find((one) => one.id === id);
    if (feature && feature.places.length > 1) {
      return [{ points: feature.places, closed: !("breadth" in feature) }];
    }
    const spot = feature?.places[0] ?? plan.waysIn.find((one) => one.id === id)?.place;
    return spot ? [around(spot)] : [];
  });
}

function around({ x, y }: { x: number; y: number }): SketchLine {
  const off = ROUND_A_SPOT;
  return {
    points: [
      { x: x - off, y: y - off },
      { x: x + off, y: y - off },
      { x: x + off, y: y + off },
      { x: x - off, y: y + off },
    ],
    closed: true,
  };
}
