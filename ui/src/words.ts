import type { Fall, Lifetime, Units } from "./api/types";
import { formatLength } from "./measure/lengths";

/** Words of the screens that are not labels of a single control: messages, and what screen readers are told. */
export const words = {
  drawing: {
    AREA: "Drag a rectangle on the sheet …",
    LINE: "Drag a line on the sheet …",
    SPOT: "Click on the sheet …",
  },
  oneBed:
    "A box of pine boards, 1.2 by 0.9 m (4 by 3 ft), filled from bags: boards, screws and soil for less than 60 euros, dollars or pounds. Everything about it can be changed.",
  noFeatures:
    "Nothing but beds so far. House, trees, taps and buried lines count when beds and walks are judged.",
  noLevels:
    "No heights yet. Stretch a string with a line level or use a hose level, and note the height of the ground at two places or more.",
  heightsOnALine:
    "Your heights lie on one line, so the ground is taken to be level across it. A height beside the line says whether it falls that way too.",
  drainBehind:
    "Behind a wall that holds a step up goes a drain before the soil does: a perforated pipe in stone, with an outlet; not in front of it only.",
  retaining:
    "A step of over 4 ft (1.2 m) is a retaining wall: local code and a licensed design decide, with a drain behind it.",
  settling:
    "A mix with mineral soil settles by 5 to 10 % in the first year, all compost by 15 to 25 %; after that 1 to 2 in (25 to 50 mm) of compost a year keep a bed full.",
  noReceipts:
    "No receipt yet. What you enter here counts against the budget, and comes off what is still to come.",
  noPriceYet: "Type the price first.",
  nothingToMix: "Nothing that roots grow in is on hand yet.",
  footing:
    "It stands on 6 in (15 cm) of crushed base, twice as wide as the wall. Leave a joint of the lowest course open every metre, so that water gets out. A mortared one may want a footing as deep as the frost goes, which is not reckoned here; over 4 ft (1.2 m), or where it holds a slope, local code and a licensed design decide. Cutting it makes dust that harms lungs: wet, and with a mask.",
  whichColumns: "Say which column holds the thing and which its price, then the file is read.",
  partCourses:
    "Part-courses close the gap down to the ground; hold each against it, draw the ground on it and saw along the line.",
  table:
    "The floor, its bearers and legs are reckoned for wet soil by the beam tables. Such soil weighs about 1,800 kg to the cubic metre: stand the legs on slabs, and let somebody who knows look at it before people sit or lean on it.",
  enteredWithoutScan: "The receipt itself is entered: add a picture to it in the list.",
  takesBack: "Takes an earlier receipt back; both stay here, so that the ledger tells what happened.",
  payload:
    "A loaded trailer that is over its payload brakes and steers badly: look the figure up on its plate. Soil on a deck, a roof or against a wall needs a structural opinion first.",
  soilTest:
    "Soil in towns, near old paint or roads may hold lead and metals: have it tested before you grow food in it.",
  approximate:
    "No tape has confirmed them yet. A satellite fix or a map is good to 3 to 5 m only: measure the sides and a diagonal before anything is built.",
  noArrangements: "Nothing to compare yet: press “Try arrangements” under Beds first.",
  arrangements:
    "Each layout has been judged: everybody who gardens reaches all of it, and what has to get through does. Beds in that ground give way; taking one over is one edit and can be undone.",
  variants:
    "A variant is a version of the whole garden kept beside it. Open one to work on it, hold them side by side here, and take one over: that is one edit and can be undone.",
  families:
    "A cover, a net or a cold frame made for one bed of a family fits them all, and only them: outside sizes count.",
  noWaysIn:
    "No gate drawn: the plot is taken to be open all round. With one it counts as closed everywhere else.",
  noCarriers: "Only the gardeners so far. Add a barrow or a mower to see where it gets.",
  noLayers: "Nothing is brought in: the ground stays as it is.",
  moreFor: (loose: boolean) => (loose ? "compaction and waste" : "laps, cuts and waste"),
  noWalks:
    "No surface noted: all free ground is as it was. Beds may be drawn over a walk; it is what is left free.",
  noSundries:
    "Hire, delivery and a skip add a fifth or so to what is drawn, and tools come on top: put them down early.",
  freeIsSaved: "It costs nothing; a price says what it saves.",
  noSources:
    "Put down a tap, the compost or a door under Ground, or a gate, and ways are measured from there.",
  unreadableLength: "Write a length like 3'6\", 42in, 1.07m or 107cm.",
  away: "The program's database is away. Your edit is kept and made as soon as it is back.",
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
  conflict: (fields: readonly string[]) =>
    `The same was changed elsewhere meanwhile: ${fields.join("; ")}. The sheet shows your edit, which is not made yet.`,
  signedOut: "You have been signed out. Your edit is kept: sign in again in this tab and it is made.",
  sheetHelp:
    "Sheet of the garden. Tab goes from thing to thing and leaves it after the last. Arrow keys move the selected things by the snap step, with Shift by ten steps." +
    " R turns by 15 degrees, Shift+R back. D duplicates, Delete deletes, Control+Z undoes, Enter goes to its numbers. Every size and place can be" +
    " typed in the panel.",
  noBeds: "No bed yet. Draw one on the sheet, or place one by its numbers.",
  quickBoards: "boards cut by a quick rule for now",
  findingRemedies: "Working out what would help …",
  noSnags: "Nothing is wrong with the plan in this season.",
  putAside:
    "It is counted no more in any season, and stays in the list below with your reason. When it grows, it is back.",
  noGardeners: "Nobody gardens here yet. Name who does, so that reach and walks can be judged.",
  frameCaution: "Saw with care: wear a dust mask with treated wood and never burn its offcuts.",
  oldTimber: "Never for food: old CCA-treated wood, creosoted railway sleepers, painted or unknown pallets.",
  /** The first of each month, and another day that was chosen elsewhere. */
  firstsOfMonths: (chosen: string) => {
    const days = Array.from({ length: 12 }, (_, month) => `--${String(month + 1).padStart(2, "0")}-01`);
    return [...new Set([...days, chosen])].sort().map((value) => ({ value, label: monthDay(value) }));
  },
  drainBought: "Without a season it is there already, and nothing is bought for it.",
  lifetime: ({ from, until }: Lifetime) =>
    [from && `from ${String(from)}`, until && `until ${String(until)}`].filter(Boolean).join(" "),
  digCaution: "Before any digging, have buried lines marked by the local utility-locating service.",
  entriesWait: (count: number) =>
    count === 1 ? "1 waits for a signal to be sent" : `${String(count)} wait for a signal to be sent`,
  waitForSignIn: "You have been signed out. What waits is kept, and sent once you are back.",
  nothingToBuy: (season: number) => `Nothing is left to buy for ${String(season)}.`,
  heavyBoards:
    "Weights are from dry to wet. Carry what weighs more than 25 kg (55 lb) with a second person; wear a dust mask when you saw treated wood.",
  manureCaution:
    "Fresh manure: work it in at least 120 days before harvest where the crop touches soil, 90 days otherwise (US National Organic Program, 7 CFR 205.203). Manure, hay and bought compost may carry weedkiller: sow a few beans in it first.",
  noTipping: "A steep drive, a locked yard or a fence that is up: then everything comes in bags.",
  soilCaution:
    "Soil of unknown origin: have it tested. Compost dust can carry germs: wet it, and wash your hands.",
  guess: "a guess",
} as const;

