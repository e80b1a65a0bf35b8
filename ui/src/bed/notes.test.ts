import { expect, it } from "vitest";
import type { TradeStep } from "../workspace/desk";
import { deskFor, plan, report, zone } from "../testing/desk";
import { bedNote } from "./notes";

const { desk } = deskFor();

it.each([
  ["beds", "2.40 × 1.60"],
  ["reach", "25 % missed"],
  ["frames", "0.30 high"],
  ["fill", "558 L"],
  ["water", "by hand"],
  ["fence", "2.40 × 1.60"],
  ["crops", "bare"],
  ["purse", "€12.00"],
] as [TradeStep, string][])("the sheet says in the step %s of a bed: %s", (step, note) => {
  const kale = report.beds[1];
  if (!kale) throw new Error("the garden has two beds");
  const judged = { ...report, beds: [{ ...kale, aloneCost: { amount: "12.00", currency: "EUR" } }] };
  expect(bedNote({ ...desk, step, judged, report }, kale, kale.outline)).toBe(note);
});

it("the sheet says in the step of water what flows in a bed while its zone runs", () => {
  const kale = report.beds[1];
  if (!kale) throw new Error("the garden has two beds");
  const watered = { ...zone, beds: [{ ...zone.beds[0], bed: kale.bed, flow: 90 }] } as typeof zone;
  const told = { ...report, water: { ...report.water, zones: [watered] } };
  expect(bedNote({ ...desk, step: "water", judged: told, report: told }, kale, kale.outline)).toBe(
    "1.5 L/min",
  );
});

it("the sheet says in the step of fences which pests get to a bed", () => {
  const kale = report.beds[1];
  if (!kale) throw new Error("the garden has two beds");
  const pest = { id: "deer", name: "Deer", kind: "DEER", pressing: "LOW", lifetime: {} } as const;
  const needs = { height: 2.4, mesh: 0.15, meshed: 0, buried: 0, apron: 0, climbs: false };
  const row = { pest: "deer", needs, open: [kale.bed], stoppedBy: [], holes: [] };
  const at = (open: string[]) => {
    const told = { ...report, fencing: { fences: [], gates: [], pests: [{ ...row, open }] } };
    return bedNote(
      { ...desk, step: "fence", judged: told, report: told, plan: { ...plan, pests: [pest] } },
      kale,
      kale.outline,
    );
  };
  expect(at([kale.bed])).toBe("open to Deer");
  expect(at([])).toBe("closed in");
});

it("the sheet says in the step of crops what grows in a bed on the day that is shown", () => {
  const kale = report.beds[1];
  if (!kale) throw new Error("the garden has two beds");
  const planting = {
    id: "carrots",
    name: "Carrots",
    crop: "carrot",
    bed: kale.bed,
    part: { from: 0, to: 1, low: 0, high: 1 },
    layout: "ROWS_ALONG",
    raising: "SOWN",
    interplanted: false,
    from: "2028-04-01",
    until: "2028-06-23",
  } as const;
  const on = (half: number) =>
    bedNote(
      {
        ...desk,
        step: "crops",
        season: 2028,
        plan: { ...plan, plantings: [planting] },
        shown: { ...desk.shown, sun: { ...desk.shown.sun, half } },
      },
      kale,
      kale.outline,
    );
  // The 8th of June, and the 23rd, on which they are cleared.
  expect(on(10)).toBe("Carrots");
  expect(on(11)).toBe("bare");
  expect(on(5)).toBe("bare");
});
