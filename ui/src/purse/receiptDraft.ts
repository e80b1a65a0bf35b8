import { plainNumber } from "../measure/numbers";
import type { BillLine, FoundLines, LedgerEntry, Receipt } from "../api/types";

export const PARTS = [
  "GROUND",
  "FRAMES",
  "WALKS",
  "FILL",
  "WATER",
  "FENCE",
  "STRUCTURES",
  "CROPS",
  "TOOLS",
  "OTHER",
] as const;
type Part = (typeof PARTS)[number];

/** A line as it is typed; `for` is the key of a line of the bill, or a part of the work. */
export interface Row {
  text: string;
  quantity: string;
  amount: string;
  for: string;
}

/** A receipt as it is typed. */
export interface Draft {
  id: string;
  date: string;
  shop: string;
  rows: Row[];
  discount: string;
  tax: string;
  paper: string;
  ordered: boolean;
  /** The order that it pays for. */
  settles?: string;
}

export const emptyRow: Row = { text: "", quantity: "1", amount: "", for: "OTHER" };

function today(): string {
  return new Date().toLocaleDateString("sv");
}

export function emptyDraft(): Draft {
  return {
    id: crypto.randomUUID(),
    date: today(),
    shop: "",
    rows: [emptyRow],
    discount: "",
    tax: "",
    paper: "",
    ordered: false,
  };
}

/** The receipt that pays for an order: the same as was ordered, until it is altered. */
export function paying(order: LedgerEntry): Draft {
  return {
    ...emptyDraft(),
    shop: order.shop,
    rows: order.lines.map(rowOf),
    discount: nonZero(order.discount.amount),
    tax: nonZero(order.tax.amount),
    settles: order.id,
  };
}

function nonZero(amount: string): string {
  return Number(amount) === 0 ? "" : amount;
}

function rowOf(line: Receipt["lines"][number]): Row {
  return {
    text: line.text,
    quantity: String(line.quantity),
    amount: line.amount.amount,
    for: line.item ?? line.part,
  };
}

/** Lines that were found in a text go below those that are typed; what stands at its foot takes the place of what is not typed yet. */
export function withFound(draft: Draft, found: FoundLines): Draft {
  const typed = draft.rows.filter((row) => row.text !== "" || row.amount !== "");
  return {
    ...draft,
    rows: [...typed, ...found.lines.map(rowOf)],
    discount: draft.discount || (found.discount?.amount ?? ""),
    tax: draft.tax || (found.tax?.amount ?? ""),
    paper: draft.paper || (found.paper?.amount ?? ""),
  };
}

/** What is no number goes to the program as it is, which refuses it. */
const number = (text: string) => plainNumber(text, 2);

/** The percentage that is typed as a discount, `10 %`; undefined if a sum is, or what can't be read. */
export function percentOff(draft: Draft): number | undefined {
  const { discount } = draft;
  const percent = /%\s*$/.test(discount) ? Number(plainNumber(discount)) : NaN;
  return Number.isNaN(percent) ? undefined : percent;
}

export function receiptOf(draft: Draft, bill: readonly BillLine[], currency: string): Receipt {
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
    discount: money(percentOff(draft) === undefined ? draft.discount : ""),
    tax: money(draft.tax),
    ordered: draft.ordered,
    ...(draft.paper.trim() === "" ? {} : { paper: money(draft.paper) }),
    ...(draft.settles ? { settles: draft.settles } : {}),
  };
}
