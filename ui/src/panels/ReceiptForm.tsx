import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Problem, request } from "../api/client";
import { keys } from "../api/queries";
import type { BillLine, LedgerPage, Receipt } from "../api/types";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { partName, words } from "../words";
import { useDesk } from "../workspace/desk";

const PARTS = ["GROUND", "FRAMES", "WALKS", "FILL", "WATER", "FENCE", "TOOLS", "OTHER"] as const;
type Part = (typeof PARTS)[number];

/** A line as it is typed; `for` is the key of a line of the bill, or a part of the work. */
interface Row {
  text: string;
  quantity: string;
  amount: string;
  for: string;
}

interface Draft {
  id: string;
  date: string;
  shop: string;
  rows: Row[];
  discount: string;
  tax: string;
  paper: string;
}

const emptyRow: Row = { text: "", quantity: "1", amount: "", for: "OTHER" };

function emptyDraft(): Draft {
  const date = new Date().toLocaleDateString("sv");
  return { id: crypto.randomUUID(), date, shop: "", rows: [emptyRow], discount: "", tax: "", paper: "" };
}

/** What is no number goes to the program as it is, which refuses it. */
const number = (text: string) => text.trim().replace(",", ".");

function receiptOf(draft: Draft, bill: readonly BillLine[], currency: string): Receipt {
  const money = (text: string) => ({ amount: number(text) || "0", currency });
  return {
    id: draft.id,
    date: draft.date,
    shop: draft.shop,
    lines: draft.rows.map((row) => {
      const line = bill.find(({ item }) => item === row.for);
      const part = line?.part ?? PARTS.find((each) => each === row.for) ?? ("OTHER" satisfies Part);
      return {
        text: row.text,
        quantity: Number(number(row.quantity)) || 0,
        amount: money(row.amount),
        part,
        ...(line ? { item: line.item } : {}),
      };
    }),
    discount: money(draft.discount),
    tax: money(draft.tax),
    ...(draft.paper.trim() === "" ? {} : { paper: money(draft.paper) }),
  };
}

/** One more receipt: shop, day, lines, and what stands at its foot. A draft that is refused stays as it is. */
export function ReceiptForm() {
  const desk = useDesk();
  const client = useQueryClient();
  const [draft, setDraft] = useState<Draft>(emptyDraft);
  const { currency } = desk.plan.budget.sum;
  const bill = desk.report?.bill ?? [];
  const labels = new Map([
    ...desk.catalogue.items.map((item) => [item.key, item.label] as const),
    ...desk.plan.sundries.map((sundry) => [`sundry/${sundry.id}`, sundry.name] as const),
  ]);
  const enter = useMutation({
    mutationFn: (again: boolean) =>
      request<LedgerPage>("POST", `/api/gardens/${desk.plan.id}/ledger`, {
        again,
        receipt: receiptOf(draft, bill, currency),
      }),
    onSuccess: () => {
      setDraft(emptyDraft());
      return client.invalidateQueries({ queryKey: keys.ledger(desk.plan.id) });
    },
  });
  const failure = enter.error instanceof Problem ? enter.error : undefined;

  const set = (part: Partial<Draft>) => {
    setDraft((before) => ({ ...before, ...part }));
  };
  const setRow = (index: number, part: Partial<Row>) => {
    set({ rows: draft.rows.map((row, i) => (i === index ? { ...row, ...part } : row)) });
  };
  const destinations = [
    ...[...new Set(bill.map(({ item }) => item))].map((item) => ({
      value: item,
      label: labels.get(item) ?? item,
    })),
    ...PARTS.map((part) => ({ value: part as string, label: `${partName(part)}, not on the bill` })),
  ];

  function choose(index: number, value: string) {
    const row = draft.rows[index];
    const named = row?.text === "" && bill.some(({ item }) => item === value);
    setRow(index, { for: value, ...(named ? { text: labels.get(value) ?? value } : {}) });
  }

  return (
    <details className="text-sm">
      <summary className="cursor-pointer">Enter a receipt</summary>
      <div className="space-y-2 py-2">
        <div className="grid grid-cols-2 gap-2">
          <TextField
            label="Shop"
            value={draft.shop}
            onCommit={(shop) => {
              set({ shop });
            }}
          />
          <TextField
            label="Day"
            type="date"
            value={draft.date}
            onCommit={(date) => {
              set({ date });
            }}
          />
        </div>
        {draft.rows.map((row, index) => (
          <fieldset key={index} className="space-y-1 border-l-2 border-rule pl-2">
            <legend className="sr-only">Line {index + 1}</legend>
            <Choice
              label="It pays for"
              value={row.for}
              options={destinations}
              onChange={(value) => {
                choose(index, value);
              }}
            />
            <div className="grid grid-cols-[1fr_4rem_6rem] gap-2">
              <TextField
                label="What"
                value={row.text}
                onCommit={(text) => {
                  setRow(index, { text });
                }}
              />
              <TextField
                label="Pieces"
                figures
                value={row.quantity}
                onCommit={(quantity) => {
                  setRow(index, { quantity });
                }}
              />
              <TextField
                label={`All, ${currency}`}
                figures
                value={row.amount}
                onCommit={(amount) => {
                  setRow(index, { amount });
                }}
              />
            </div>
          </fieldset>
        ))}
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            set({ rows: [...draft.rows, emptyRow] });
          }}
        >
          + Line
        </button>
        <div className="grid grid-cols-3 gap-2">
          <TextField
            label="Discount"
            figures
            value={draft.discount}
            onCommit={(discount) => {
              set({ discount });
            }}
          />
          <TextField
            label="Tax on top"
            figures
            value={draft.tax}
            onCommit={(tax) => {
              set({ tax });
            }}
          />
          <TextField
            label="Paper’s total"
            figures
            value={draft.paper}
            onCommit={(paper) => {
              set({ paper });
            }}
          />
        </div>
        {enter.isError && (
          <p role="alert" className="text-snag">
            {failure ? `${failure.message} ${failure.next}` : words.awayIdle}
          </p>
        )}
        <div className="flex gap-2">
          <button
            type="button"
            className="strong-button"
            disabled={enter.isPending}
            onClick={() => {
              enter.mutate(false);
            }}
          >
            Enter it
          </button>
          {failure?.field.endsWith("again") && (
            <button
              type="button"
              className="plain-button"
              onClick={() => {
                enter.mutate(true);
              }}
            >
              It is another one: enter it
            </button>
          )}
        </div>
      </div>
    </details>
  );
}
