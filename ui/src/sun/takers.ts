import type { Plan } from "../api/types";
import { allNamed } from "../capabilities";
import type { BedSun } from "./sun";

/** As much as is read at a glance. */
const MOST = 3;

export function nameOf(plan: Plan, id: string): string {
  return allNamed(plan).find((thing) => thing.id === id)?.name ?? "";
}

/** "House 1.2 h", for what takes most of a bed's sun. */
export function takers(taken: BedSun["taken"], plan: Plan): string[] {
  return taken.slice(0, MOST).map(({ thing, hours }) => `${nameOf(plan, thing)} ${hours.toFixed(1)} h`);
}
