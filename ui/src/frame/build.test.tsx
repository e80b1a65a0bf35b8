// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { AppraisalReport, Point } from "../api/types";
import { atDesk, deskFor, plan, report } from "../testing/desk";
import { answering } from "../testing/answers";
import { sideName } from "../reach/words";
import { Alterations } from "../bed/Alterations";
import { BedsPanel } from "../bed/BedsPanel";
import { EdgeList } from "../reach/EdgeList";
import { FramesPanel } from "./FramesPanel";
import { GardenerForm } from "../reach/GardenerForm";
import { LevelsSection } from "../ground/LevelsSection";
import { BaseLineFields, SidesFields } from "../ground/MeasureBoundary";

async function type(label: string, text: string) {
  const field = await screen.findByLabelText(label);
  await userEvent.clear(field);
  await userEvent.type(field, text === "" ? "{Enter}" : `${text}{Enter}`);
}

afterEach(() => {
  vi.unstubAllGlobals();
});

const [beans] = plan.beds;

describe("what beds are built with", () => {
  const selection = new Set(["beans"]);

  it("a kit brings its size and takes the boards' place, as one edit", async () => {
    const { desk, submit } = deskFor({ selection });
    atDesk(desk, <FramesPanel />);
    await userEvent.selectOptions(screen.getByLabelText("Ready-made metal bed"), "kit 1x2 m");
    const change = submit.mock.calls[0]?.[0];
    expect(change).toMatchObject({
      kind: "RebuildBed",
      bed: "beans",
      revision: { outline: { length: 2, width: 1 }, build: { kit: "kit 1x2 m" } },
    });
    expect(change).not.toHaveProperty("revision.frame");
  });

  it("boards take the place of a kit", async () => {
    const outline = { centre: { x: 3, y: 2 }, length: 2, width: 1, turn: 0 };
    const shape = { form: { kind: "RECTANGLE" as const }, keyholes: [] };
    const build = { kit: "kit 1x2 m", legs: 0, mound: 0, overhang: 0 };
    const kit = {
      ...plan,
      beds: [
        {
          id: "beans",
          name: "Beans",
          tendedBy: [],
          revisions: [{ from: 2027, outline, shape, existing: false, build }],
        },
      ],
    };
    const { desk, submit } = deskFor({ plan: kit, selection });
    atDesk(desk, <FramesPanel />);
    await userEvent.selectOptions(screen.getByLabelText("Made of"), "Cedar or larch");
    const change = submit.mock.calls[0]?.[0];
    expect(change).toMatchObject({ kind: "RebuildBed", revision: { frame: { material: "cedar" } } });
    expect(change).not.toHaveProperty("revision.build.kit");
  });

  it("a cap is laid on and taken off by its width", async () => {
    const { desk, submit } = deskFor({ selection });
    atDesk(desk, <FramesPanel />);
    await type("Cap boards, wide", "140 mm");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      revision: { build: { cap: { width: 0.14, leanedOn: false } } },
    });
    await type("Cap boards, wide", "");
    expect(submit).toHaveBeenCalledTimes(1);
    await type("Cap boards, wide", "wide");
    expect(screen.getByRole("alert")).toHaveTextContent("Write a length");
  });

  it("a cap is taken off by emptying its width", async () => {
    const [bed] = plan.beds;
    const [revision] = bed?.revisions ?? [];
    if (!bed || !revision) throw new Error("the test garden has a bed");
    const build = { ...revision.build, cap: { width: 0.14, leanedOn: true } };
    const capped = { ...plan, beds: [{ ...bed, revisions: [{ ...revision, build }] }] };
    const { desk, submit } = deskFor({ plan: capped, selection });
    atDesk(desk, <FramesPanel />);
    await type("Cap boards, wide", "");
    const change = submit.mock.calls[0]?.[0];
    expect(change).toMatchObject({ kind: "RebuildBed", revision: { frame: { material: "cedar" } } });
    expect(change).not.toHaveProperty("revision.build.cap");
  });

  it("only what has a box stands on legs, only what has none is heaped up", async () => {
    const { desk, submit } = deskFor({ selection: new Set(["kale"]) });
    atDesk(desk, <FramesPanel />);
    expect(screen.queryByLabelText("On legs, clear below")).not.toBeInTheDocument();
    await type("Heaped up as a mound", "20 cm");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ revision: { from: 2028, build: { mound: 0.2 } } });
  });

  it("what leans out over the walk is an allowance of the bed", async () => {
    const { desk, submit } = deskFor({ selection });
    atDesk(desk, <BedsPanel />);
    await type("What grows at its edges leans out by", "0.3");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "RebuildBed",
      revision: { frame: { material: "cedar" }, build: { overhang: 0.3 } },
    });
  });
});

