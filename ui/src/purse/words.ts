/** Words of the purse. */
export const words = {
  noReceipts:
    "No receipt yet. What you enter here counts against the budget, and comes off what is still to come.",
  noPriceYet: "Type the price first.",
  whichColumns: "Say which column holds the thing and which its price, then the file is read.",
  enteredWithoutScan: "The receipt itself is entered: add a picture to it in the list.",
  takesBack: "Takes an earlier receipt back; both stay here, so that the ledger tells what happened.",
  noSundries:
    "Hire, delivery and a skip add a fifth or so to what is drawn, and tools come on top: put them down early.",
  freeIsSaved: "It costs nothing; a price says what it saves.",
} as const;

const PARTS = {
  GROUND: "ground",
  FRAMES: "frames",
  WALKS: "walks",
  FILL: "fill",
  WATER: "water",
  FENCE: "fence",
  STRUCTURES: "structures",
  CROPS: "seed and plants",
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
