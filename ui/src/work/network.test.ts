import { describe, expect, it } from "vitest";
import { networkOf } from "./network";
import type { WorkOfSeason } from "./tasks";

type StageTold = WorkOfSeason["stages"][number];
type Stage = StageTold["stage"];

const stage = (key: Stage, ...before: Stage[]): StageTold => ({
  stage: key,
  label: key,
  hours: 1,
  tasks: 1,
  waits: before.map((each) => ({ before: each, after: key, scope: "GARDEN", reason: `${each} first` })),
});

describe("the network of the work", () => {
  it("puts each stage after the last that it waits for", () => {
    const { nodes } = networkOf([
      stage("DIGGING"),
      stage("PIPES", "DIGGING"),
      stage("FRAMES"),
      stage("FILL", "FRAMES", "PIPES"),
    ]);
    expect(nodes.map(({ stage: key, column, row }) => [key, column, row])).toEqual([
      ["DIGGING", 0, 0],
      ["PIPES", 1, 0],
      ["FRAMES", 0, 1],
      ["FILL", 2, 0],
    ]);
  });

  it("leaves out what other arrows say as well, and what is not done in the season", () => {
    const { arrows } = networkOf([
      stage("FRAMES", "BASE"),
      stage("FILL", "FRAMES"),
      stage("PLANTING", "FILL", "FRAMES"),
    ]);
    expect(arrows.map(({ before, after }) => `${before} ${after}`)).toEqual(["FRAMES FILL", "FILL PLANTING"]);
  });

  it("is a single node where there is only one stage, and nothing without any", () => {
    expect(networkOf([stage("FILL")])).toMatchObject({ nodes: [{ column: 0, row: 0 }], arrows: [] });
    expect(networkOf([])).toEqual({ nodes: [], arrows: [] });
  });
});