describe("bowing", () => {
  const side = { length: 5.4, times: 2, ties: 2, spacing: 1.8 };

  function bowing(sides: object[]) {
    const beds = report.beds.map((bed) => ({
      ...bed,
      bowing: { kilopascals: 3.11, newtonsPerMetre: 730.4, span: 1.96, sides },
    }));
    const judged = { ...report, beds } as unknown as AppraisalReport;
    atDesk(deskFor({ judged, selection: new Set(["beans"]) }).desk, <FramesPanel />);
    return screen.getByTestId("bowing");
  }

  it("ties are told with their spacing and the figures behind them", () => {
    const told = bowing([
      { ...side, untied: 0.08 },
      { length: 0.9, times: 2, ties: 0, spacing: 0.9, untied: 0.001 },
    ]);
    expect(told).toHaveTextContent(
      "Ties or stakes every 1.80 m: 2 in each side of 5.40 m, which would bow by 0.08 m without.",
    );
    expect(told).toHaveTextContent("presses 3.1 kPa on the lowest course, 730 N on each metre");
  });

  it("a side beyond all reckoning gives way, and short ones hold", () => {
    expect(bowing([side])).toHaveTextContent("which would give way altogether without");
  });

  it("boards that hold from corner to corner need nothing", () => {
    expect(bowing([{ ...side, ties: 0, untied: 0.002 }])).toHaveTextContent("No: its boards hold");
  });
});

