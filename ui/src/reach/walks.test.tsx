// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import "../testing/setup";
import type { Walk, WalkTakeoff } from "../api/types";
import { atDesk, catalogue, deskFor, plan, report } from "../testing/desk";
import { resurfaced } from "./WalkBuildFields";
import { WalkList } from "./WalkList";

const main: Walk = {
  id: "main",
  name: "Main",
  grade: "MAIN",
  surface: "PAVERS",
  corners: plan.site.corners,
  build: {
    layers: [
      { kind: "BASE", depth: 0.1 },
      { kind: "PAVERS", depth: 0 },
    ],
    dugIn: true,
    edged: true,
  },
  lifetime: {},
};
const takeoff: WalkTakeoff = {
  walk: "main",
  season: 2027,
  area: 12,
  edging: 15.2,
  layers: [
    { layer: { kind: "BASE", depth: 0.1 }, covered: 0, volume: 1500 },
    { layer: { kind: "PAVERS", depth: 0 }, covered: 13.2, volume: 0 },
  ],
  thickness: 0.15,
  rises: 0,
  spoil: 2250,
  away: { barrows: 27, trailers: 7, skips: 1, vehicles: [] },
};

function shown() {
  const at = deskFor({ plan: { ...plan, walks: [main] }, report: { ...report, walks: [takeoff] } });
  atDesk(at.desk, <WalkList />);
  return at;
}

describe("what a walk is made of", () => {
  it("tells layer by layer what is ordered and what is dug out for it", () => {
    shown();
    expect(screen.getByText(/25 % more than lies there, for compaction and waste/)).toHaveTextContent(
      "order 1.50 m³",
    );
    expect(screen.getByText(/10 % more than lies there, for laps, cuts and waste/)).toHaveTextContent(
      "order 13.20 m²",
    );
    const taken = within(screen.getByTestId("walk-takeoff"));
    expect(taken.getByText(/of ground, free of beds/)).toHaveTextContent("12.00 m²");
    expect(taken.getByText(/Dug out/)).toHaveTextContent("2.25 m³ loose, 27 barrows or 1 skip");
  });

  it("takes another depth, and leaves a layer out", async () => {
    const { submit } = shown();
    const depth = screen.getByLabelText("deep");
    await userEvent.clear(depth);
    await userEvent.type(depth, "15 cm{Enter}");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "PutWalk",
      walk: { build: { layers: [{ kind: "BASE", depth: 0.15 }, { kind: "PAVERS" }] } },
    });
    await userEvent.click(screen.getByRole("button", { name: "Leave layer 1 out" }));
    expect(submit.mock.calls[1]?.[0]).toMatchObject({ walk: { build: { layers: [{ kind: "PAVERS" }] } } });
  });

  it("gives a sheet no depth and loose stuff one", async () => {
    const { submit } = shown();
    await userEvent.selectOptions(screen.getByLabelText("Layer 1"), "CARDBOARD");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      walk: { build: { layers: [{ kind: "CARDBOARD", depth: 0 }, {}] } },
    });
    await userEvent.selectOptions(screen.getByLabelText("Layer 2"), "CHIP");
    expect(submit.mock.calls[1]?.[0]).toMatchObject({
      walk: { build: { layers: [{}, { kind: "CHIP", depth: 0.1016 }] } },
    });
  });

  it("lays the usual layers of its surface", async () => {
    const { submit } = shown();
    await userEvent.click(screen.getByRole("button", { name: "Lay the usual" }));
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      walk: { build: { layers: catalogue.surfaces[1]?.usual ?? [] } },
    });
  });
});

describe("another surface", () => {
  it("brings its own layers if the old ones were the usual ones", () => {
    const usual = { ...main, build: { ...main.build, layers: catalogue.surfaces[1]?.usual ?? [] } };
    const chip = resurfaced(usual, "WOOD_CHIP", catalogue.surfaces);
    expect(chip.build.layers.map((layer) => layer.kind)).toEqual(["CARDBOARD", "CHIP"]);
  });

  it("leaves layers alone that somebody chose", () => {
    expect(resurfaced(main, "WOOD_CHIP", catalogue.surfaces).build).toEqual(main.build);
  });
});
