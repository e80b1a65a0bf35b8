// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { Feature, WayIn } from "../api/types";
import { layers } from "../capabilities";
import { atDesk, deskFor, plan } from "../testing/desk";
import { SelectionBar } from "./SelectionBar";

const wall = (id: string, y: number, height: number): Feature => ({
  id,
  kind: "WALL",
  name: id,
  places: [
    { x: 1, y },
    { x: 4, y },
  ],
  margin: 0,
  height,
  breadth: 0.23,
  depth: 0,
  bareInWinter: false,
  lifetime: { from: 2027 },
});
const gate: WayIn = {
  id: "gate",
  name: "Gate",
  place: { x: 5, y: 0 },
  width: 1,
  swing: "INWARD",
  lifetime: {},
  sill: 0,
};

function selecting(...ids: string[]) {
  const walled = { ...plan, features: [wall("low", 2, 1), wall("high", 6, 2)], waysIn: [gate] };
  const made = deskFor({ plan: walled, step: "ground", selection: new Set(ids) });
  const things = layers.flatMap((layer) => layer.things(made.desk));
  atDesk({ ...made.desk, things: new Map(things.map((thing) => [thing.id, thing])) }, <SelectionBar />);
  return made;
}

describe("several things that are no beds", () => {
  it("show the lengths that they share and leave empty what differs", () => {
    selecting("low", "high");
    expect(screen.getByLabelText("Thickness of all 2")).toHaveValue("0.23 m");
    expect(screen.getByLabelText("Height of all 2")).toHaveValue("");
    expect(screen.getByLabelText("From season")).toHaveValue("2027");
  });

  it("take one length as one edit", async () => {
    const { submit } = selecting("low", "high");
    await userEvent.type(screen.getByLabelText("Height of all 2"), "1.5{Enter}");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "Batch",
      label: "Height of 2 things",
      changes: [
        { kind: "PutFeature", feature: { id: "high", height: 1.5 } },
        { kind: "PutFeature", feature: { id: "low", height: 1.5 } },
      ],
    });
  });

  it("are named by a pattern in reading order, and go in one season", async () => {
    const { submit } = selecting("low", "high");
    await userEvent.type(screen.getByLabelText(/^Names, #/), "Wall #{Enter}");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      changes: [{ feature: { id: "high", name: "Wall 1" } }, { feature: { id: "low", name: "Wall 2" } }],
    });
    await userEvent.type(screen.getByLabelText("Gone from season"), "2030{Enter}");
    expect(submit.mock.calls[1]?.[0]).toMatchObject({
      changes: [
        { feature: { id: "high", lifetime: { from: 2027, until: 2030 } } },
        { feature: { id: "low", lifetime: { from: 2027, until: 2030 } } },
      ],
    });
  });

  it("of different kinds share their names and seasons only", () => {
    selecting("low", "gate");
    expect(screen.queryByLabelText(/of all 2/)).toBeNull();
    expect(screen.getByLabelText(/^Names, #/)).toBeVisible();
  });

  it("are not edited together with beds", () => {
    const made = deskFor({ selection: new Set(["beans", "low"]), step: "ground" });
    const walled = { ...made.desk, plan: { ...plan, features: [wall("low", 2, 1)] } };
    const things = layers.flatMap((layer) => layer.things(walled));
    atDesk({ ...walled, things: new Map(things.map((thing) => [thing.id, thing])) }, <SelectionBar />);
    expect(screen.queryByTestId("several-things")).toBeNull();
  });
});