describe("how the boards are cut", () => {
  const cutList = {
    boards: [{ stock: 2.4, count: 3 }],
    offcut: 0.5,
    least: 3,
    cuts: [
      { stock: 2.4, pieces: [2.4], rest: 0, times: 2, fromShed: false },
      { stock: 2.4, pieces: [0.95, 0.95], rest: 0.497, times: 1, fromShed: false },
    ],
    shed: [],
  };

  const kind = { season: 2027, material: "cedar", board: "38x150 mm" };

  async function opened(least: number, best: readonly unknown[] = [], selection: readonly string[] = []) {
    const fetched = answering({
      "/cutting/best": { job: "j", state: "DONE", revision: 0, done: best.length, steps: best.length, best },
      "/cutting": [
        { ...kind, cutList: { ...cutList, least }, pieces: [{ mark: "A", length: 2.4, count: 2, into: [] }] },
      ],
    });
    const { desk, submit } = deskFor({ selection: new Set(selection) });
    atDesk(desk, <FramesPanel />);
    await userEvent.click(screen.getByText("How the boards are cut"));
    return { submit, fetched };
  }

  const best = {
    ...kind,
    cutList: { ...cutList, boards: [{ stock: 2.4, count: 2 }], cuts: cutList.cuts.slice(0, 1) },
    least: true,
    fewer: false,
    cost: { amount: "20.00", currency: "EUR" },
    bound: { amount: "20.00", currency: "EUR" },
  };

  it("the cheapest layout says what it costs", async () => {
    await opened(3, [best]);
    expect(await screen.findByText(/no layout costs less\./)).toHaveTextContent("2 boards for €20.00");
    expect(screen.queryByRole("img", { name: /0\.95 m/ })).not.toBeInTheDocument();
  });

  it("fewer boards for about the same price say what the cheapest would save", async () => {
    await opened(3, [{ ...best, fewer: true, dearer: { amount: "0.21", currency: "EUR" } }]);
    expect(
      await screen.findByText(/the cheapest layout costs €0\.21 less and takes more boards/),
    ).toBeInTheDocument();
  });

  it("what is not proved least says what it can cost at least", async () => {
    await opened(3, [{ ...best, least: false, bound: { amount: "19.00", currency: "EUR" } }]);
    expect(await screen.findByText(/none can cost less than/)).toHaveTextContent(
      "none can cost less than €19.00.",
    );
  });

  it("it says how far the search is, and what was found so far stays when it is stopped", async () => {
    const running = { job: "j", state: "RUNNING", revision: 0, done: 1, steps: 3, best: [best] };
    const fetched = answering({
      "/cutting/best": running,
      "/cutting/best/j": running,
      "/jobs/j": {},
      "/cutting": [{ ...kind, cutList: { ...cutList, least: 3 }, pieces: [] }],
    });
    atDesk(deskFor().desk, <FramesPanel />);
    await userEvent.click(screen.getByText("How the boards are cut"));
    expect(await screen.findByText(/1 of 3 kinds of boards done/)).toBeVisible();
    expect(screen.getByText(/no layout costs less\./)).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: "Stop looking" }));
    expect(fetched.mock.calls.map(([url]) => url)).toContain("/api/gardens/garden/jobs/j");
  });

  it("the own saw and what lies in the shed are kept with the garden", async () => {
    const { submit } = await opened(3, [best]);
    await screen.findByText(/no layout costs less\./);
    await userEvent.type(screen.getByLabelText("Offcut, length"), "1.2 m{Enter}");
    await userEvent.type(screen.getByLabelText("Flaws to cut out, from one end"), "400 - 450 mm{Enter}");
    await userEvent.click(screen.getByRole("button", { name: "Add" }));
    await userEvent.clear(screen.getByLabelText("Saw cut (kerf)"));
    await userEvent.type(screen.getByLabelText("Saw cut (kerf)"), "2 mm{Enter}");
    const usual = { kerf: 0.003175, trim: 0.0127, tight: false, offcuts: [], materials: [], boards: [] };
    expect(submit.mock.calls.map(([change]) => change)).toEqual([
      {
        kind: "PutWorkshop",
        workshop: {
          ...usual,
          offcuts: [
            {
              material: "cedar",
              board: "38x150 mm",
              length: 1.2,
              count: 1,
              flaws: [{ from: 0.4, to: 0.45 }],
            },
          ],
        },
      },
      { kind: "PutWorkshop", workshop: { ...usual, kerf: 0.002 } },
    ]);
  });

  it("a flaw that can't be read is said and nothing is lost", async () => {
    const { submit } = await opened(3, [best]);
    await userEvent.type(await screen.findByLabelText("Offcut, length"), "1.2 m{Enter}");
    await userEvent.type(screen.getByLabelText("Flaws to cut out, from one end"), "knot{Enter}");
    await userEvent.click(screen.getByRole("button", { name: "Add" }));
    expect(screen.getByText(/where it begins and ends/)).toBeVisible();
    expect(screen.getByLabelText("Flaws to cut out, from one end")).toHaveValue("knot");
    expect(submit).not.toHaveBeenCalled();
  });

  it("pieces carry their marks, and the sheet is there for each season", async () => {
    await opened(3);
    expect(await screen.findAllByRole("img", { name: /A 2\.40 m/ })).not.toEqual([]);
    expect(screen.getByRole("link", { name: /Cutting sheet 2027/ })).toHaveAttribute(
      "href",
      "/api/gardens/garden/cutting.pdf?season=2027",
    );
  });

  it("the boards of the selected beds can be cut alone, on a sheet of their own", async () => {
    const { fetched } = await opened(3, [], ["old", "beans"]);
    await userEvent.click(await screen.findByLabelText(/Only of the selected beds \(2\)/));
    expect(await screen.findByRole("link", { name: /Cutting sheet 2027/ })).toHaveAttribute(
      "href",
      "/api/gardens/garden/cutting.pdf?season=2027&beds=beans,old",
    );
    expect(fetched.mock.calls.map(([url]) => url)).toContain("/api/gardens/garden/cutting?beds=beans,old");
  });

  it("each board is drawn with its pieces, alike ones once, and the bound is told", async () => {
    await opened(3);
    expect(await screen.findByRole("img", { name: "Board of 2.40 m: 0.95 m, 0.95 m" })).toBeInTheDocument();
    expect(screen.getByText(/no layout does with fewer/)).toHaveTextContent("3 boards");
    expect(screen.getByText(/0\.95 m \+ 0\.95 m/)).toHaveTextContent(
      "1 × 2.40 m: 0.95 m + 0.95 m, 0.497 m left with the trim",
    );
  });

  it("a layout that may not be the best says what would be", async () => {
    await opened(2);
    expect(
      await screen.findByText(/fewer than 2 can't do; more and shorter ones may be cheaper/),
    ).toBeInTheDocument();
  });
});

describe("altering a bed", () => {
  it("asks the program for the change of this season and makes it", async () => {
    const change = { kind: "Batch", label: "Split Beans", changes: [] };
    const fetched = answering({ "/alterations": change });
    const { desk, submit } = deskFor();
    if (beans) atDesk(desk, <Alterations bed={beans} faults={{}} refuse={vi.fn()} />);
    await userEvent.click(screen.getByRole("button", { name: "Split it" }));
    expect(fetched.mock.calls[0]?.[0]).toContain("season=2028");
    expect(fetched.mock.calls[0]?.[1]?.body).toBe(JSON.stringify({ kind: "SPLIT", bed: "beans" }));
    expect(submit).toHaveBeenCalledWith(change, expect.any(Function));
  });

  it("says why it can't be done", async () => {
    answering(
      { "/alterations": { title: "Refused", detail: "it has no courses of boards", faults: [] } },
      422,
    );
    const refuse = vi.fn();
    if (beans) atDesk(deskFor().desk, <Alterations bed={beans} faults={{}} refuse={refuse} />);
    await userEvent.click(screen.getByRole("button", { name: "A course more" }));
    expect(refuse).toHaveBeenLastCalledWith("alter", expect.stringContaining("no courses"));
  });
});

