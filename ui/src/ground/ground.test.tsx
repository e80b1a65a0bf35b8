// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import type { Plan } from "../api/types";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan, report } from "../testing/desk";
import { BedsPanel } from "../bed/BedsPanel";
import { GroundPanel } from "./GroundPanel";
import { ReachPanel } from "../reach/ReachPanel";

async function type(label: string, text: string) {
  const field = screen.getByLabelText(label);
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
}

const tree = {
  id: "plum",
  name: "Plum",
  kind: "TREE" as const,
  places: [{ x: 2, y: 3 }],
  breadth: 0.3,
  margin: 2,
  height: 4,
  bareInWinter: false,
  lookout: false,
  lifetime: {},
};
const gate = {
  id: "gate",
  name: "Gate",
  place: { x: 5, y: 0 },
  width: 1,
  swing: "INWARD" as const,
  lifetime: { from: 2028 },
  sill: 0,
};
const equipped: Plan = {
  ...plan,
  features: [tree],
  waysIn: [gate],
  carriers: [{ id: "barrow", name: "Barrow", width: 0.9, wheels: true, turning: 0 }],
  walks: [
    {
      id: "main",
      name: "Main",
      grade: "MAIN",
      surface: "WOOD_CHIP",
      corners: plan.site.corners,
      build: { layers: [], dugIn: false, edged: false },
      lifetime: {},
    },
  ],
};

function at(part: React.ReactNode, extra: Parameters<typeof deskFor>[0] = {}) {
  const made = deskFor({ plan: equipped, ...extra });
  atDesk(made.desk, part);
  return made;
}

