/** Words of the pages before a garden. */
export const words = {
  oneBed:
    "A box of pine boards, 1.2 by 0.9 m (4 by 3 ft), filled from bags: boards, screws and soil for less than 60 euros, dollars or pounds. Everything about it can be changed.",
} as const;
