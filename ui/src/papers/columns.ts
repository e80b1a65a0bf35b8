import type { ReactNode } from "react";
import type { Money } from "../api/types";
import { formatAmount } from "../measure/figures";

/** One column of a paper. */
export interface Column<T> {
  key: string;
  head: string;
  /** What it sorts and is searched by, and what a file gets; null where a row has nothing to say. */
  value: (row: T) => string | number | null;
  /** The value as it is read, where that is more than the value itself. */
  text?: (row: T) => string;
  /** What is shown instead, where that is more than a text. */
  cell?: (row: T) => ReactNode;
  /** Figures stand below each other by their decimal point. */
  figures?: boolean;
  /** Under a group, and under all of it. */
  sum?: (rows: readonly T[]) => string;
  /** Rows can be put into groups by it. */
  groups?: boolean;
  /** It holds buttons: nothing to be exported. */
  buttons?: boolean;
}

/** Lines of figures, each with so many figure spaces after it that the decimal points stand below each other. */
export function aligned(figures: readonly string[]): string[] {
  const decimals = figures.map((figure) => /[.]\d*/.exec(figure)?.[0].length ?? 0);
  const most = Math.max(0, ...decimals);
  return figures.map((figure, index) => figure + "\u2007".repeat(most - (decimals[index] ?? 0)));
}

/** Money added up by its minor unit, without a rounding error; empty where there is none. */
export function sumOf(amounts: readonly (Money | undefined)[]): string {
  const known = amounts.filter((amount) => amount !== undefined);
  const [first] = known;
  if (!first) return "";
  const decimals = first.amount.split(".")[1]?.length ?? 0;
  const minor = known.reduce((sum, { amount }) => sum + Math.round(Number(amount) * 10 ** decimals), 0);
  return formatAmount({ ...first, amount: (minor / 10 ** decimals).toFixed(decimals) });
}
