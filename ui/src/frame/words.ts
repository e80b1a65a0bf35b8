/** Words of frames. */
export const words = {
  noBoards: "No frame, fence or gate needs boards.",
  forFences: "for fences and gates",
  footing:
    "It stands on 6 in (15 cm) of crushed base, twice as wide as the wall. Leave a joint of the lowest course open every metre, so that water gets out. A mortared one may want a footing as deep as the frost goes, which is not reckoned here; over 4 ft (1.2 m), or where it holds a slope, local code and a licensed design decide. Cutting it makes dust that harms lungs: wet, and with a mask.",
  partCourses:
    "Part-courses close the gap down to the ground; hold each against it, draw the ground on it and saw along the line.",
  table:
    "The floor, its bearers and legs are reckoned for wet soil by the beam tables. Such soil weighs about 1,800 kg to the cubic metre: stand the legs on slabs, and let somebody who knows look at it before people sit or lean on it.",
  frameCaution: "Saw with care: wear a dust mask with treated wood and never burn its offcuts.",
  oldTimber: "Never for food: old CCA-treated wood, creosoted railway sleepers, painted or unknown pallets.",
  heavyBoards:
    "Weights are from dry to wet. Carry what weighs more than 25 kg (55 lb) with a second person; wear a dust mask when you saw treated wood.",
} as const;

const FRAME_PARTS = { SIDE: "side", END: "end", KEYHOLE: "keyhole", PART_COURSE: "part-course" } as const;

export function partWords(part: keyof typeof FRAME_PARTS): string {
  return FRAME_PARTS[part];
}
