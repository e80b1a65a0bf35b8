/** Words of sharing a garden. */
export const words = {
  link: "A link to look at it",
  linkMeans:
    "Whoever has the link sees everything in the garden, money and journal too, and can't change anything.",
  linkAddress: "The link, shown this once: copy it",
  makeLink: "Make a link",
  anotherLink: "Make another link",
  takeLinkBack: "Take the link back",
  visitors: (visitors: number) =>
    visitors === 0
      ? "Nobody has opened it yet."
      : visitors === 1
        ? "One person has opened it."
        : `${String(visitors)} people have opened it.`,
} as const;
