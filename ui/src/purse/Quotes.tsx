import { plainNumber } from "../measure/numbers";
import { useState } from "react";
import type { Quote } from "../api/types";
import { batch } from "../edits/changes";
import { formatMoney } from "../measure/figures";
import { CheckField } from "../parts/CheckField";
import { TextField } from "../parts/TextField";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { useFieldEdit } from "../forms/useFieldEdit";

/** What shops asked for one thing, the newest first, and a form for one more. */
export function Quotes({ item, label, quotes }: { item: string; label: string; quotes: readonly Quote[] }) {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const asked = (desk.report?.asked ?? []).flatMap((told) =>
    quotes.filter(({ id }) => id === told.quote).map((quote) => ({ ...told, quote })),
  );

  function pin(quote: Quote, pinned: boolean) {
    // Only one of them is pinned.
    const unpinned = quotes.filter((other) => other.pinned && other.id !== quote.id);
    const changes = [...unpinned.map((other) => ({ ...other, pinned: false })), { ...quote, pinned }];
    desk.submit(
      batch(
        `Go by the price of ${quote.date}`,
        changes.map((changed) => ({ kind: "PutQuote", quote: changed })),
      ),
    );
  }

  return (
    <details
      className="col-span-2"
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer text-soft">
        {quotes.length === 0
          ? "Note what a shop asks"
          : `${String(quotes.length)} ${quotes.length === 1 ? "price" : "prices"} asked`}
      </summary>
      <ul className="pl-2">
        {(open ? asked : []).map(({ quote, gross, counts }) => (
          <li key={quote.id} className="border-b border-hair py-1">
            <p className="flex justify-between gap-2">
              <span>
                <span className="figures">{quote.date}</span>
                {quote.shop && `, ${quote.shop}`}
                {counts && <strong> counts</strong>}
              </span>
              <span className="figures whitespace-nowrap">
                {formatMoney(gross)}
                {quote.tax > 0 && ` with ${String(quote.tax)} %`}
              </span>
            </p>
            <p className="flex justify-between gap-2">
              <CheckField
                label="Go by this one whatever is newer"
                checked={quote.pinned}
                onChange={(pinned) => {
                  pin(quote, pinned);
                }}
              />
              <button
                type="button"
                className="text-button"
                aria-label={`Forget the price of ${label} of ${quote.date}`}
                onClick={() => {
                  desk.submit({ kind: "RemoveQuote", quote: quote.id });
                }}
              >
                forget
              </button>
            </p>
          </li>
        ))}
      </ul>
      {open && <NewQuote item={item} />}
    </details>
  );
}

function NewQuote({ item }: { item: string }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const today = new Date().toLocaleDateString("sv");
  const [draft, setDraft] = useState({ amount: "", shop: "", date: today, tax: "" });
  const { currency } = desk.plan.budget.sum;
  const set = (part: Partial<typeof draft>) => {
    setDraft((before) => ({ ...before, ...part }));
  };
  const number = (text: string) => plainNumber(text, 2);

  return (
    <div className="space-y-1 pl-2">
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label={`Price, ${currency}`}
          figures
          value={draft.amount}
          fault={faults["amount"]}
          onCommit={(amount) => {
            set({ amount });
          }}
        />
        <TextField
          label="Tax on top, %"
          figures
          value={draft.tax}
          fault={faults["tax"]}
          onCommit={(tax) => {
            set({ tax });
          }}
        />
        <TextField
          label="At which shop"
          value={draft.shop}
          onCommit={(shop) => {
            set({ shop });
          }}
        />
        <TextField
          label="On which day"
          type="date"
          value={draft.date}
          onCommit={(date) => {
            set({ date });
          }}
        />
      </div>
      <button
        type="button"
        className="plain-button"
        disabled={draft.amount.trim() === ""}
        title={draft.amount.trim() === "" ? words.noPriceYet : undefined}
        onClick={() => {
          const shop = draft.shop.trim();
          edit("amount", {
            kind: "PutQuote",
            quote: {
              id: crypto.randomUUID(),
              item,
              amount: { amount: number(draft.amount), currency },
              date: draft.date,
              tax: Number(number(draft.tax)) || 0,
              pinned: false,
              ...(shop === "" ? {} : { shop }),
            },
          });
          set({ amount: "" });
        }}
      >
        Note it
      </button>
    </div>
  );
}
