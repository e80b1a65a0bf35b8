// @vitest-environment jsdom
import "../testing/setup";
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { standingThings } from "../capabilities";
import { atDesk, deskFor, plan, report, zone } from "../testing/desk";
import { weakestOf, type Barrel, type Dripline, type Soaker, type Tap, type WaterRun } from "./water";
import { WaterPanel } from "./WaterPanel";
import { words } from "./words";

const tap: Tap = {
  id: "tap",
  name: "Yard tap",
  place: { x: 1, y: 1 },
  height: 0.6,
  bucket: 10,
  seconds: 30,
  gear: { preventer: true, filter: false, timer: false, reducer: 170 },
  lifetime: {},
};
const barrel: Barrel = {
  id: "barrel",
  name: "Butt",
  place: { x: 8, y: 1 },
  height: 1,
  holds: 200,
  gear: { preventer: false, filter: false, timer: false },
  lifetime: {},
};
const run: WaterRun = {
  id: "run",
  name: "Trunk",
  from: "tap",
  places: [
    { x: 1, y: 1 },
    { x: 5, y: 1 },
  ],
  pipe: "TUBE_13",
  valve: false,
  lifetime: {},
};
const dripline: Dripline = {
  id: "lines",
  bed: "beans",
  from: "run",
  valve: false,
  emitters: 0.3,
  lines: 0.3,
  flow: 2,
  compensating: false,
  lifetime: {},
};
const soaker: Soaker = {
  id: "hose",
  bed: "kale",
  from: "gone",
  valve: false,
  inset: 0.225,
  hole: 0.003,
  spacing: 0.3,
  lifetime: {},
};
const watered = {
  ...plan,
  taps: [tap],
  barrels: [barrel],
  waterRuns: [run],
  driplines: [dripline],
  soakers: [soaker],
};
const running = {
  ...report,
  water: { zones: [zone], runs: [{ run: "run", places: run.places, length: 4 }] },
};

function answering(answer: unknown, status = 200) {
  const fetched = vi.fn<typeof fetch>(() =>
    Promise.resolve(
      new Response(JSON.stringify(answer), { status, headers: { "Content-Type": "application/json" } }),
    ),
  );
  vi.stubGlobal("fetch", fetched);
  return fetched;
}

async function retype(field: HTMLElement, text: string) {
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
}

