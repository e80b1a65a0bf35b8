import type { Arrangement } from "../api/types";

type Figures = Pick<Arrangement, "growing" | "edge" | "detour" | "cost">;

/** Over all manners that have been tried: layouts that no other one equals or beats in every figure, most growing area first. */
export function front<T extends Figures>(found: readonly T[]): T[] {
  return found
    .filter((one, index) => !found.some((other, i) => i !== index && beats(other, one, i < index)))
    .sort((a, b) => b.growing - a.growing);
}

/** At least as good in everything and better in something; of two that are equal the earlier one stays. */
function beats(one: Figures, other: Figures, earlier: boolean): boolean {
  const gains = [
    one.growing - other.growing,
    other.edge - one.edge,
    other.detour - one.detour,
    Number(other.cost.amount) - Number(one.cost.amount),
  ];
  return gains.every((gain) => gain >= 0) && (earlier || gains.some((gain) => gain > 0));
}
