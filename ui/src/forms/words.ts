import type { Lifetime } from "../api/types";

/** Words of forms. */
export const words = {
  lifetime: ({ from, until }: Lifetime) =>
    [from && `from ${String(from)}`, until && `until ${String(until)}`].filter(Boolean).join(" "),
} as const;