describe("what stands there", () => {
  it("is put down by numbers with its usual sizes, with Enter in any field", async () => {
    const { submit } = at(<GroundPanel />);
    await userEvent.selectOptions(screen.getByLabelText("Kind"), "WALL");
    await userEvent.click(screen.getByRole("button", { name: "Put it down by numbers" }));
    await userEvent.clear(screen.getByLabelText("From plot's left"));
    await userEvent.type(screen.getByLabelText("From plot's left"), "4");
    await userEvent.clear(screen.getByLabelText("From plot's foot"));
    await userEvent.type(screen.getByLabelText("From plot's foot"), "4");
    await userEvent.clear(screen.getByLabelText("To, from plot's left"));
    await userEvent.type(screen.getByLabelText("To, from plot's left"), "6");
    await userEvent.clear(screen.getByLabelText("To, from plot's foot"));
    await userEvent.type(screen.getByLabelText("To, from plot's foot"), "4{Enter}");
    expect(submit).toHaveBeenCalledTimes(1);
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "PutFeature",
      feature: {
        name: "Wall 1",
        kind: "WALL",
        breadth: 0.23,
        places: [
          { x: 4, y: 4 },
          { x: 6, y: 4 },
        ],
      },
    });
    expect(screen.getByText("Over 4 ft: local code.")).toBeInTheDocument();
  });

  it("a tree's crown is typed and its one place has no corners to add", async () => {
    const { submit } = at(<GroundPanel />);
    await userEvent.click(screen.getByText("Plum"));
    await type("Crown, radius", "3 m");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "PutFeature",
      feature: { id: "plum", margin: 3 },
    });
    await userEvent.click(screen.getByLabelText("Bare in winter"));
    expect(submit.mock.calls[1]?.[0]).toMatchObject({ feature: { bareInWinter: true } });
    await userEvent.click(screen.getByRole("button", { name: "Delete Plum" }));
    expect(submit.mock.calls[2]?.[0]).toEqual({ kind: "RemoveFeature", feature: "plum" });
  });

  it("a retaining wall is built of blocks or stone, and tells what that takes", async () => {
    const wall = {
      id: "wall",
      name: "Wall",
      kind: "RETAINING_WALL" as const,
      places: [
        { x: 1, y: 1 },
        { x: 5, y: 1 },
      ],
      breadth: 0.2,
      margin: 0,
      height: 0.6,
      depth: 0,
      bareInWinter: false,
      lifetime: { from: 2028 },
    };
    answering({
      "/retaining-walls": [
        {
          wall: "built",
          season: 2028,
          masonry: "BLOCK",
          courses: 4,
          length: 4,
          face: 3.25,
          pieces: 41.3,
          bags: 3.2,
          footing: 260,
          weeps: 3,
        },
      ],
    });
    const built = { ...wall, id: "built", name: "New wall", masonry: "BLOCK" as const };
    const high = { ...wall, id: "high", name: "High wall", masonry: "STONE" as const, height: 1.5 };
    const { submit } = at(<GroundPanel />, { plan: { ...equipped, features: [wall, built, high] } });
    const [ofOld, ofNew] = screen.getAllByLabelText("Built of");
    if (!ofOld || !ofNew) throw new Error("every retaining wall is asked");
    expect(within(ofOld).queryByText("Bricks, a single leaf")).toBeNull();
    await userEvent.selectOptions(ofOld, "BLOCK");
    expect(submit.mock.calls[0]?.[0]).toEqual({ kind: "PutFeature", feature: { ...wall, masonry: "BLOCK" } });
    await userEvent.selectOptions(ofNew, "it stands there already");
    expect(submit.mock.calls[1]?.[0]).toEqual({
      kind: "PutFeature",
      feature: { ...wall, id: "built", name: "New wall" },
    });
    const told = await screen.findByTestId("retaining-wall");
    expect(told).toHaveTextContent(
      "4 courses, the lowest in the ground, 4.00 m long: 42 blocks and 4 bags of mortar,",
    );
    expect(told).toHaveTextContent("on 260 L of crushed base. 3 pipes through it let water out.");
    expect(screen.getByText(/Of a wall over 4 ft/)).toBeInTheDocument();
  });

  it("a house has a ridge, or a flat roof where it has none", async () => {
    const house = {
      id: "house",
      name: "House",
      kind: "HOUSE" as const,
      places: plan.site.corners,
      margin: 0,
      height: 3,
      lifetime: {},
    };
    const { submit } = at(<GroundPanel />, {
      plan: { ...equipped, features: [house, { ...house, id: "barn", name: "Barn", ridge: 5 }] },
    });
    await userEvent.click(screen.getByText("House"));
    const [ofHouse, ofBarn] = screen.getAllByLabelText("Ridge of its roof");
    if (!ofBarn || !ofHouse) throw new Error("both can have a ridge");
    await userEvent.type(ofHouse, "4.5 m{Enter}");
    expect(submit.mock.calls[0]?.[0]).toEqual({ kind: "PutFeature", feature: { ...house, ridge: 4.5 } });
    await userEvent.clear(ofBarn);
    await userEvent.type(ofBarn, "{Enter}");
    expect(submit.mock.calls[1]?.[0]).toEqual({
      kind: "PutFeature",
      feature: { ...house, id: "barn", name: "Barn" },
    });
  });

  it("the garden's year begins on the day that is chosen", async () => {
    const { submit } = at(<GroundPanel />);
    expect(screen.getByLabelText("Its year begins on")).toHaveDisplayValue("1 January");
    await userEvent.selectOptions(screen.getByLabelText("Its year begins on"), "1 July");
    expect(submit.mock.calls[0]?.[0]).toEqual({
      kind: "DescribeGarden",
      name: plan.name,
      units: plan.units,
      yearBegins: "--07-01",
    });
  });

  it("everything that stands there may come in a season and go in one", async () => {
    const drain = {
      breadth: 0.3,
      margin: 0,
      height: 0,
      depth: 0.5,
      bareInWinter: false,
      lifetime: {},
      id: "drain",
      name: "Drain",
      kind: "DRAIN" as const,
      places: [
        { x: 0, y: 0 },
        { x: 4, y: 0 },
      ],
    };
    const plum = { ...tree, lifetime: { from: 2028, until: 2031 } };
    const { submit } = at(<GroundPanel />, { plan: { ...plan, features: [drain, plum] } });
    expect(screen.getByText("Tree, from 2028 until 2031")).toBeVisible();
    await userEvent.click(screen.getByText("Drain", { selector: "summary" }));
    expect(screen.getByLabelText("Depth of its stone")).toHaveValue("0.50 m");
    await type("Laid in season", "2028");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ feature: { id: "drain", lifetime: { from: 2028 } } });
    await userEvent.click(screen.getByText("Plum"));
    await type("From season", "");
    expect(submit.mock.calls[1]?.[0]).toHaveProperty("feature.lifetime", { until: 2031 });
    const [, gone] = screen.getAllByLabelText("Gone from season");
    if (!gone) throw new Error("both are listed");
    await userEvent.clear(gone);
    await userEvent.type(gone, "soon{Enter}");
    expect(submit.mock.calls[2]?.[0]).toHaveProperty("feature.lifetime", { from: 2028, until: 0 });
  });

  it("is drawn with the tool that was asked for", async () => {
    const setTool = vi.fn();
    at(<GroundPanel />, { setTool });
    await userEvent.selectOptions(screen.getByLabelText("Kind"), "TAP");
    await userEvent.click(screen.getByRole("button", { name: "Draw it" }));
    expect(setTool).toHaveBeenCalledWith({ kind: "feature", feature: "TAP" });
  });

  it("further ground is added beside the plot", async () => {
    const { submit } = at(<GroundPanel />);
    await userEvent.click(screen.getByRole("button", { name: "Add a piece of ground" }));
    const change = submit.mock.calls[0]?.[0];
    expect(change).toMatchObject({ kind: "SetSite", site: { corners: plan.site.corners } });
    if (change?.kind !== "SetSite") throw new Error("the site is set");
    expect(Math.min(...(change.site.further[0] ?? []).map((p) => p.x))).toBeGreaterThan(10);
  });

  it("heights begin at the corners", async () => {
    const { submit } = at(<GroundPanel />);
    await userEvent.click(screen.getByText("Levels"));
    await userEvent.click(screen.getByRole("button", { name: "Add a height" }));
    expect(submit.mock.calls[0]?.[0]).toEqual({
      kind: "SetLevels",
      levels: [{ place: { x: 0, y: 0 }, height: 0 }],
    });
  });
});

