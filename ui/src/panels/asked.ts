import type { Money, Quote } from "../api/types";

/** The one of a thing's quotes that its price goes by: the pinned one, or the newest. */
export function inForce(quotes: readonly Quote[]): Quote | undefined {
  return [...quotes].sort(byWeight).at(-1);
}

/** The newest first. */
export function newestFirst(quotes: readonly Quote[]): Quote[] {
  return [...quotes].sort(
    (one, other) => other.date.localeCompare(one.date) || other.id.localeCompare(one.id),
  );
}

function byWeight(one: Quote, other: Quote): number {
  return (
    Number(one.pinned) - Number(other.pinned) ||
    one.date.localeCompare(other.date) ||
    one.id.localeCompare(other.id)
  );
}

/** With the tax that comes on top, half a cent up, as the program reckons. */
export function gross({ amount, tax }: Quote): Money {
  const decimals = amount.amount.split(".")[1]?.length ?? 0;
  const unit = 10 ** decimals;
  const least = Math.round(Number(amount.amount) * unit);
  const onTop = Math.floor((least * Math.round(tax * 100)) / 10_000 + 0.5);
  return { ...amount, amount: ((least + onTop) / unit).toFixed(decimals) };
}
