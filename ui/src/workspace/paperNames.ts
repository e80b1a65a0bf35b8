/** What is read as a table and has the page to itself: the key in the address, and what it is called. In the order of the work. */
export const PAPER_NAMES = {
  "setting-out": "Setting out",
  beds: "Beds",
  arrangements: "Arrangements",
  sun: "Sun",
  cutting: "Cutting",
  fill: "Fill of each bed",
  watering: "Watering",
  pipes: "Pipes to cut",
  watch: "Watch it run",
  rotation: "Rotation",
  feeding: "What the soil wants",
  harvest: "Is it enough?",
  year: "Year of the beds",
  sowing: "Sowing calendar",
  seeds: "Seed order",
  "bed-cards": "Bed cards",
  labels: "Plant labels",
  crops: "Catalogue of crops",
  bill: "Bill",
  shopping: "Shopping list",
  prices: "Price book",
  receipts: "Receipts",
  variants: "Variants",
  edits: "Edits",
} as const;

export type PaperName = keyof typeof PAPER_NAMES;
