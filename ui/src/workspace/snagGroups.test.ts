import { describe, expect, it } from "vitest";
import { snag } from "../testing/desk";
import { grouped, type Names, type Numbered } from "./snagGroups";

const names: Names = {
  thing: (id) => id.toUpperCase(),
  gardener: (id) => (id === "gone" ? "" : `${id}!`),
  step: (step) => step.toLowerCase(),
};

function all(...parts: Partial<Numbered["snag"]>[]): Numbered[] {
  return parts.map((part, index) => ({ key: String(index), number: index + 1, snag: { ...snag, ...part } }));
}

const told = (by: Parameters<typeof grouped>[1], ...parts: Partial<Numbered["snag"]>[]) =>
  grouped(all(...parts), by, names).map(({ heading, snags }) => [heading, snags.map((s) => s.number)]);

describe("snags in groups", () => {
  it("go by what is wrong and whom it hinders, the worst first", () => {
    expect(
      told(
        "cause",
        { cause: "Walk too narrow", gardeners: ["ada"] },
        { cause: "Bed off the plot", gardeners: [] },
        { cause: "Walk too narrow", gardeners: ["ada"] },
        { cause: "Walk too narrow", gardeners: ["ada", "oda", "ines"] },
        { cause: "Walk too narrow", gardeners: ["gone"] },
      ),
    ).toEqual([
      ["Walk too narrow for ada!", [1, 3]],
      ["Bed off the plot", [2]],
      ["Walk too narrow for ada!, oda! and ines!", [4]],
      ["Walk too narrow", [5]],
    ]);
  });

  it("go by the step in which they are put right", () => {
    expect(told("step", { step: "REACH" }, { step: "PURSE" }, { step: "REACH" })).toEqual([
      ["reach", [1, 3]],
      ["purse", [2]],
    ]);
  });

  it("go by the bed or thing they are about", () => {
    const gate = { kind: "wayIn", id: "gate" };
    expect(
      told(
        "place",
        { beds: ["kale"] },
        { beds: [], things: [gate] },
        { beds: [], things: [] },
        { beds: ["kale"] },
      ),
    ).toEqual([
      ["KALE", [1, 4]],
      ["GATE", [2]],
      ["The whole garden", [3]],
    ]);
  });
});
