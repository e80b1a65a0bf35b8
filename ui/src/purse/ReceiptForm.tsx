import { paidBesides } from "../capabilities";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useId, useState } from "react";
import { Problem, request } from "../api/client";
import { ledgerChanged } from "../api/queries";
import type { LedgerPage } from "../api/types";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { words as everywhere } from "../words";
import { partName, words } from "./words";
import { useDesk } from "../workspace/desk";
import { PasteLines } from "./PasteLines";
import {
  emptyDraft,
  emptyRow,
  PARTS,
  percentOff,
  receiptOf,
  withFound,
  type Draft,
  type Row,
} from "./receiptDraft";
import { keepScan } from "./scans";

interface Props {
  draft: Draft;
  open: boolean;
  onDraft: (draft: Draft) => void;
  onOpen: (open: boolean) => void;
}

/** One more receipt, or an order: shop, day, lines, and what stands at its foot. A draft that is refused stays as it is. */
export function ReceiptForm({ draft, open, onDraft, onOpen }: Props) {
  const desk = useDesk();
  const client = useQueryClient();
  const file = useId();
  const [scan, setScan] = useState<File>();
  const { currency } = desk.plan.budget.sum;
  const bill = desk.report?.bill ?? [];
  const enter = useMutation({
    mutationFn: async (again: boolean) => {
      await request<LedgerPage>("POST", `/api/gardens/${desk.plan.id}/ledger`, {
        again,
        percentOff: percentOff(draft),
        receipt: receiptOf(draft, bill, currency),
      });
      if (scan) await keepScan(desk.plan.id, draft.id, scan);
    },
    onSuccess: () => {
      onDraft(emptyDraft());
      setScan(undefined);
    },
    onSettled: () => ledgerChanged(client, desk.plan.id),
  });
  const failure = enter.error instanceof Problem ? enter.error : undefined;
  const set = (part: Partial<Draft>) => {
    onDraft({ ...draft, ...part });
  };

  return (
    <details
      className="text-sm"
      open={open}
      onToggle={(event) => {
        onOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer">Enter a receipt or an order</summary>
      <div className="space-y-2 py-2">
        {draft.settles && (
          <p className="flex justify-between gap-2">
            It pays for the order from {draft.shop}.
            <button
              type="button"
              className="text-button"
              onClick={() => {
                onDraft(emptyDraft());
              }}
            >
              Another receipt
            </button>
          </p>
        )}
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
        {!draft.settles && (
          <CheckField
            label="Ordered, not paid yet"
            checked={draft.ordered}
            onChange={(ordered) => {
              set({ ordered });
            }}
          />
        )}
        <PasteLines
          onFound={(found) => {
            onDraft(withFound(draft, found));
          }}
        />
        <Rows
          rows={draft.rows}
          onChange={(rows) => {
            set({ rows });
          }}
        />
        <div className="grid grid-cols-3 gap-2">
          {(["discount", "tax", "paper"] as const).map((field) => (
            <TextField
              key={field}
              label={FOOT[field]}
              figures
              value={draft[field]}
              onCommit={(text) => {
                set({ [field]: text });
              }}
            />
          ))}
        </div>
        <label htmlFor={file} className="block text-soft">
          Photo or PDF of the paper, up to 5 MB
        </label>
        <input
          id={file}
          type="file"
          accept="image/jpeg,image/png,application/pdf"
          className="w-full"
          onChange={(event) => {
            setScan(event.target.files?.[0]);
          }}
        />
        {enter.isError && (
          <p role="alert" className="text-snag">
            {failure ? `${failure.message} ${failure.next}` : everywhere.awayIdle}
            {failure?.field === "scan" && ` ${words.enteredWithoutScan}`}
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

const FOOT = { discount: "Discount or %", tax: "Tax on top", paper: "Paper’s total" } as const;

/** What was bought, line by line, and what of the bill it pays for. */
function Rows({ rows, onChange }: { rows: readonly Row[]; onChange: (rows: Row[]) => void }) {
  const desk = useDesk();
  const { currency } = desk.plan.budget.sum;
  const bill = desk.report?.bill ?? [];
  const labels = new Map([
    ...desk.catalogue.items.map((item) => [item.key, item.label] as const),
    ...paidBesides(desk.plan).map(({ id, name }) => [`sundry/${id}`, name] as const),
  ]);
  const destinations = [
    ...[...new Set(bill.map(({ item }) => item))].map((item) => ({
      value: item,
      label: labels.get(item) ?? item,
    })),
    ...PARTS.map((part) => ({ value: part as string, label: `${partName(part)}, not on the bill` })),
  ];
  const setRow = (index: number, part: Partial<Row>) => {
    onChange(rows.map((row, i) => (i === index ? { ...row, ...part } : row)));
  };

  function choose(index: number, value: string) {
    const named = rows[index]?.text === "" && bill.some(({ item }) => item === value);
    setRow(index, { for: value, ...(named ? { text: labels.get(value) ?? value } : {}) });
  }

  return (
    <>
      {rows.map((row, index) => (
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
      <p className="flex gap-2">
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            onChange([...rows, emptyRow]);
          }}
        >
          + Line
        </button>
        {rows.length > 1 && (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              onChange(rows.slice(0, -1));
            }}
          >
            − Last line
          </button>
        )}
      </p>
    </>
  );
}
