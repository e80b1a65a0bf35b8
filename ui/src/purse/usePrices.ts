import { plainAmount } from "../measure/numbers";
import type { Money, Plan } from "../api/types";
import { useFieldEdit } from "../forms/useFieldEdit";
import { useDesk } from "../workspace/desk";

/** What things cost, and the edits that say so. */
export function usePrices() {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const prices = new Map(desk.plan.prices.map((price) => [price.item, price]));
  const { currency } = desk.plan.budget.sum;

  /** Of the price book; undefined where it has none. */
  function priceOf(item: string): Plan["prices"][number] | undefined {
    return prices.get(item);
  }

  function quotesOf(item: string) {
    return desk.plan.quotes.filter((quote) => quote.item === item);
  }

  /** What a shop asked, if that is what counts. */
  function askedFor(item: string): Money | undefined {
    return quotesOf(item)
      .flatMap(({ id }) => desk.report?.asked.filter(({ quote, counts }) => counts && quote === id) ?? [])
      .at(0)?.gross;
  }

  /** An empty price is not known. */
  function put(item: string, text: string) {
    const amount = plainAmount(text, currency);
    if (amount === "") edit(item, { kind: "ClearPrice", item });
    else edit(item, { kind: "SetPrice", price: { item, amount: { amount, currency }, guess: false } });
  }

  return { priceOf, quotesOf, askedFor, put, faults };
}
