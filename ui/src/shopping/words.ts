/** Words of shopping. */
export const words = {
  nothingToBuy: (season: number) => `Nothing is left to buy for ${String(season)}.`,
} as const;
