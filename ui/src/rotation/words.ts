/** Words of what grows where over the years. */
export const words = {
  title: "Rotation",
  hint: "Each bed over the years; a family that shares pests and diseases of the soil waits before it returns. Years before the garden can be noted, so that they count. What is proposed has a dashed edge.",
  planTitle: "Plan the years for me",
  planHint:
    "Chooses from what you eat, and keeps frost, sun, supports, water, nets and families in mind. Plantings of these years that are not locked give way; what lasts for years stays. Nothing changes until you take it.",
  first: "From season",
  years: "Years",
  cover: "Sow green manure where the soil would lie bare",
  allBeds: "In all beds",
  someBeds: (count: number) =>
    count === 1 ? "In the selected bed" : `In the ${String(count)} selected beds`,
  which: "Beds",
  plan: "Plan them",
  looking: "Choosing",
  steps: "steps",
  stop: "Stop",
  stopped: "Stopped: the quick plan stands.",
  quick: "A quick plan; a better one is being looked for.",
  best: "Solved: no other choice of these plantings meets the wishes better.",
  within: (percent: string) =>
    `The best that was found: no other choice is better by more than ${percent} %.`,
  takes: (planted: number, removed: number) =>
    `${String(planted)} plantings; ${removed === 0 ? "none gives way" : removed === 1 ? "one that is there gives way" : `${String(removed)} that are there give way`}.`,
  nothingNew: "All is planted like that already.",
  take: "Take this plan",
  leave: "Leave it",
  met: "How the wishes are met",
  noBeds: "There are no beds yet.",
  locked: "locked",
  parts: (crop: string, parts: number) => `${crop}, ${String(parts)} parts`,
  noteAt: (bed: string, season: number) => `What grew in ${bed} in ${String(season)}`,
  note: "note …",
  forget: (crop: string, season: number) => `Forget ${crop} of ${String(season)}`,
  forgetShort: "forget",
  planned: "planned",
};
