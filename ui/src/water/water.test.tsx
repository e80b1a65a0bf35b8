// @vitest-environment jsdom
import "../testing/setup";
import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { allNamed, standingThings } from "../capabilities";
import { atDesk, deskFor, plan, report, zone } from "../testing/desk";
import { formatClock, formatMinutes, growing, parseClock, settingWords } from "./months";
import { weatherUnits } from "../measure/weather";
import {
  weakestOf,
  type BadDay,
  type Barrel,
  type BedNeed,
  type HandWatering,
  type Weekly,
  type Climate,
  type Dripline,
  type Soaker,
  type Tap,
  type WatchedRun,
  type WateringChoice,
  type WaterRun,
} from "./water";
import { WaterPanel } from "./WaterPanel";
import { daysOf, later, seenAt } from "./playback";
import { WatchPaper } from "./WatchPaper";
import { WateringPaper } from "./WateringPaper";
import { words } from "./words";

const tap: Tap = {
  id: "tap",
  name: "Yard tap",
  place: { x: 1, y: 1 },
  height: 0.6,
  bucket: 10,
  seconds: 30,
  gear: { preventer: true, filter: false, timer: false, drain: false, meter: false, reducer: 170 },
  lifetime: {},
};
const barrel: Barrel = {
  id: "barrel",
  name: "Butt",
  place: { x: 8, y: 1 },
  height: 1,
  holds: 200,
  gear: { preventer: false, filter: false, timer: false, drain: false, meter: false },
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
  handle: 0,
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
  pushedIn: false,
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
  water: {
    ...report.water,
    zones: [zone],
    runs: [{ run: "run", places: run.places, length: 4, toManifold: false }],
  },
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
      {
        kind: "PutTap",
        tap: { ...tap, gear: { preventer: true, filter: false, timer: false, drain: false, meter: false } },
      },
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
    expect(zones.getByRole("row", { name: /Beans/ }).textContent).toBe("Beans1.2 L/min1.40 bar");
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

  it("networks are asked for once the tap that was put down is kept", async () => {
    const fetched = answering([]);
    const { desk } = deskFor({ plan: watered, report: running });
    let kept = () => {};
    vi.spyOn(desk.queue, "allKept").mockReturnValue(
      new Promise((done) => {
        kept = done;
      }),
    );
    atDesk(desk, <WaterPanel />);
    await userEvent.click(screen.getByRole("button", { name: words.layForMe(0) }));
    expect(fetched).not.toHaveBeenCalled();
    kept();
    await waitFor(() => {
      expect(fetched).toHaveBeenCalledTimes(1);
    });
  });

  it("whole networks are worked out, looked at and laid", async () => {
    const change = { kind: "Batch", label: "Lay pipes to 2 beds", changes: [] };
    const proposal = {
      words: "Lay 12.4 m of tube to 2 beds, all at once",
      pipe: 12.4,
      tube: "TUBE_16",
      joints: 3,
      valves: 0,
      enough: true,
      change,
    };
    const fetched = answering([
      { proposal, cost: { amount: "84.20", currency: "EUR" } },
      { proposal: { ...proposal, words: "Lay 13 m" }, cost: { amount: "-4.00", currency: "EUR" } },
      { proposal: { ...proposal, words: "Lay 14 m", joints: 1 } },
    ]);
    const { desk, submit } = deskFor({ plan: watered, report: running });
    atDesk(desk, <WaterPanel />);
    const section = within(screen.getByTestId("lay-for-me"));
    await userEvent.selectOptions(section.getByLabelText(words.layFrom), "barrel");
    await userEvent.click(section.getByRole("button", { name: words.layForMe(0) }));
    const offered = await section.findByRole("button", { name: /12.4 m of tube.*Every bed gets enough/ });
    expect(fetched.mock.calls[0]?.[1]?.body).toBe(JSON.stringify({ from: "barrel", beds: [] }));
    expect(offered.textContent).toContain("+€84.20, 3 joints.");
    section.getByText(/−€4.00, 3 joints/);
    section.getByText(/A price is missing, 1 joint\./);
    await userEvent.hover(offered);
    expect(desk.tryOut).toHaveBeenLastCalledWith(change);
    await userEvent.unhover(offered);
    expect(desk.tryOut).toHaveBeenLastCalledWith(null);
    await userEvent.click(offered);
    expect(submit).toHaveBeenCalledWith(change, expect.anything());
    expect(section.queryByText(/12.4 m/)).toBeNull();
  });

  it("a run is laid by numbers as well, and what is refused is said there", async () => {
    const fetched = answering({ kind: "PutWaterRun", waterRun: run });
    const { desk, submit } = deskFor({ plan: watered, report: running });
    atDesk(desk, <WaterPanel />);
    await userEvent.click(screen.getByRole("button", { name: words.pipeByNumbers }));
    const dialog = within(screen.getByRole("dialog"));
    await retype(dialog.getByLabelText("To, from plot's left"), "4 m");
    await waitFor(() => {
      expect(submit).toHaveBeenCalled();
    });
    expect(String(fetched.mock.calls[0]?.[0])).toContain("/water/runs?season=2028");
  });

  it("a run is laid of a pipe of one's own, by its inside diameter", async () => {
    const kind = "own|Alkathene|0.0156|HOSE";
    const fetched = answering({ kind, label: "Alkathene", bore: 0.0156 });
    const { desk, submit } = deskFor({ plan: watered, report: running, selection: new Set(["run"]) });
    atDesk(desk, <WaterPanel />);
    const form = within(screen.getByTestId("run"));
    await userEvent.click(form.getByText(words.ownPipe));
    await userEvent.type(form.getByLabelText(words.ownPipeName), "Alkathene{Enter}");
    await userEvent.type(form.getByLabelText(words.bore), "15.6 mm{Enter}");
    await userEvent.selectOptions(form.getByLabelText(words.pipeSort), "HOSE");
    await userEvent.click(form.getByRole("button", { name: words.layOfOwn }));
    expect(String(fetched.mock.calls[0]?.[0])).toContain("/catalogue/pipes");
    expect(fetched.mock.calls[0]?.[1]?.body).toBe(
      JSON.stringify({ name: "Alkathene", bore: 0.0156, sort: "HOSE" }),
    );
    await waitFor(() => {
      expect(submit).toHaveBeenCalledWith(
        { kind: "PutWaterRun", waterRun: { ...run, pipe: kind } },
        expect.anything(),
      );
    });
  });

  it("the handle of a run's valve is asked for once it has one", async () => {
    const valved = { ...run, valve: true };
    const { desk, submit } = deskFor({
      plan: { ...watered, waterRuns: [valved] },
      report: running,
      selection: new Set(["run"]),
    });
    atDesk(desk, <WaterPanel />);
    const form = within(screen.getByTestId("run"));
    await retype(form.getByLabelText(words.handle), "60 cm{Enter}");
    expect(submit).toHaveBeenCalledWith(
      { kind: "PutWaterRun", waterRun: { ...valved, handle: 0.6 } },
      expect.anything(),
    );
    await userEvent.click(form.getByLabelText(words.valve));
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutWaterRun", waterRun: { ...run, handle: 0 } },
      expect.anything(),
    );
  });

  it("the pipes can be taken out for a map once the longitude is known", () => {
    const { desk } = deskFor({ plan: watered, report: running });
    const first = atDesk(desk, <WaterPanel />);
    screen.getByText(words.noMap);
    first.unmount();
    const placed = { ...watered, site: { ...watered.site, longitude: -1.5 } };
    atDesk(deskFor({ plan: placed, report: running }).desk, <WaterPanel />);
    expect(screen.getByRole("link", { name: words.onAMap }).getAttribute("href")).toMatch(
      /\/water\/pipes\.geojson\?season=2028$/,
    );
  });

  it("drippers at plants are asked for by plants and rows", async () => {
    const pushedIn = { ...dripline, pushedIn: true };
    const { desk, submit } = deskFor({
      plan: { ...watered, driplines: [pushedIn] },
      report: running,
      selection: new Set(["beans"]),
    });
    atDesk(desk, <WaterPanel />);
    const form = within(screen.getAllByTestId("lines")[0] ?? document.body);
    form.getByText(words.plantsExplained);
    await retype(form.getByLabelText(words.plants.emitters), "60 cm");
    expect(submit).toHaveBeenCalledWith(
      { kind: "PutDripline", dripline: { ...pushedIn, emitters: 0.6 } },
      expect.anything(),
    );
    await userEvent.click(form.getByRole("button", { name: "Delete the drippers at plants of Beans" }));
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "RemoveDripline", dripline: pushedIn.id },
      expect.anything(),
    );
  });

  it("a thread that does not fit is told with its adapter", async () => {
    const { desk, submit } = deskFor({ plan: watered, report: running, selection: new Set(["tap"]) });
    atDesk(desk, <WaterPanel />);
    const form = within(screen.getByTestId("tap"));
    expect(form.getByLabelText(words.thread)).toHaveProperty("value", "G_19");
    expect(form.queryByText(words.threadAdapter("G 3/4 (BSP)"))).toBeNull();
    await userEvent.selectOptions(form.getByLabelText(words.thread), "G_13");
    expect(submit).toHaveBeenCalledWith(
      { kind: "PutTap", tap: { ...tap, gear: { ...tap.gear, thread: "G_13" } } },
      expect.anything(),
    );
  });

  it("the lines of a bed unfold when the bed is selected, and runs and lines have names", () => {
    const { desk } = deskFor({ plan: watered, report: running, selection: new Set(["beans"]) });
    atDesk(desk, <WaterPanel />);
    const [drip, hose] = screen.getAllByTestId<HTMLDetailsElement>("lines");
    expect([drip?.open, hose?.open]).toEqual([true, false]);
    expect(allNamed(watered)).toContainEqual({ id: "lines", name: "dripline of Beans" });
    expect(allNamed(watered).map(({ name }) => name)).toContain("Trunk");
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

const climate: Climate = {
  id: "weather",
  name: "Mill hill",
  elevation: 40,
  firstMonth: 4,
  lastMonth: 10,
  months: Array.from({ length: 12 }, () => ({ lowest: 10, highest: 22, rain: 50 })),
};
const need = {
  month: 7,
  reference: 4,
  crop: 1.05,
  use: 130.2,
  rain: 50,
  effective: 40.4,
  week: 20.3,
  days: 31,
};
const twice: Weekly = {
  minutes: 90,
  litres: 108,
  lasts: 4,
  setting: { days: [1, 4], starts: [0], each: 45, seldom: false, late: false },
};
const never: Weekly = {
  minutes: 0,
  litres: 0,
  lasts: 0,
  setting: { days: [], starts: [], each: 0, seldom: false, late: false },
};
const programme = {
  months: Array.from({ length: 12 }, (_, index) => ({ ...need, month: index + 1 })),
  zones: [
    {
      valve: "tap",
      ruleOfThumb: { ...twice, minutes: 45.2 },
      months: Array.from({ length: 12 }, (_, index) => (index === 4 ? never : twice)),
      year: 2500,
    },
  ],
};

describe("how long a zone runs", () => {
  it("is told by the rule of thumb until the weather is known", () => {
    const told = { ...running, water: { ...running.water, programme: { ...programme, months: [] } } };
    const { desk } = deskFor({ plan: watered, report: told });
    atDesk(desk, <WaterPanel />);
    const section = within(screen.getByTestId("programme"));
    expect(section.getByRole("row", { name: /Zone 1/ }).textContent).toBe(
      "Zone 1Mon, Thu at 0:00 for 45 min108 L a week46 min",
    );
    section.getByText(words.noWeather);
  });

  it("is told by the month, with where the figure comes from", async () => {
    const told = { ...running, water: { ...running.water, programme } };
    const { desk } = deskFor({ plan: { ...watered, climates: [climate] }, report: told });
    atDesk(desk, <WaterPanel />);
    const section = within(screen.getByTestId("programme"));
    expect(section.getByRole("row", { name: /Zone 1/ }).textContent).toBe(
      "Zone 1Mon, Thu at 0:00 for 45 min108 L a week46 min",
    );
    section.getByText(/give off 130 mm in the month. Of 50 mm of rain 40 mm stay for them; 20 mm a week/);
    await userEvent.selectOptions(section.getByLabelText(words.month), "May");
    section.getByText(words.rainIsEnough);
    const months = within(section.getByLabelText(words.month)).getAllByRole("option");
    expect(months.map(({ textContent }) => textContent)).toEqual([
      "April",
      "May",
      "June",
      "July",
      "August",
      "September",
      "October",
    ]);
  });

  it("tells which bed gets too much for the sake of the others", () => {
    const bed = deskFor({ plan: watered }).desk.plan.beds[0];
    const zones = programme.zones.map((zone) => ({
      ...zone,
      tooMuch: { bed: bed?.id ?? "", month: 7, times: 2.409 },
    }));
    const told = { ...running, water: { ...running.water, programme: { ...programme, zones } } };
    const { desk } = deskFor({ plan: { ...watered, climates: [climate] }, report: told });
    atDesk(desk, <WaterPanel />);
    within(screen.getByTestId("programme")).getByText(
      `${bed?.name ?? ""} gets 2.4 times what it wants in July, since thirstier beds run with it.`,
    );
  });

  it("normals are typed by the month and read from a file, and what is wrong is said", async () => {
    const { desk, submit } = deskFor({ plan: { ...watered, climates: [climate] }, report: running });
    atDesk(desk, <WaterPanel />);
    await retype(screen.getByLabelText("Rain, July"), "62,5");
    const [change] = submit.mock.lastCall ?? [];
    if (change?.kind !== "PutClimate") throw new Error("the weather is kept");
    expect(change.climate.months[6]).toEqual({ lowest: 10, highest: 22, rain: 62.5 });
    expect(change.climate.months[5]).toEqual(climate.months[5]);
    await retype(screen.getByLabelText("Lowest, July"), "cool");
    screen.getByText(words.unreadableNormal);
    answering(
      {
        detail: "The file can't be read.",
        faults: [{ pointer: "", wrong: "month 7 is missing", right: "give all twelve" }],
      },
      422,
    );
    await userEvent.upload(screen.getByLabelText(words.readWeather), new File(["month"], "normals.csv"));
    await screen.findByText("month 7 is missing; give all twelve.");
  });
});

describe("the watering programme as a page", () => {
  it("says for each valve and growing month how the timer is set, and has a tag for each", () => {
    const told = { ...running, water: { ...running.water, programme } };
    const { desk } = deskFor({ plan: { ...watered, climates: [climate] }, report: told });
    atDesk(desk, <WateringPaper />);
    expect(screen.getByRole("row", { name: /July/ }).textContent).toBe("JulyMon, Thu0:0045 min108 L");
    expect(screen.getByRole("row", { name: /May/ }).textContent).toContain(words.rainIsEnough);
    expect(screen.getByRole("row", { name: /Rule of thumb/ }).textContent).toContain("Mon, Thu");
    expect(screen.queryByRole("row", { name: /March/ })).toBeNull();
    expect(screen.getByRole("link", { name: words.calendar }).getAttribute("href")).toContain(
      "/water/calendar.ics?season=2028",
    );
    expect(within(screen.getByRole("region", { name: words.tags })).getByRole("listitem").textContent).toBe(
      "1Beans",
    );
  });
});

describe("when watering is allowed", () => {
  it("is the usual hours until a time or a day is changed", async () => {
    const { desk, submit } = deskFor({
      plan: watered,
      report: { ...running, water: { ...running.water, programme } },
    });
    atDesk(desk, <WaterPanel />);
    const hours = within(screen.getByTestId("hours"));
    expect(hours.getByLabelText<HTMLInputElement>(words.times.opens).value).toBe("0:00");
    await retype(hours.getByLabelText(words.times.closes), "6.30");
    const [change] = submit.mock.lastCall ?? [];
    if (change?.kind !== "PutWateringWindow") throw new Error("the hours are set");
    expect(change.wateringWindow).toMatchObject({ opens: 0, closes: 390, days: [1, 2, 3, 4, 5, 6, 7] });
    await retype(hours.getByLabelText(words.times.opens), "early");
    hours.getByText(words.unreadableTime);
    await userEvent.click(hours.getByLabelText("Sunday"));
    const [fewer] = submit.mock.lastCall ?? [];
    if (fewer?.kind !== "PutWateringWindow") throw new Error("the days are set");
    expect(fewer.wateringWindow.days).toEqual([1, 2, 3, 4, 5, 6]);
  });

  it("goes back to the usual ones", async () => {
    const window = { id: "hours", opens: 300, closes: 540, days: [2, 5] };
    const { desk, submit } = deskFor({
      plan: { ...watered, wateringWindows: [window] },
      report: { ...running, water: { ...running.water, programme } },
    });
    atDesk(desk, <WaterPanel />);
    await userEvent.click(screen.getByRole("button", { name: words.usualHours("0:00", "8:00") }));
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "RemoveWateringWindow", wateringWindow: "hours" },
      expect.anything(),
    );
  });

  it.each([
    ["5:30", 330],
    ["5.05", 305],
    ["22", 1320],
    ["24:00", 1440],
    ["9:30 pm", 1290],
    ["12 am", 0],
    ["12:15 pm", 735],
    ["24:01", null],
    ["13 pm", null],
    ["5:60", null],
    ["dawn", null],
  ])("%s is %s minutes after midnight", (text, minutes) => {
    expect(parseClock(text)).toBe(minutes);
  });

  it("is told as one sets a timer", () => {
    expect([0, 65, 1439].map(formatClock)).toEqual(["0:00", "1:05", "23:59"]);
    const setting = { days: [1, 2, 3, 4, 5, 6, 7], starts: [0, 75], each: 15, seldom: false, late: false };
    expect(settingWords(setting)).toBe("Daily at 0:00, 1:15 for 15 min");
    expect(settingWords({ ...setting, days: [3], starts: [], late: true })).toBe(
      "Wed: there is no time for 15 min",
    );
  });
});

