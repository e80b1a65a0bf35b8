import { expect, it } from "vitest";
import type { TradeStep } from "../workspace/desk";
import { report, zone } from "../testing/desk";
import { bedNote } from "./notes";

it.each([
  ["beds", "2.40 × 1.60"],
  ["reach", "25 % missed"],
  ["frames", "0.30 high"],
  ["fill", "558 L"],
  ["water", "by hand"],
  ["purse", "€12.00"],
] as [TradeStep, string][])("the sheet says in the step %s of a bed: %s", (step, note) => {
  const kale = report.beds[1];
  if (!kale) throw new Error("the garden has two beds");
  const judged = { ...report, beds: [{ ...kale, aloneCost: { amount: "12.00", currency: "EUR" } }] };
  expect(bedNote({ step, units: "METRIC", judged, report }, kale, kale.outline)).toBe(note);
});

it("the sheet says in the step of water what flows in a bed while its zone runs", () => {
  const kale = report.beds[1];
  if (!kale) throw new Error("the garden has two beds");
  const watered = { ...zone, beds: [{ ...zone.beds[0], bed: kale.bed, flow: 90 }] } as typeof zone;
  const told = { ...report, water: { ...report.water, zones: [watered] } };
  expect(bedNote({ step: "water", units: "METRIC", judged: told, report: told }, kale, kale.outline)).toBe(
    "1.5 L/min",
  );
});
