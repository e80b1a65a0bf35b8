// @vitest-environment jsdom
import "../testing/setup";
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { allNamed, standingThings } from "../capabilities";
import { atDesk, deskFor, plan, report, zone } from "../testing/desk";
import { LinesInBeds } from "./LinesInBeds";
import { outlineOf } from "./sprays";
import type { Manifold, PipeRolls, Spray, Sprinklers, Tap } from "./water";
import { PipesPaper } from "./PipesPaper";
import { WaterPanel } from "./WaterPanel";
import { words } from "./words";

const tap: Tap = {
  id: "tap",
  name: "Yard tap",
  place: { x: 1, y: 1 },
  height: 0.6,
  bucket: 10,
  seconds: 30,
  gear: { preventer: true, filter: true, timer: false, drain: false, meter: false },
  lifetime: {},
};
const manifold: Manifold = {
  id: "cocks",
  name: "Three cocks",
  from: "tap",
  place: { x: 2, y: 1 },
  valves: 3,
  height: 0.6,
  lifetime: {},
};
const sprinklers: Sprinklers = {
  id: "heads",
  bed: "beans",
  from: "cocks",
  valve: false,
  radius: 1.2,
  flow: 60,
  lifetime: {},
};
const watered = { ...plan, taps: [tap], manifolds: [manifold], sprinklers: [sprinklers] };

async function retype(field: HTMLElement, text: string) {
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
}

describe("manifolds", () => {
  it("one is put down where the sheet is clicked", async () => {
    const change = { kind: "PutManifold", manifold };
    const fetched = vi.fn(() => Promise.resolve(new Response(JSON.stringify(change), { status: 200 })));
    vi.stubGlobal("fetch", fetched);
    const { desk, submit } = deskFor({ plan: watered, report });
    atDesk(desk, <WaterPanel />);
    await userEvent.click(screen.getByRole("button", { name: words.placeManifold }));
    const [tool] = vi.mocked(desk.setTool).mock.calls.at(-1) ?? [];
    if (tool?.kind !== "spot") throw new Error("it is put down at a spot");
    tool.drawn({ x: 2, y: 1 });
    await waitFor(() => {
      expect(submit).toHaveBeenCalledWith(change, expect.anything());
    });
    expect(fetched).toHaveBeenCalledWith(
      expect.stringContaining("/water/manifolds?season="),
      expect.objectContaining({ body: JSON.stringify({ place: { x: 2, y: 1 } }) }),
    );
  });

  it("tells how many of its valves are taken, and is edited and taken off", async () => {
    const { desk, submit } = deskFor({ plan: watered, report });
    atDesk(desk, <WaterPanel />);
    const form = within(screen.getByTestId("manifold"));
    form.getByText(words.valvesTaken(1, 3), { exact: false });
    await userEvent.selectOptions(form.getByLabelText(words.valves), "4");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutManifold", manifold: { ...manifold, valves: 4 } },
      expect.anything(),
    );
    await retype(form.getByLabelText(words.handles), "90cm");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutManifold", manifold: { ...manifold, height: 0.9 } },
      expect.anything(),
    );
    await userEvent.click(form.getByRole("button", { name: "Delete Three cocks" }));
    expect(submit).toHaveBeenLastCalledWith({ kind: "RemoveManifold", manifold: "cocks" }, expect.anything());
  });

  it("feeds lines, has a name, and stands on the plot as a valve", () => {
    const { desk } = deskFor({ plan: watered, report });
    atDesk(desk, <WaterPanel />);
    const form = within(screen.getByTestId("lines"));
    expect(form.getByLabelText<HTMLSelectElement>(words.fedBy).selectedOptions[0]?.text).toBe("Three cocks");
    expect(standingThings(watered).find(({ id }) => id === "cocks")).toMatchObject({
      kind: "VALVE",
      height: 0.6,
    });
    expect(allNamed(watered).find(({ id }) => id === "heads")?.name).toBe("sprinklers of Beans");
  });
});

describe("sprinklers", () => {
  it("are edited by their throw and flow, and taken out", async () => {
    const { desk, submit } = deskFor({ plan: watered, report });
    atDesk(desk, <WaterPanel />);
    const form = within(screen.getByTestId("lines"));
    await retype(form.getByLabelText(words.lengths.radius), "90cm");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutSprinklers", sprinklers: { ...sprinklers, radius: 0.9 } },
      expect.anything(),
    );
    await retype(form.getByLabelText(words.sprinklerFlow), "45 L/h");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutSprinklers", sprinklers: { ...sprinklers, flow: 45 } },
      expect.anything(),
    );
    await userEvent.click(form.getByRole("button", { name: "Delete the sprinklers of Beans" }));
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "RemoveSprinklers", sprinklers: "heads" },
      expect.anything(),
    );
  });

  const quarter: Spray = { place: { x: 1, y: 1 }, radius: 2, from: 0, sweep: Math.PI / 2 };

  it("a quarter is drawn from its place round its arc, a full circle without it", () => {
    const drawn = outlineOf(quarter);
    expect(drawn[0]).toEqual(quarter.place);
    expect(drawn[1]).toEqual({ x: 3, y: 1 });
    expect(drawn.at(-1)?.x).toBeCloseTo(1);
    expect(drawn.at(-1)?.y).toBeCloseTo(3);
    const round = outlineOf({ ...quarter, sweep: 2 * Math.PI });
    for (const { x, y } of round) expect(Math.hypot(x - 1, y - 1)).toBeCloseTo(2);
  });

  it("what they wet is drawn on the sheet", () => {
    const wet = { ...zone, beds: zone.beds.map((bed) => ({ ...bed, sprays: [quarter] })) };
    const { desk } = deskFor({
      plan: watered,
      report: { ...report, water: { ...report.water, zones: [wet] } },
    });
    const { container } = atDesk(
      desk,
      <svg>
        <LinesInBeds view={{ scale: 10, x: 0, y: 0 }} moved={new Map()} selected={new Set()} />
      </svg>,
    );
    expect(container.querySelector("[fill-opacity]")?.getAttribute("d")).toMatch(/^M.*Z$/);
  });
});

describe("pipes to cut", () => {
  it("says what is cut from each roll, pieces alike together, and what is joined", async () => {
    const piece = (of: string, length: number) => ({
      pipe: "water/tube-13/metre",
      material: "Tube",
      of,
      length,
    });
    const rolls: PipeRolls[] = [
      {
        pipe: "water/tube-13/metre",
        material: "Tube",
        rolls: [
          {
            length: 25,
            pieces: [piece("Trunk", 12), piece("Beans", 2.26), piece("Beans", 2.26)],
            rest: 8.48,
          },
        ],
        used: 16.52,
        left: 8.48,
        couplings: 1,
      },
    ];
    vi.stubGlobal(
      "fetch",
      vi.fn(() => Promise.resolve(new Response(JSON.stringify(rolls), { status: 200 }))),
    );
    const { desk } = deskFor({ plan: watered, report });
    atDesk(desk, <PipesPaper />);
    const row = await screen.findByRole("row", { name: /Trunk/ });
    expect(row.textContent).toContain("Trunk 12.00 m, 2 × Beans 2.26 m");
    expect(row.textContent).toContain("8.48 m");
    screen.getByText(words.couplings(1, "Tube"));
  });
});
