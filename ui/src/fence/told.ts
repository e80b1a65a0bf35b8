import type { Plan } from "../api/types";

/** The names of pests by their ids, in order. */
export function pestNames(ids: readonly string[], { pests }: Pick<Plan, "pests">): string[] {
  return pests
    .filter(({ id }) => ids.includes(id))
    .map(({ name }) => name)
    .sort((a, b) => a.localeCompare(b));
}

/** Hours of work, to the hour: they are a guess. */
export function hours(value: number): string {
  return `${String(Math.max(1, Math.round(value)))} h`;
}
