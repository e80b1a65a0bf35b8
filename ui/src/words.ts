import type { Fall, Units } from "./api/types";
import { formatLength } from "./measure/lengths";

/** Words that several capabilities use; each has its own in its folder. */
export const words = {
  drawing: {
    AREA: "Drag a rectangle on the sheet …",
    LINE: "Drag a line on the sheet …",
    SPOT: "Click on the sheet …",
  },
  followingTheSun: "Following the sun …",
  gardenName: "Name of the garden",
  measures: {
    label: "Measures written in",
    options: [
      { value: "METRIC", label: "metres" },
      { value: "FEET_AND_INCHES", label: "feet and inches" },
    ],
  },
  /** Over the field in which several things are named at once. */
  namePattern: "Names, # for the number in reading order",
  unreadableDegrees: "Write degrees clockwise, like 15.",
  unreadableLength: "Write a length like 3'6\", 42in, 1.07m or 107cm.",
  underWay: (
    told: { state: string; done: number; steps: number } | undefined,
    doing: string,
    what: string,
  ) =>
    told?.state === "WAITING"
      ? "Waiting for its turn …"
      : told && told.steps > 0
        ? `${doing} … (${String(told.done)} of ${String(told.steps)} ${what} done)`
        : `${doing} …`,
  awayIdle: "The program does not answer at the moment; it is tried again.",
  guess: "a guess",
  signInName: "E-mail or user name",
  password: "Password, at least 10 characters",
  signUp: "Sign up",
  keepAsGuest: "Sign up to keep it",
} as const;

const JOINT_NAMES = {
  SIDES_PAST: "sides run past the ends",
  ENDS_PAST: "ends run past the sides",
  PINWHEEL: "each runs past the next",
  MITRE: "mitred",
} as const;

export function jointWords(joint: keyof typeof JOINT_NAMES): string {
  return JOINT_NAMES[joint];
}

/** How much the ground falls along a line: "Falls 0.50 m, 1 in 20". */
export function fallFigures({ fall, slope }: Fall, units: Units): string {
  const height = `${fall >= 0 ? "Falls" : "Rises"} ${formatLength(Math.abs(fall), units)}`;
  return slope === 0 ? height : `${height}, 1 in ${(1 / slope).toFixed(0)}`;
}
