import type { Fall, Units } from "../api/types";
import { fallFigures } from "../words";

/** Words of ground. */
export const words = {
  noFeatures:
    "Nothing but beds so far. House, trees, taps and buried lines count when beds and walks are judged.",
  longitude: "Longitude east, °",
  notKnown: "not known",
  noLevels:
    "No heights yet. Stretch a string with a line level or use a hose level, and note the height of the ground at two places or more.",
  heightsOnALine:
    "Your heights lie on one line, so the ground is taken to be level across it. A height beside the line says whether it falls that way too.",
  drainBehind:
    "Behind a wall that holds a step up goes a drain before the soil does: a perforated pipe in stone, with an outlet; not in front of it only.",
  retaining:
    "A step of over 4 ft (1.2 m) is a retaining wall: local code and a licensed design decide, with a drain behind it.",
  builtIn: "Built in season",
  builtOf: "Built of",
  standsThere: "it stands there already",
  courses: (courses: number, length: string) =>
    `${String(courses)} courses, the lowest in the ground, ${length} long:`,
  blocks: (blocks: number, bags: number) =>
    `${String(blocks)} blocks and ${bags === 1 ? "1 bag" : `${String(bags)} bags`} of mortar,`,
  stone: (tonnes: string) => `${tonnes} t of stone laid dry,`,
  footing: (base: string) => `on ${base} of crushed base.`,
  weeps: (pipes: number) =>
    pipes === 1 ? "1 pipe through it lets water out." : `${String(pipes)} pipes through it let water out.`,
  notTold:
    "Give its height and the season in which it is built. Of a wall over 4 ft (1.2 m) nothing is counted or priced.",
  soilTest:
    "Soil in towns, near old paint or roads may hold lead and metals: have it tested before you grow food in it.",
  approximate:
    "No tape has confirmed them yet. A satellite fix or a map is good to 3 to 5 m only: measure the sides and a diagonal before anything is built.",
  describeLeaf: "Say how the gate is made",
  forgetLeaf: "Leave open how it is made",
  leaf: "Leaf",
  leaves: { SINGLE: "one leaf", DOUBLE: "two leaves", PANEL: "a panel that unbolts" },
  hinges: "Hinges, looking out",
  hands: { LEFT: "on the left", RIGHT: "on the right" },
  latch: "Latch above the ground",
  leafHeight: "Gate high",
  clearance: "Free below it",
  gate: {
    between: "Between its posts",
    leaf: (leaves: number) =>
      leaves === 1 ? "Leaf, wide and high" : `Each of ${String(leaves)}, wide and high`,
    mass: "One weighs about",
    parts: { STILE: "stile", RAIL: "rail", BRACE: "brace", BOARD: "board", CAP: "cap" },
    braces: {
      TIMBER: "The brace goes from the foot at the hinges up to the latch side.",
      CABLE:
        "The cable goes from the top at the hinges down to the foot of the latch side, with a tensioner.",
      NONE: "It needs no brace against sagging.",
    },
    post: (moment: number, stress: string, allowed: string, depth: string) =>
      `Open, it pulls at its post with ${String(moment)} N m: ${stress} MPa of ${allowed} that are allowed. By the building code's formula its post stands ${depth} deep or more.`,
  },
  gateIn: "In",
  edge: "the plot's edge",
  noWaysIn:
    "No gate drawn: the plot is taken to be open all round. With one it counts as closed everywhere else.",
  /** The first of each month, and another day that was chosen elsewhere. */
  firstsOfMonths: (chosen: string) => {
    const days = Array.from({ length: 12 }, (_, month) => `--${String(month + 1).padStart(2, "0")}-01`);
    return [...new Set([...days, chosen])].sort().map((value) => ({ value, label: monthDay(value) }));
  },
  ridge: "Ridge of its roof",
  ridgeHint:
    "Its height is that of the eaves; the ridge runs along its longer way. Without one the roof is flat.",
  drainBought: "Without a season it is there already, and nothing is bought for it.",
  digCaution: "Before any digging, have buried lines marked by the local utility-locating service.",
} as const;

const GRADES = {
  LEVEL: "level for all purposes",
  WHEELS: "fit for wheels",
  FEET: "too steep for wheels",
  TERRACES: "level beds one by one, or terrace",
} as const;

export function gradeWords(grade: keyof typeof GRADES): string {
  return GRADES[grade];
}

/** The same, and what walks may be laid so. */
export function fallWords(fall: Fall, units: Units): string {
  return `${fallFigures(fall, units)}: ${gradeWords(fall.grade)}.`;
}

const MONTH = new Intl.DateTimeFormat("en-GB", { month: "long" });

/** "1 July" for --07-01. */
function monthDay(value: string): string {
  const [month = 1, day = 1] = value.slice(2).split("-").map(Number);
  return `${String(day)} ${MONTH.format(new Date(2000, month - 1))}`;
}
