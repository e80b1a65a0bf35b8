import { expect, it } from "vitest";
import type { TradeStep } from "../workspace/desk";
import { report } from "../testing/desk";
import { bedNote } from "./notes";

it.each([
  ["beds", "2.40 × 1.60"],
  ["reach", "25 % missed"],
  ["frames", "0.30 high"],
  ["fill", "558 L"],
  ["purse", "€12.00"],
] as [TradeStep, string][])("the sheet says in the step %s of a bed: %s", (step, note) => {
  const kale = report.beds[1];
  if (!kale) throw new Error("the garden has two beds");
  const judged = { ...report, beds: [{ ...kale, aloneCost: { amount: "12.00", currency: "EUR" } }] };
  expect(bedNote({ step, units: "METRIC", judged }, kale, kale.outline)).toBe(note);
});