describe("shapes", () => {
  const selection = new Set(["kale"]);

  it("a bed becomes a comb that fits its size", async () => {
    const { submit } = at(<BedsPanel />, { selection });
    await userEvent.selectOptions(screen.getByLabelText("Shape"), "COMB");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "ReshapeBed",
      bed: "kale",
      from: 2028,
      shape: { form: { kind: "COMB", spine: 0.533333 }, keyholes: [] },
    });
  });

  it("a finger's width that is typed keeps the others", async () => {
    const form = { kind: "COMB" as const, fingers: 3, spine: 0.4, finger: 0.3 };
    const [, judged] = report.beds;
    if (!judged) throw new Error("the second bed is Kale");
    const kale = { ...judged, shape: { form, keyholes: [] } };
    const { submit } = at(<BedsPanel />, { selection, bedById: new Map([["kale", kale]]) });
    await type("Finger", "0.35");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ shape: { form: { ...form, finger: 0.35 } } });
    await type("Fingers", "many");
    expect(submit.mock.calls[1]?.[0]).toMatchObject({ shape: { form: { ...form, fingers: 0 } } });
  });

  it("a keyhole is cut into the middle of the foot, and what is refused is told there", async () => {
    const { submit } = at(<BedsPanel />, { selection });
    await userEvent.click(screen.getByRole("button", { name: "Cut a keyhole" }));
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      shape: {
        form: { kind: "RECTANGLE" },
        keyholes: [{ side: 0, at: 1.2, width: 0.4572, depth: 0.533333 }],
      },
    });
  });
});

describe("ways in and carriers", () => {
  it("a gate's sill is typed like any height", async () => {
    const { submit } = at(<ReachPanel />);
    await type("Sill, high", "5 cm");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ kind: "PutWayIn", wayIn: { id: "gate", sill: 0.05 } });
  });

  it("a gate without a season is there always", async () => {
    const { submit } = at(<ReachPanel />);
    await type("From season", "");
    expect(submit.mock.calls[0]?.[0]).toEqual({
      kind: "PutWayIn",
      wayIn: { ...gate, lifetime: {} },
    });
  });

  it("a way says in which season a fence closes it", async () => {
    const { submit } = at(<ReachPanel />);
    await type("Closed from season", "2030");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "PutWayIn",
      wayIn: { id: "gate", lifetime: { from: 2028, until: 2030 } },
    });
  });

  it("nothing is placed by numbers while one of them can't be read", async () => {
    const { submit } = at(<ReachPanel />);
    await userEvent.click(screen.getByRole("button", { name: "Add by numbers" }));
    const dialog = within(screen.getByRole("dialog"));
    await userEvent.clear(dialog.getByLabelText("Width"));
    await userEvent.type(dialog.getByLabelText("Width"), "wide{Enter}");
    expect(submit).not.toHaveBeenCalled();
    expect(dialog.getByLabelText("Width")).toHaveValue("wide");
    expect(dialog.getByText(/^Write a length like/)).toBeInTheDocument();
    await userEvent.clear(dialog.getByLabelText("Width"));
    await userEvent.type(dialog.getByLabelText("Width"), "1.2 m{Enter}");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ kind: "PutWayIn", wayIn: { width: 1.2 } });
  });

  it("a gate added by numbers lies on the edge of the plot that is nearest", async () => {
    const { submit } = at(<ReachPanel />);
    await userEvent.click(screen.getByRole("button", { name: "Add by numbers" }));
    const dialog = within(screen.getByRole("dialog"));
    await userEvent.clear(dialog.getByLabelText("From plot's left"));
    await userEvent.type(dialog.getByLabelText("From plot's left"), "3");
    await userEvent.clear(dialog.getByLabelText("From plot's foot"));
    await userEvent.type(dialog.getByLabelText("From plot's foot"), "0.4{Enter}");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "PutWayIn",
      wayIn: { place: { x: 3, y: 0 }, width: 1.0668 },
    });
  });

  it("a carrier comes with its usual measures and is shown", async () => {
    const showCarrier = vi.fn();
    const { submit } = at(<ReachPanel />, { showCarrier });
    await userEvent.click(screen.getByRole("button", { name: "+ Barrow" }));
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "PutCarrier",
      carrier: { name: "Barrow 1", width: 0.9144, wheels: true },
    });
    expect(showCarrier).toHaveBeenCalled();
  });

  it("a walk is taken up in a season", async () => {
    const { submit } = at(<ReachPanel />);
    await userEvent.click(screen.getByText("Main"));
    await type("Taken up in season", "2031");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ walk: { id: "main", lifetime: { until: 2031 } } });
  });

  it("a walk is laid in another surface", async () => {
    const { submit } = at(<ReachPanel />);
    await userEvent.click(screen.getByText("Main"));
    await userEvent.selectOptions(screen.getByLabelText("Surface"), "PAVERS");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "PutWalk",
      walk: { id: "main", surface: "PAVERS" },
    });
  });
});
