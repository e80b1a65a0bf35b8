import { plainAmount } from "../measure/numbers";
import type { Forecast, Plan } from "../api/types";
import { formatMoney } from "../measure/figures";
import { TextField } from "../parts/TextField";
import { partName } from "./words";
import { useDesk } from "../workspace/desk";
import { without } from "../edits/changes";
import { useFieldEdit } from "../forms/useFieldEdit";

type Share = Plan["budget"]["shares"][number];

/** What of the budget is meant for each part of the work and each season, and what of it is left. An empty one is not set. */
export function BudgetShares({ forecast }: { forecast: Forecast }) {
  const { budget } = useDesk().plan;
  const { faults, edit } = useFieldEdit();
  const { currency } = budget.sum;
  const wanted: Omit<Share, "amount">[] = [
    ...forecast.byPart.map(({ part }) => ({ part })),
    ...forecast.bySeason.map(({ season }) => ({ season })),
    ...budget.shares.map((share) => without(share, "amount")),
  ];
  const rows = new Map(wanted.map((share) => [keyOf(share), share]));

  function put(share: Omit<Share, "amount">, text: string) {
    const amount = plainAmount(text, currency);
    const others = budget.shares.filter((other) => keyOf(other) !== keyOf(share));
    const shares = amount === "" ? others : [...others, { ...share, amount: { amount, currency } }];
    edit(keyOf(share), { kind: "SetBudget", budget: { ...budget, shares } });
  }

  return (
    <details className="text-sm" data-testid="shares">
      <summary className="cursor-pointer">Shares of the budget, by part and by season</summary>
      <ul className="pt-1">
        {[...rows].map(([key, share]) => {
          const name = share.part ? partName(share.part) : String(share.season);
          const set = budget.shares.find((other) => keyOf(other) === key);
          const left = forecast.shares.find((other) => keyOf(other) === key)?.left;
          return (
            <li key={key} className="grid grid-cols-[1fr_6rem] items-center gap-2 border-b border-hair py-1">
              <span>
                {name}
                {set && left && (
                  <span className={`figures ml-1 ${Number(left.amount) < 0 ? "text-snag" : "text-soft"}`}>
                    {formatMoney(left)} left
                  </span>
                )}
              </span>
              <TextField
                label={`Share of ${name}, ${currency}`}
                hideLabel
                figures
                value={set?.amount.amount ?? ""}
                fault={faults[key]}
                onCommit={(text) => {
                  put(share, text);
                }}
              />
            </li>
          );
        })}
      </ul>
    </details>
  );
}

function keyOf({ part, season }: Omit<Share, "amount">): string {
  return part ?? String(season);
}