const FORM_NAMES = {
  RECTANGLE: "rectangle",
  ELL: "L",
  COMB: "comb (a U has two fingers)",
  OCTAGON: "octagon",
  FREE: "free corners",
} as const;

export function formName(kind: keyof typeof FORM_NAMES): string {
  return FORM_NAMES[kind];
}

const EASE = {
  UPRIGHT: "Works upright",
  BENT: "Works with a bent back",
  KNEELING: "Kneels, or bends double",
  UNKNOWN: "",
  SIDE_ON: "Works seated, side-on",
  KNEES_UNDER: "Works seated, knees under it",
  TOO_LOW: "The rim is too low to reach down to, seated",
  TOO_HIGH: "The rim is too high to reach over, seated",
} as const;

export function easeWords(ease: keyof typeof EASE): string {
  return EASE[ease];
}

const JOINT_NAMES = {
  SIDES_PAST: "sides run past the ends",
  ENDS_PAST: "ends run past the sides",
  PINWHEEL: "each runs past the next",
  MITRE: "mitred",
} as const;

const FRAME_PARTS = { SIDE: "side", END: "end", KEYHOLE: "keyhole", PART_COURSE: "part-course" } as const;

export function partWords(part: keyof typeof FRAME_PARTS): string {
  return FRAME_PARTS[part];
}

export function jointWords(joint: keyof typeof JOINT_NAMES): string {
  return JOINT_NAMES[joint];
}

const GRADES = {
  LEVEL: "level for all purposes",
  WHEELS: "fit for wheels",
  FEET: "too steep for wheels",
  TERRACES: "level beds one by one, or terrace",
} as const;

export function gradeWords(grade: keyof typeof GRADES): string {
  return GRADES[grade];
}

const PARTS = {
  GROUND: "ground",
  FRAMES: "frames",
  WALKS: "walks",
  FILL: "fill",
  WATER: "water",
  FENCE: "fence",
  TOOLS: "tools",
  OTHER: "other things",
} as const;

export function partName(part: keyof typeof PARTS): string {
  return PARTS[part];
}

const ACQUIRED = {
  BOUGHT: "bought or hired",
  KEPT: "bought, and stays with you",
  FREE: "free, given or own work",
} as const;

export function acquiredName(acquired: keyof typeof ACQUIRED): string {
  return ACQUIRED[acquired];
}

/** How much the ground falls along a line: "Falls 0.50 m, 1 in 20". */
export function fallFigures({ fall, slope }: Fall, units: Units): string {
  const height = `${fall >= 0 ? "Falls" : "Rises"} ${formatLength(Math.abs(fall), units)}`;
  return slope === 0 ? height : `${height}, 1 in ${(1 / slope).toFixed(0)}`;
}

/** The same, and what walks may be laid so. */
export function fallWords(fall: Fall, units: Units): string {
  return `${fallFigures(fall, units)}: ${gradeWords(fall.grade)}.`;
}

/** What an edge is called that looks to (right, up) on the sheet. */
export function sideName(right: number, up: number): string {
  const slanted = 0.4 * Math.hypot(right, up);
  const vertical = Math.abs(up) < slanted ? "" : up > 0 ? "upper" : "lower";
  const sideways = Math.abs(right) < slanted ? "" : right > 0 ? "right" : "left";
  return vertical !== "" && sideways !== "" ? `${vertical} ${sideways}` : vertical + sideways;
}

export function bedLabel(name: string, length: string, width: string, flaws: number): string {
  const said = flaws === 0 ? "no snags" : flaws === 1 ? "1 snag" : `${String(flaws)} snags`;
  return `${name}, ${length} by ${width}, ${said}`;
}

const MONTH = new Intl.DateTimeFormat("en-GB", { month: "long" });

/** "1 July" for --07-01. */
function monthDay(value: string): string {
  const [month = 1, day = 1] = value.slice(2).split("-").map(Number);
  return `${String(day)} ${MONTH.format(new Date(2000, month - 1))}`;
}
