/** Words of what grows in the beds. */
export const words = {
  day: "Day of the year that is shown",
  plant: "Plant something",
  crop: "Crop",
  cropAbout: (family: string, sun: number, hardiness: string) =>
    `${family}; wants ${String(sun)} h of sun a day, ${hardiness}.`,
  ripens: (low: number, high: number, from: string) =>
    low === high
      ? `First harvest after ${String(low)} days from ${from}.`
      : `First harvest ${String(low)} to ${String(high)} days from ${from}.`,
  sowing: "sowing",
  planting: "planting out",
  apart: (plants: string, rows: string) => `Plants ${plants} apart, rows ${rows}.`,
  inBeds: (crop: string, beds: number) =>
    beds === 1 ? `Plant ${crop} in the selected bed` : `Plant ${crop} in the ${String(beds)} selected beds`,
  selectFirst: "Select one or more beds on the sheet first.",
  beds: "What grows in the beds",
  none: "Nothing is planted in this season yet.",
  bedGone: "A bed that is not there in this season",
  growsFrom: (from: string, until: string) => `${from} to ${until}`,
  layout: "How the plants stand",
  inRow: "Plants apart",
  between: "Rows apart",
  raising: "How it comes into the bed",
  from: { SOWN: "Sown on", RAISED: "Planted out on", BOUGHT: "Planted on" },
  until: "Cleared on",
  noDay: "This is no day: give one like 2029-05-14.",
  share: "Part of the bed, in % of its length and width",
  along: "Length from %",
  alongTo: "Length to %",
  across: "Width from %",
  acrossTo: "Width to %",
  noShare: "Give a number from 0 to 100.",
  interplanted: "Grows between the plants of another crop",
  plants: (count: number) => (count === 1 ? "1 plant" : `${String(count)} plants`),
  notDrawn: "They are too many to be drawn one by one. Are the distances right?",
  seeds: (seeds: number, packets: number) =>
    `${String(seeds)} seeds, a tenth spare: ${packets === 1 ? "1 packet" : `${String(packets)} packets`}`,
  bought: (plants: number, stock: string) => `${String(plants)} ${stock} to buy`,
  youngPlants: "young plants",
  indoors: (day: string) => `Sow it indoors on ${day}.`,
  ripe: (day: string) => `First harvest about ${day}.`,
  yields: (mass: string) => `In a usual year about ${mass}.`,
  noRoom: "There is no soil for it in that part of the bed.",
  takeOut: (name: string) => `Take ${name} out`,
  remove: "Take it out",
} as const;