describe("at the edges of a bed", () => {
  const at = (edge: number, [x1, y1, x2, y2]: [number, number, number, number], free: number) => ({
    gardener: "ada",
    edge,
    start: { x: x1, y: y1 },
    end: { x: x2, y: y2 },
    length: Math.hypot(x2 - x1, y2 - y1),
    free,
    open: free > 0 ? [{ start: { x: x1, y: y1 }, end: { x: x1 + free, y: y1 } }] : [],
  });

  it("each side is named after where it lies, with how much of it is free", async () => {
    const edges = [
      at(0, [0, 0, 2, 0], 2),
      at(1, [2, 0, 2, 1], 0),
      at(2, [2, 1, 0, 1], 0.5),
      at(3, [0, 1, 0, 0], 0),
    ];
    const heights = [{ gardener: "ada", rim: 0.3, stoop: 0.4, ease: "KNEELING" }];
    answering({ "/edges": { edges, heights, canBeSatOn: true } });
    const setSketch = vi.fn();
    const { desk } = deskFor({ selection: new Set(["beans"]), setSketch });
    atDesk(desk, <EdgeList />);
    expect(
      await screen.findByText("All of the lower; 0.50 m of 2.00 m at the upper; not the right, left."),
    ).toBeInTheDocument();
    expect(screen.getByText(/Kneels, or bends double/)).toHaveTextContent("0.40 m below the wrists");
    expect(screen.getByText(/can be sat on/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole("button", { name: "Ada" }));
    expect(setSketch).toHaveBeenLastCalledWith([
      {
        points: [
          { x: 0, y: 0 },
          { x: 2, y: 0 },
        ],
        closed: false,
      },
      {
        points: [
          { x: 2, y: 1 },
          { x: 2.5, y: 1 },
        ],
        closed: false,
      },
    ]);
  });

  it("edges of a notched bed that look the same way are counted", async () => {
    const edges = [
      at(0, [0, 0, 1, 0], 1),
      at(1, [1, 0, 1, 1], 0),
      at(2, [1, 1, 2, 1], 1),
      at(3, [0, 1, 0, 0], 0),
    ];
    answering({ "/edges": { edges, heights: [], canBeSatOn: false } });
    atDesk(deskFor({ selection: new Set(["beans"]) }).desk, <EdgeList />);
    expect(await screen.findByText("All of the lower (2); not the right, left.")).toBeInTheDocument();
  });

  it("a slanted side has two names", () => {
    expect(sideName(1, 1)).toBe("upper right");
    expect(sideName(-1, 0)).toBe("left");
  });
});

describe("how tall somebody stands", () => {
  it("is asked of who stands, and may be taken back", async () => {
    const [ada, maren] = plan.gardeners;
    if (!ada || !maren) throw new Error("the test garden has two gardeners");
    const { desk, submit } = deskFor();
    const shown = atDesk(desk, <GardenerForm gardener={{ ...ada, stature: 1.7 }} index={0} />);
    await type("Stands so tall (for the stoop)", "1.68");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ gardener: { stature: 1.68 } });
    await type("Stands so tall (for the stoop)", "");
    expect(submit.mock.calls[1]?.[0]).toMatchObject({ gardener: { stature: undefined } });
    shown.unmount();
    atDesk(desk, <GardenerForm gardener={maren} index={1} />);
    expect(screen.queryByLabelText("Stands so tall (for the stoop)")).not.toBeInTheDocument();
  });
});

