import { useState } from "react";
import { formatMoney } from "../measure/figures";
import { PaperLink } from "../papers/PaperLink";
import { TextField } from "../parts/TextField";
import { words } from "../words";
import { useDesk } from "../workspace/desk";
import { PriceFile } from "./PriceFile";
import { Quotes } from "./Quotes";
import { usePrices } from "./usePrices";

/** What things cost: those that the bill calls for, or all that are sold. An empty price is not known. */
export function PriceBook() {
  const desk = useDesk();
  const { priceOf, quotesOf, askedFor, put, faults } = usePrices();
  const [all, setAll] = useState(false);
  const wanted = new Set((desk.report?.bill ?? []).map((line) => line.item));
  const items = desk.catalogue.items.filter((item) => all || wanted.has(item.key));
  const currency = desk.plan.budget.sum.currency;

  return (
    <div className="border-t border-rule pt-2">
      <h3 className="flex items-baseline">
        <span className="grow">Price book</span> <PaperLink paper="prices" />
      </h3>
      <p className="text-sm text-soft">
        Prices marked “{words.guess}” are rough starting figures. Ask your shop and type what they say, in{" "}
        {currency}.
      </p>
      <PriceFile />
      <label className="my-1 flex items-center gap-2 text-sm">
        <input
          type="checkbox"
          checked={all}
          onChange={(event) => {
            setAll(event.target.checked);
          }}
        />
        also what the bill does not call for
      </label>
      <ul>
        {items.map((item) => {
          const price = priceOf(item.key);
          const asked = askedFor(item.key);
          return (
            <li
              key={item.key}
              className="grid grid-cols-[1fr_5.5rem] items-center gap-2 border-b border-hair py-1 text-sm"
            >
              <span>
                {item.label}
                {price?.guess && !asked && <span className="ml-1 text-ochre">{words.guess}</span>}
              </span>
              {asked ? (
                <span className="figures text-right">{formatMoney(asked)}</span>
              ) : (
                <TextField
                  label={`Price of ${item.label}`}
                  hideLabel
                  figures
                  value={price?.amount.amount ?? ""}
                  fault={faults[item.key]}
                  onCommit={(text) => {
                    put(item.key, text);
                  }}
                />
              )}
              <Quotes item={item.key} label={item.label} quotes={quotesOf(item.key)} />
            </li>
          );
        })}
      </ul>
    </div>
  );
}