describe("water", () => {
  it("begins with a bucket and a watch", async () => {
    const change = { kind: "PutTap", tap };
    const fetched = answering(change);
    const { desk, submit } = deskFor({ step: "water" });
    atDesk(desk, <WaterPanel />);
    screen.getByText(words.noSources);
    await retype(screen.getByLabelText(words.seconds), "36.5");
    await userEvent.click(screen.getByRole("button", { name: words.measureTap }));
    await waitFor(() => {
      expect(submit).toHaveBeenCalledWith(change, expect.anything());
    });
    expect(String(fetched.mock.calls[0]?.[0])).toContain("/water/taps?season=2028");
    expect(fetched.mock.calls[0]?.[1]?.body).toBe(JSON.stringify({ bucket: 10, seconds: 36.5 }));
    await retype(screen.getByLabelText(words.seconds), "soon");
    screen.getByText(words.unreadableSeconds);
  });

  it("says why a bed can't be watered yet", async () => {
    answering({ title: "Refused", detail: "There is no water yet: measure a tap first.", status: 422 }, 422);
    const { desk, submit } = deskFor({ step: "water" });
    atDesk(desk, <WaterPanel />);
    await userEvent.click(screen.getByRole("button", { name: /Lay dripline in 2 beds/ }));
    expect((await screen.findByRole("alert")).textContent).toContain("no water yet");
    expect(submit).not.toHaveBeenCalled();
  });

  it("a tap is edited by its figures in any unit, and what can't be read is said at its field", async () => {
    const { desk, submit } = deskFor({ plan: watered, report: running });
    atDesk(desk, <WaterPanel />);
    const form = within(screen.getByTestId("tap"));
    form.getByText("20.0 L/min");
    await retype(form.getByLabelText(words.closed), "40 psi");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutTap", tap: { ...tap, closed: 275.79 } },
      expect.anything(),
    );
    await retype(form.getByLabelText(words.closed), "much");
    form.getByText(words.unreadablePressure);
    await retype(form.getByLabelText(words.halfOpenSeconds), "45");
    await retype(form.getByLabelText(words.halfOpenPressure), "1.2 bar");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutTap", tap: { ...tap, flowing: { seconds: 45, pressure: 120 } } },
      expect.anything(),
    );
    await userEvent.click(form.getByLabelText(words.gear.filter));
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutTap", tap: { ...tap, gear: { ...tap.gear, filter: true } } },
      expect.anything(),
    );
    await userEvent.clear(form.getByLabelText(words.reducer));
    await userEvent.tab();
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutTap", tap: { ...tap, gear: { preventer: true, filter: false, timer: false } } },
      expect.anything(),
    );
  });

  it("a barrel, a run and the lines of beds are edited and taken out", async () => {
    const { desk, submit } = deskFor({ plan: watered, report: running });
    atDesk(desk, <WaterPanel />);
    await retype(within(screen.getByTestId("barrel")).getByLabelText(words.holds), "300 L");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutBarrel", barrel: { ...barrel, holds: 300 } },
      expect.anything(),
    );
    const pipe = within(screen.getByTestId("run"));
    await userEvent.selectOptions(pipe.getByLabelText(words.pipe), "HOSE_19");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutWaterRun", waterRun: { ...run, pipe: "HOSE_19" } },
      expect.anything(),
    );
    await userEvent.selectOptions(pipe.getByLabelText(words.fedBy), "barrel");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutWaterRun", waterRun: { ...run, from: "barrel" } },
      expect.anything(),
    );
    const [drip, hose] = screen.getAllByTestId("lines");
    if (!drip || !hose) throw new Error("two beds are watered");
    await retype(within(drip).getByLabelText(words.emitterFlow), "4 L/h");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutDripline", dripline: { ...dripline, flow: 4 } },
      expect.anything(),
    );
    expect(within(hose).getByLabelText<HTMLSelectElement>(words.fedBy).selectedOptions[0]?.text).toBe(
      words.nothing,
    );
    await userEvent.click(within(hose).getByRole("button", { name: "Delete the drilled hose of Kale" }));
    expect(submit).toHaveBeenLastCalledWith({ kind: "RemoveSoaker", soaker: "hose" }, expect.anything());
  });

  it("zones tell what they take, how evenly, and the least pressure of each bed", () => {
    const { desk } = deskFor({ plan: watered, report: running });
    atDesk(desk, <WaterPanel />);
    const zones = within(screen.getByTestId("zones"));
    zones.getByText("Zone 1");
    zones.getByText(/Takes 1.2 L\/min and wants 10 % of what Yard tap gives./);
    zones.getByText("Evenness 97 %.");
    expect(zones.getByRole("row").textContent).toBe("Beans1.2 L/minleast 1.40 bar");
  });

  it("a line that is drawn on the sheet becomes a run", async () => {
    const change = { kind: "PutWaterRun", waterRun: run };
    const fetched = answering(change);
    const { desk, submit } = deskFor({ plan: watered, report: running });
    atDesk(desk, <WaterPanel />);
    await userEvent.click(screen.getByRole("button", { name: words.drawRun }));
    const [tool] = vi.mocked(desk.setTool).mock.calls.at(-1) ?? [];
    if (tool?.kind !== "line") throw new Error("it is drawn as a line");
    tool.drawn({ x: 1, y: 1 }, { x: 5, y: 1 });
    await waitFor(() => {
      expect(submit).toHaveBeenCalledWith(change, expect.anything());
    });
    expect(fetched.mock.calls[0]?.[1]?.body).toBe(
      JSON.stringify({
        places: [
          { x: 1, y: 1 },
          { x: 5, y: 1 },
        ],
      }),
    );
  });

  it("taps and barrels stand on the plot like what every garden has", () => {
    expect(standingThings(watered).filter(({ kind }) => kind === "TAP")).toHaveLength(2);
  });

  it("the weakest bed of a zone is the one with the least pressure", () => {
    const [beans] = zone.beds;
    if (!beans) throw new Error("a zone waters a bed");
    const low = { ...beans, lines: "low", least: 20 };
    expect(weakestOf({ ...zone, beds: [beans, low] }).lines).toBe("low");
  });
});
