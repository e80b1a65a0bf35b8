// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import "../testing/setup";
import { answering } from "../testing/answers";
import { atDesk, deskFor } from "../testing/desk";
import { formatGoods, type StagedGood } from "./staging";
import { StagingPaper } from "./StagingPaper";
import { stagingWords as words } from "./stagingWords";

const goods: StagedGood[] = [
  { kind: "BAGS", stages: ["FILL"], label: "Compost, bag of 50 L", quantity: 2, kilograms: 35 },
  { kind: "BULK", stages: ["FILL"], label: "Garden mix", quantity: 412.5 },
  { kind: "ON_HAND", stages: ["FILL"], label: "Topsoil", quantity: 90 },
  {
    kind: "BOARDS",
    stages: ["FRAMES"],
    label: "Cedar, 2x10",
    quantity: 2,
    length: 2.4,
    mark: "B",
    kilograms: 31,
  },
  { kind: "PIECES", stages: ["FRAMES"], label: "Screws, box of 100", quantity: 0.24 },
  { kind: "PIECES", stages: ["FRAMES"], label: "Hinge", quantity: 2 },
  { kind: "YOUNG_PLANTS", stages: ["PLANTING"], label: "Tomato", quantity: 6 },
  { kind: "SEED", stages: ["PLANTING"], label: "Carrot", quantity: 120 },
];
const task = { key: "t", place: "bed", stage: "FILL", rate: { label: "Filling" } };

function answers() {
  answering({
    "/work-calendar/staging": [
      { place: "bed", name: "Long bed", goods },
      { place: "fence", name: "Fence", goods: [{ ...goods[5], label: "Latch" }] },
    ],
    "/tasks": { stages: [], tasks: [task], done: [], learned: [] },
    "/work-calendar": {
      calendar: {
        begins: "2027-04-01",
        stints: [{ task: "t", day: "2027-04-03", from: 0, minutes: 60, workers: [] }],
        days: [{ day: "2027-04-03", tools: [], cautions: [] }],
        tasks: [],
        unplaced: [],
        busiest: 1,
        hires: [],
      },
      moved: [],
    },
  });
}

it("lists place by place what lies ready, in whole pieces or parts of one", async () => {
  answers();
  atDesk(deskFor().desk, <StagingPaper />);
  const row = async (name: RegExp) =>
    within(await screen.findByRole("row", { name }))
      .getAllByRole("cell")
      .map(({ textContent }) => textContent.trim());
  expect(await row(/Compost/)).toEqual(["2", "Compost, bag of 50 L", "35 kg"]);
  expect(await row(/Garden mix/)).toEqual(["413 L", "Garden mix, tipped", ""]);
  expect(await row(/Topsoil/)).toEqual(["90 L", "Topsoil, from what is there", ""]);
  expect(await row(/Cedar/)).toEqual(["2", "Board B: Cedar, 2x10, 2.40 m", "31 kg"]);
  expect(await row(/Screws/)).toEqual(["0.24", "Screws, box of 100", ""]);
  expect(await row(/Hinge/)).toEqual(["2", "Hinge", ""]);
  expect(await row(/Tomato/)).toEqual(["6", "Young plants: Tomato", ""]);
  expect(await row(/Carrot/)).toEqual(["120", "Seed: Carrot", ""]);
});

it("is told for one day as well", async () => {
  answers();
  atDesk(deskFor().desk, <StagingPaper />);
  await userEvent.selectOptions(await screen.findByLabelText(words.for), "2027-04-03");
  await screen.findByRole("row", { name: /Compost/ });
  expect(screen.queryByRole("row", { name: /Cedar/ })).toBeNull();
  expect(screen.queryByRole("row", { name: /Latch/ })).toBeNull();
});

it("is told in short on the day sheet, without small parts", () => {
  expect(formatGoods(goods, "METRIC")).toEqual([
    "2 × Compost, bag of 50 L",
    "413 L Garden mix, tipped",
    "90 L Topsoil, from what is there",
    "6 young plants: Tomato",
    "Seed for 120: Carrot",
    "Boards marked B (2)",
  ]);
  expect(formatGoods(goods.slice(1, 2), "FEET_AND_INCHES")).toEqual(["14.6 cu ft Garden mix, tipped"]);
  expect(formatGoods([], "METRIC")).toEqual([]);
});
