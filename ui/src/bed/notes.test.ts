import { expect, it } from "vitest";
import type { TradeStep } from "../workspace/desk";
import { plan, report, zone } from "../testing/desk";
import { bedNote } from "./notes";

it.each([
  ["beds", "2.40 × 1.60"],
  ["reach", "25 % missed"],
  ["frames", "0.30 high"],
  ["fill", "558 L"],
  ["water", "by hand"],
  ["fence", "2.40 × 1.60"],
  ["purse", "€12.00"],
] as [TradeStep, string][])("the sheet says in the step %s of a bed: %s", (step, note) => {
  const kale = report.beds[1];
  if (!kale) throw new Error("the garden has two beds");
  const judged = { ...report, beds: [{ ...kale, aloneCost: { amount: "12.00", currency: "EUR" } }] };
  expect(bedNote({ step, units: "METRIC", judged, report, plan }, kale, kale.outline)).toBe(note);
});

it("the sheet says in the step of water what flows in a bed while its zone runs", () => {
  const kale = report.beds[1];
  if (!kale) throw new Error("the garden has two beds");
  const watered = { ...zone, beds: [{ ...zone.beds[0], bed: kale.bed, flow: 90 }] } as typeof zone;
  const told = { ...report, water: { ...report.water, zones: [watered] } };
  expect(
    bedNote({ step: "water", units: "METRIC", judged: told, report: told, plan }, kale, kale.outline),
  ).toBe("1.5 L/min");
});

it("the sheet says in the step of fences which pests get to a bed", () => {
  const kale = report.beds[1];
  if (!kale) throw new Error("the garden has two beds");
  const pest = { id: "deer", name: "Deer", kind: "DEER", pressing: "LOW", lifetime: {} } as const;
  const needs = { height: 2.4, mesh: 0.15, meshed: 0, buried: 0, apron: 0, climbs: false };
  const row = { pest: "deer", needs, open: [kale.bed], stoppedBy: [], holes: [] };
  const at = (open: string[]) => {
    const told = { ...report, fencing: { fences: [], gates: [], pests: [{ ...row, open }] } };
    const desk = {
      step: "fence",
      units: "METRIC",
      judged: told,
      report: told,
      plan: { ...plan, pests: [pest] },
    };
    return bedNote(desk as Parameters<typeof bedNote>[0], kale, kale.outline);
  };
  expect(at([kale.bed])).toBe("open to Deer");
  expect(at([])).toBe("closed in");
});
