// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import { expect, it } from "vitest";
import "../testing/setup";
import { answering } from "../testing/answers";
import { atDesk, deskFor } from "../testing/desk";
import { WorkBySeason } from "./WorkBySeason";

const sawing = { key: "frame/piece", label: "Sawing a piece", minutes: 12, unit: "piece", source: "a guess" };
const carrying = {
  key: "carry/barrow",
  label: "A barrow",
  minutes: 5,
  unit: "trip",
  source: "common practice",
};

it("says how many hours each season takes, and what for", async () => {
  answering({
    "/work": [
      {
        season: 2027,
        hours: 14.2,
        tasks: [
          { rate: sawing, quantity: 66, hours: 13.2 },
          { rate: carrying, quantity: 12, hours: 1 },
        ],
      },
      { season: 2029, hours: 0.1, tasks: [{ rate: carrying, quantity: 1, hours: 0.1 }] },
    ],
  });
  atDesk(deskFor().desk, <WorkBySeason />);
  const rows = within(await screen.findByRole("table")).getAllByRole("row");
  expect(rows.map((row) => row.textContent)).toEqual([
    "2027about 14 h",
    "Sawing a piece: 6613 h",
    "A barrow: 121.0 h",
    "2029about 0.5 h",
    "A barrow: 10.5 h",
  ]);
});

it("is not there while nothing is built", async () => {
  const fetched = answering({ "/work": [] });
  atDesk(deskFor().desk, <WorkBySeason />);
  await expect.poll(() => fetched.mock.calls.length).toBe(1);
  expect(screen.queryByText("Work, by season")).not.toBeInTheDocument();
});
