/** Words of the sun. */
export const words = {
  title: "Sun",
  noBeds: "No bed stands in this season.",
  growing: "Growing",
  good: "Good for",
  monthNames: ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"],
  about: (least: string, most: string) =>
    `Hours of direct sun on a clear day, the mean over the soil of each bed; “Growing” is April to September, in the south October to March. The sun is up from ${least} to ${most} hours here. Clouds, and what stands off the plot, are left out.`,
  unknown: (names: readonly string[]) =>
    `No height is known of ${names.join(", ")}: give ${names.length === 1 ? "it" : "them"} one under Ground, else ${names.length === 1 ? "it casts" : "they cast"} no shadow here.`,
} as const;