describe("what else is asked of water", () => {
  it("where the pressure goes, and how a zone runs on a bad day", async () => {
    const weak = { ...zone, beds: zone.beds.map((bed) => ({ ...bed, least: 5 })) };
    const days: BadDay[] = [
      { kind: "ANOTHER_ZONE_OPEN", other: 2, zone: weak, enough: false },
      { kind: "FILTER_CLOGGED", zone, enough: true },
    ];
    const fetched = answering(days);
    const lossy = {
      ...zone,
      losses: [
        { part: "SOURCE" as const, kilopascals: 40 },
        { part: "RUN" as const, run: "run", kilopascals: 80 },
        { part: "HEIGHT" as const, kilopascals: -5 },
      ],
    };
    const told = { ...running, water: { ...running.water, zones: [lossy] } };
    const { desk } = deskFor({ plan: watered, report: told });
    atDesk(desk, <WaterPanel />);
    await userEvent.click(screen.getByText(words.limits));
    const section = within(screen.getByTestId("bad-days"));
    await section.findByText(/Zone 2 open too/);
    expect(String(fetched.mock.calls[0]?.[0])).toContain("/water/zones/1/bad-days?season=2028");
    section.getByText(/not as it should \(least 0.05 bar in Beans, evenness 97 %\)/);
    section.getByText(/^enough/);
    expect(section.getByRole("row", { name: /Trunk/ }).textContent).toBe("Trunk0.80 bar");
    expect(section.getByRole("row", { name: /Height/ }).textContent).toBe("Height−0.05 bar");
    expect(section.getByRole("link", { name: words.epanet }).getAttribute("href")).toContain(
      "/zones/1/epanet.inp",
    );
  });

  it("how long the same takes by hand", async () => {
    const hand: HandWatering = {
      beds: [{ bed: "beans", way: 12, litres: 40.6, waterings: 1, byCan: 7.3, byHose: 4.4 }],
      shutOut: ["kale"],
    };
    const fetched = answering(hand);
    const { desk } = deskFor({
      plan: { ...watered, climates: [climate] },
      report: { ...running, water: { ...running.water, programme } },
    });
    atDesk(desk, <WaterPanel />);
    await userEvent.click(screen.getByText(words.byHand));
    const section = within(screen.getByTestId("by-hand"));
    await section.findByText("A week in July: 8 min with two cans, 5 min with a hose.");
    expect(String(fetched.mock.calls[0]?.[0])).toContain("/water/by-hand?season=2028&month=7");
    section.getByText(words.notOnFoot("Kale"));
  });

  it("what each bed wants by what grows there", async () => {
    const month = (crop: string | undefined, week: number): BedNeed["months"][number] => ({
      ...(crop === undefined ? {} : { thirstiest: crop }),
      need: { ...need, week },
    });
    const year = (crop: string | undefined, week: number) =>
      Array.from({ length: 12 }, () => month(crop, week));
    const needs: BedNeed[] = [
      { bed: "beans", planted: true, months: year("Tomatoes", 31.4) },
      { bed: "kale", planted: false, months: year(undefined, 24) },
    ];
    const fetched = answering(needs);
    const { desk } = deskFor({
      plan: { ...watered, climates: [climate] },
      report: { ...running, water: { ...running.water, programme } },
    });
    atDesk(desk, <WaterPanel />);
    await userEvent.click(screen.getByText(words.bedNeeds("July")));
    const section = within(screen.getByTestId("bed-needs"));
    const beans = await section.findByRole("row", { name: /Beans/ });
    expect(beans.textContent).toBe("Beans Tomatoes31 mm");
    expect(section.getByRole("row", { name: /Kale/ }).textContent).toBe(`Kale ${words.mixed}24 mm`);
    expect(String(fetched.mock.calls[0]?.[0])).toContain("/water/needs?season=2028");
  });

  it("what a season takes and costs", () => {
    const season = [
      { source: "tap", volume: 14200, price: { amount: "71.00", currency: "EUR" } },
      { source: "barrel", volume: 3400, trips: 12 },
    ];
    const { desk } = deskFor({
      plan: watered,
      report: { ...running, water: { ...running.water, programme, season } },
    });
    atDesk(desk, <WaterPanel />);
    screen.getByText("Yard tap gives 14,200 L in a usual season, €71.00.");
    screen.getByText("Butt gives 3,400 L in a usual season: 12 trips.");
  });
});