describe("measuring the boundary", () => {
  const square: Point[] = [
    { x: 0, y: 0 },
    { x: 4, y: 0 },
    { x: 4, y: 3 },
    { x: 0, y: 3 },
  ];

  it("begins with the plot's own sides and says what the diagonals should have measured", async () => {
    const plot = { corners: square, outOfSquare: 1.2, squareDiagonal: 5, otherDiagonal: 4.9 };
    const fetched = answering({ "/four-sides": plot });
    const onChange = vi.fn();
    atDesk(deskFor().desk, <SidesFields units="METRIC" corners={square} onChange={onChange} />);
    await type("Diagonal, first to third corner", "5.1");
    expect(fetched.mock.calls[0]?.[1]?.body).toBe(
      JSON.stringify({ first: 4, second: 3, third: 4, fourth: 3, diagonal: 5.1 }),
    );
    expect(await screen.findByRole("status")).toHaveTextContent(
      "1.2° wider than square. For a square second corner the diagonal should have measured 5.00 m. To check, the other diagonal has to measure 4.90 m.",
    );
    expect(onChange).toHaveBeenCalledWith(square);
  });

  it("takes offsets or two tapes from a base line", async () => {
    const fetched = answering({ "/offsets": square, "/tapes": square });
    atDesk(deskFor().desk, <BaseLineFields units="METRIC" corners={square} onChange={vi.fn()} />);
    await type("Corner 2, off it, to the left", "0.25");
    await userEvent.click(screen.getByRole("button", { name: "Take these corners" }));
    expect(JSON.parse(fetched.mock.calls[0]?.[1]?.body ?? "")).toMatchObject({
      corners: [{ along: 0 }, { along: 4, off: 0.25 }, {}, {}],
    });
    await userEvent.selectOptions(
      screen.getByLabelText("Each corner is measured by"),
      "a tape from either peg",
    );
    await userEvent.click(screen.getByLabelText("Corner 1 lies to the left of the line"));
    await userEvent.click(screen.getByRole("button", { name: "Take these corners" }));
    expect(JSON.parse(fetched.mock.calls[1]?.[1]?.body ?? "")).toMatchObject({
      length: 10,
      corners: [{ left: false }, { left: true }, {}, {}],
    });
  });
});

describe("levels", () => {
  it("heights on one line say so", async () => {
    answering({ "/levels": { slope: 0.05, fallsTo: 0, onALine: true, grade: "WHEELS", beds: [] } });
    const { desk } = deskFor();
    atDesk(desk, <LevelsSection />);
    expect(await screen.findByText(/taken to be level across it/)).toBeInTheDocument();
  });

  it("terraces are drawn with their levels, and their steps and loads told", async () => {
    const level = (height: number) => ({
      ground: { centre: { x: 0, y: 0 }, length: 1, width: 1, turn: 0 },
      corners: [{ x: 0, y: 0 }],
      earthwork: { level: height, swell: 0.25 },
    });
    const volumes = { cut: 1000, fill: 900, intoBeds: 0, away: 500, missing: 0 };
    const loads = { barrows: 6, trailers: 2, skips: 1 };
    const line = [
      { x: 0, y: 2 },
      { x: 4, y: 2 },
    ];
    answering({
      "/levels": { slope: 0.1, fallsTo: 0, onALine: false, grade: "TERRACES", beds: [] },
      "/levels/line": { fall: 0.5, slope: 0.05, grade: "WHEELS" },
      "/earthwork": {
        terraces: [level(0), level(0.4)],
        steps: [{ height: 0.4, line }],
        ...volumes,
        loads,
        licensed: true,
      },
    });
    const setSketch = vi.fn();
    const { desk, submit } = deskFor({ setSketch });
    atDesk(desk, <LevelsSection />);
    await userEvent.click(await screen.findByRole("button", { name: "Make the plot level" }));
    expect(await screen.findByTestId("earthwork")).toHaveTextContent("Step between terrace 1 and 20.40 m");
    expect(screen.getByTestId("loads")).toHaveTextContent(
      "6 barrows, then 2 small trailer loads within their payload, or 1 builder's skip.",
    );
    expect(screen.getByTestId("fall")).toHaveTextContent("Falls 0.50 m, 1 in 20: fit for wheels.");
    expect(screen.getByText(/licensed design/)).toBeInTheDocument();
    expect(setSketch).toHaveBeenCalledWith([
      { points: [{ x: 0, y: 0 }], closed: true, label: "0.00 m" },
      { points: [{ x: 0, y: 0 }], closed: true, label: "0.40 m" },
    ]);
    await userEvent.click(screen.getByRole("button", { name: "Draw a wall there" }));
    const wall = {
      kind: "RETAINING_WALL",
      name: "Retaining wall 1",
      places: line,
      height: 0.4,
      breadth: 0.23,
    };
    expect(submit).toHaveBeenCalledExactlyOnceWith(
      expect.objectContaining({
        kind: "Batch",
        changes: [{ kind: "PutFeature", feature: expect.objectContaining(wall) as unknown }],
      }),
    );
  });
});