describe("ways of watering side by side", () => {
  const change = { kind: "PutDripline" as const, dripline };
  const choices: WateringChoice[] = [
    {
      way: "DRIPLINE",
      change,
      cost: { amount: "18.00", currency: "EUR" },
      perYear: { amount: "2.25", currency: "EUR" },
      years: 8,
      hours: 0.6,
      figures: { evenness: 0.99, enough: true, minutes: 45.2, season: 1200 },
    },
    {
      way: "DRILLED_HOSE",
      change,
      years: 6,
      hours: 0.5,
      figures: { evenness: 0.7, enough: false, minutes: 30 },
    },
  ];

  it("tells what each costs and how it waters, and lays the one that is pressed", async () => {
    const fetched = answering(choices);
    const { desk, submit } = deskFor({ plan: watered, report: running, selection: new Set(["beans"]) });
    atDesk(desk, <WaterPanel />);
    await userEvent.click(screen.getByText(words.compareWays(1)));
    const ways = within(screen.getByTestId("ways"));
    expect((await ways.findByRole("row", { name: /Parts cost/ })).textContent).toBe(
      "Parts cost€18.00unpriced",
    );
    expect(fetched.mock.calls[0]?.[1]?.body).toBe(JSON.stringify({ beds: ["beans"] }));
    expect(ways.getByRole("row", { name: /Evenness/ }).textContent).toBe("Evenness99 %70 %");
    expect(ways.getByRole("row", { name: /Water a season/ }).textContent).toBe(
      "Water a season1,200 Lunknown",
    );
    await userEvent.hover(ways.getByRole("button", { name: "Lay dripline" }));
    expect(desk.tryOut).toHaveBeenLastCalledWith(change);
    await userEvent.click(ways.getByRole("button", { name: "Lay dripline" }));
    expect(submit).toHaveBeenLastCalledWith(change);
  });

  it("says why nothing can be compared", async () => {
    answering({ title: "Refused", detail: "There is no water yet.", status: 422 }, 422);
    const { desk } = deskFor({ step: "water" });
    atDesk(desk, <WaterPanel />);
    await userEvent.click(screen.getByText(words.compareWays(2)));
    expect((await within(screen.getByTestId("ways")).findByRole("alert")).textContent).toBe(
      "There is no water yet.",
    );
  });
});

describe("a barrel", () => {
  it("stands under a roof, is filled by the trip and has a pump", async () => {
    const { desk, submit } = deskFor({ plan: watered, report: running });
    atDesk(desk, <WaterPanel />);
    const form = within(screen.getByTestId("barrel"));
    await retype(form.getByLabelText(words.roofArea), "150 sq ft");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutBarrel", barrel: { ...barrel, roof: { runoff: 0.85, area: 13.935 } } },
      expect.anything(),
    );
    await retype(form.getByLabelText(words.roofArea), "large");
    form.getByText(words.unreadableArea);
    await retype(form.getByLabelText(words.trip), "60 L");
    expect(submit).toHaveBeenLastCalledWith(
      {
        kind: "PutBarrel",
        barrel: { ...barrel, haul: { price: { amount: "0", currency: "EUR" }, trip: 60 } },
      },
      expect.anything(),
    );
    await userEvent.click(form.getByLabelText(words.pumpThere));
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutBarrel", barrel: { ...barrel, pump: { closed: 300, flow: 1200, at: 150 } } },
      expect.anything(),
    );
  });

  it("shows what each of them is, and lets go of it", async () => {
    const supplied: Barrel = {
      ...barrel,
      roof: { area: 14, runoff: 0.8, overflow: "the pond" },
      haul: { trip: 60, price: { amount: "4.50", currency: "EUR" } },
      pump: { closed: 300, flow: 1200, at: 150 },
    };
    const month = { comes: 400, wanted: 900, overflows: 20, dryYears: 16, usuallyDry: true };
    const year = {
      barrel: "barrel",
      years: 30,
      months: Array.from({ length: 12 }, (_, index) => ({ month: index + 1, ...month })),
      levels: Array.from({ length: 24 }, () => ({ low: 10, middle: 100, high: 200 })),
    };
    const { desk, submit } = deskFor({
      plan: { ...watered, barrels: [supplied] },
      report: { ...running, water: { ...running.water, barrels: [year] } },
    });
    atDesk(desk, <WaterPanel />);
    const form = within(screen.getByTestId("barrel"));
    await retype(form.getByLabelText(words.runoff), "90 %");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutBarrel", barrel: { ...supplied, roof: { area: 14, runoff: 0.9, overflow: "the pond" } } },
      expect.anything(),
    );
    await retype(form.getByLabelText(words.tripPrice("EUR")), "5,20");
    expect(submit).toHaveBeenLastCalledWith(
      {
        kind: "PutBarrel",
        barrel: { ...supplied, haul: { trip: 60, price: { amount: "5.20", currency: "EUR" } } },
      },
      expect.anything(),
    );
    await retype(form.getByLabelText(words.pump.flow), "15 L/min");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutBarrel", barrel: { ...supplied, pump: { closed: 300, flow: 900, at: 150 } } },
      expect.anything(),
    );
    const row = within(form.getByTestId("barrel-year")).getByRole("row", { name: /Jul/ });
    expect(row.textContent).toBe("Jul400 L900 L20 L16");
    await userEvent.clear(form.getByLabelText(words.roofArea));
    await userEvent.tab();
    const [change] = submit.mock.lastCall ?? [];
    if (change?.kind !== "PutBarrel") throw new Error("the barrel is kept");
    expect(change.barrel.roof).toBeUndefined();
  });
});

const ran: WatchedRun = {
  date: "2028-07-03",
  valve: "tap",
  zone: 1,
  start: 60,
  minutes: 40,
  rain: 0,
  leftOut: false,
  expected: 50,
  counted: 50,
};
const rainy: WatchedRun = {
  ...ran,
  date: "2028-07-06",
  minutes: 0,
  rain: 8.2,
  leftOut: true,
  expected: 0,
  counted: 0,
};
const leaking: WatchedRun = { ...ran, date: "2028-07-10", counted: 70, alarm: "TOO_MUCH" };

describe("watching it run", () => {
  it("counts and opens valves by the minute", () => {
    const runs = [ran, rainy, leaking];
    expect(daysOf(runs)).toEqual(["2028-07-03", "2028-07-06", "2028-07-10"]);
    expect(seenAt(runs, "2028-07-03", 59)).toMatchObject({ open: [], counted: 0 });
    expect(seenAt(runs, "2028-07-03", 80)).toMatchObject({ open: [1], counted: 25 });
    expect(seenAt(runs, "2028-07-03", 100)).toMatchObject({ open: [], counted: 50 });
    expect(seenAt(runs, "2028-07-10", 80)).toMatchObject({ open: [1], counted: 85 });
    expect(later({ day: 0, minute: 1440 }, "season", 2)).toEqual({ day: 1, minute: 1440 });
    expect(later({ day: 1, minute: 1440 }, "season", 2)).toBeNull();
    expect(later({ day: 0, minute: 1438 }, "day", 2)).toEqual({ day: 0, minute: 1440 });
    expect(later({ day: 0, minute: 1440 }, "day", 2)).toBeNull();
  });

  it("shows each run, what the rain left out and what the meter gives away", async () => {
    const fetched = answering([ran, rainy, leaking]);
    const { desk } = deskFor({ plan: watered, report: running });
    atDesk(desk, <WatchPaper />);
    const table = within(await screen.findByRole("table"));
    expect(table.getByRole("row", { name: /2028-07-10/ }).textContent).toContain(words.alarms.TOO_MUCH);
    expect(table.getByRole("row", { name: /2028-07-06/ }).textContent).toContain(words.leftOut);
    const replay = within(screen.getByTestId("replay"));
    replay.getByText("50 L since the first day");
    fireEvent.change(replay.getByLabelText(words.dayOfSeason), { target: { value: "1" } });
    replay.getByText(words.rained("8.2"));
    await userEvent.selectOptions(screen.getByLabelText(words.zone(1)), "LEAK");
    await waitFor(() => {
      expect(fetched.mock.lastCall?.[1]?.body).toBe(
        JSON.stringify({ year: 1, faults: [{ zone: 1, fault: "LEAK" }] }),
      );
    });
    await userEvent.click(await screen.findByRole("button", { name: words.play.day }));
    await screen.findByRole("button", { name: words.pause });
  });
});

describe("months and minutes", () => {
  it("grow over the end of the year in the south", () => {
    expect(growing({ firstMonth: 10, lastMonth: 3 })).toEqual([10, 11, 12, 1, 2, 3]);
    expect(growing({ firstMonth: 4, lastMonth: 4 })).toEqual([4]);
  });

  it("are set on a timer in whole minutes, never too few", () => {
    expect([44.2, 60, 80, 0].map(formatMinutes)).toEqual(["45 min", "1 h", "1 h 20", "0 min"]);
  });

  it("weather is read in °F and inches where one measures in feet [0 °C = 32 °F, 25.4 mm = 1 in]", () => {
    const feet = weatherUnits(false);
    expect(feet.toTemperature(22)).toBe(71.6);
    expect(feet.fromTemperature(71.6)).toBe(22);
    expect(feet.toRain(50.8)).toBe(2);
    expect(feet.fromRain(2)).toBe(50.8);
  });
});
