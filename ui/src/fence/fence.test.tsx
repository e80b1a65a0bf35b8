// @vitest-environment jsdom
import "../testing/setup";
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { allNamed, standingThings } from "../capabilities";
import { atDesk, catalogue, deskFor, plan, report } from "../testing/desk";
import {
  asFeature,
  bent,
  drawnOn,
  isRing,
  type Fence,
  type FenceTold,
  type Pest,
  type PestRow,
} from "./fence";
import { FencePanel } from "./FencePanel";
import { FencesOfTheSeason } from "./FencesOfTheSeason";
import { words } from "./words";

const ring: Fence = {
  id: "ring",
  name: "Ring",
  places: [
    { x: 1, y: 1 },
    { x: 9, y: 1 },
    { x: 9, y: 7 },
    { x: 1, y: 7 },
    { x: 1, y: 1 },
  ],
  kind: "WELDED_MESH",
  height: 1.5,
  foot: { way: "OPEN", up: 0, down: 0 },
  posts: "WOOD_IN_CONCRETE",
  fixed: [],
  lifetime: { from: 2027 },
  timber: "treated",
};
const rabbits: Pest = { id: "rabbits", name: "Rabbits", kind: "RABBITS", pressing: "LOW", lifetime: {} };
const whites: Pest = { id: "whites", name: "Whites", kind: "CABBAGE_WHITE", pressing: "LOW", lifetime: {} };
const post = { depth: 0.75, bought: 2.4, shifted: 0 };
const told: FenceTold = {
  fence: "ring",
  length: 28,
  posts: [
    { ...post, mark: "P1", place: { x: 1, y: 1 }, role: "CORNER" },
    { ...post, mark: "P2", place: { x: 3, y: 1 }, role: "LINE" },
    { ...post, mark: "P3", place: { x: 5, y: 1 }, role: "LINE", blocked: "Cable" },
  ],
  widest: 2,
  stretches: 4,
  braces: [],
  hole: 0.2667,
  fill: 450,
  bags: 50,
  mesh: [
    {
      label: "Welded mesh",
      height: 1.5,
      roll: 15,
      rolls: { rolls: 2, splices: 1, left: 1.1 },
    },
  ],
  pieces: [],
  tooLong: [],
  cautions: [],
  steps: [],
};
const row: PestRow = {
  pest: "rabbits",
  needs: { height: 0.6096, mesh: 0.0254, meshed: 0.6096, buried: 0.1524, apron: 0.3048, climbs: false },
  open: ["beans"],
  stoppedBy: ["ring"],
  holes: [
    {
      thing: "ring",
      name: "Ring",
      place: { x: 5, y: 1 },
      flaws: [
        { reason: "MESH_TOO_WIDE", wants: 0.0254, has: 0.0508 },
        { reason: "FOOT_OPEN", wants: 0.1524, has: 0 },
      ],
    },
  ],
};
const fenced = { ...plan, fences: [ring], pests: [rabbits, whites] };
const judged = {
  ...report,
  byPart: [{ part: "FENCE" as const, planned: { amount: "460.00", currency: "EUR" }, share: 0.46 }],
  fencing: {
    gates: [],
    fences: [told],
    pests: [row, { pest: "whites", net: 0.007, open: ["beans"], stoppedBy: [], holes: [] }],
  },
};

function answering(answer: unknown) {
  const fetched = vi.fn<typeof fetch>(() =>
    Promise.resolve(
      new Response(JSON.stringify(answer), { headers: { "Content-Type": "application/json" } }),
    ),
  );
  vi.stubGlobal("fetch", fetched);
  return fetched;
}

describe("fences", () => {
  it("stand on the plot, and pests have names", () => {
    expect(standingThings(fenced)).toContainEqual(expect.objectContaining({ id: "ring", kind: "FENCE" }));
    expect(allNamed(fenced)).toContainEqual(rabbits);
  });

  it("say what each pest is stopped by and where it gets in; a hole shows where it is", async () => {
    const { desk } = deskFor({ plan: fenced, report: judged });
    atDesk(desk, <FencePanel />);
    const table = within(screen.getByTestId("pest-table"));
    await userEvent.click(table.getByRole("button", { name: "Ring: mesh too wide, foot open" }));
    expect(desk.select).toHaveBeenCalledWith(["ring"]);
    table.getByText(words.net);
  });

  it("say what part of the whole they cost", () => {
    const { desk } = deskFor({ plan: fenced, report: judged });
    atDesk(desk, <FencePanel />);
    expect(screen.getByTestId("fence-share").textContent).toBe("The fence is 46 % of what the garden costs.");
  });

  it("a pest is added by one click, one of one's own with what it takes", async () => {
    const { desk, submit } = deskFor({ plan: fenced, report: judged });
    atDesk(desk, <FencePanel />);
    const add = within(screen.getByRole("group", { name: words.addPest }));
    expect(add.queryByRole("button", { name: "+ Rabbits" })).toBeNull();
    await userEvent.click(add.getByRole("button", { name: "+ Deer" }));
    expect(submit).toHaveBeenLastCalledWith(
      {
        kind: "PutPest",
        pest: expect.objectContaining({ kind: "DEER", name: "Deer", pressing: "LOW" }) as Pest,
      },
      expect.anything(),
    );
    await userEvent.click(add.getByRole("button", { name: "+ Something else" }));
    expect(submit).toHaveBeenLastCalledWith(
      {
        kind: "PutPest",
        pest: expect.objectContaining({ own: expect.objectContaining({ height: 0.9144 }) as object }) as Pest,
      },
      expect.anything(),
    );
  });

  it("a fence tells posts, bags and rolls, and is edited by numbers", async () => {
    const { desk, submit } = deskFor({ plan: fenced, report: judged });
    atDesk(desk, <FencePanel />);
    const form = within(screen.getByTestId("fence"));
    await userEvent.click(form.getByText("Ring"));
    const figures = within(form.getByTestId("fence-figures"));
    expect(figures.getByRole("row", { name: /Bags of post mix/ }).textContent).toContain("50");
    figures.getByText(/Welded mesh, 1.50 m high: 2 rolls/);
    await userEvent.selectOptions(form.getByLabelText(words.foot), "APRON");
    expect(submit).toHaveBeenLastCalledWith(
      {
        kind: "PutFence",
        fence: { ...ring, foot: { way: "APRON", mesh: "NETTING", up: 0.6, down: 0.3 } },
      },
      expect.anything(),
    );
    await userEvent.selectOptions(form.getByLabelText(words.kind), "WOVEN_WIRE");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutFence", fence: { ...ring, kind: "WOVEN_WIRE" } },
      expect.anything(),
    );
  });

  it("in raised beds says how far the mesh goes into their soil, and takes no ground of its own", async () => {
    const inBeds: Fence = { ...ring, foot: { way: "BED", mesh: "NETTING", up: 0.6, down: 0.15 } };
    const { desk, submit } = deskFor({ plan: { ...fenced, fences: [inBeds] }, report: judged });
    atDesk(desk, <FencePanel />);
    const form = within(screen.getByTestId("fence"));
    await userEvent.click(form.getByText("Ring"));
    await userEvent.clear(form.getByLabelText(words.down.BED));
    await userEvent.type(form.getByLabelText(words.down.BED), "20 cm{Enter}");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutFence", fence: { ...inBeds, foot: { ...inBeds.foot, down: 0.2 } } },
      expect.anything(),
    );
    expect(form.getByLabelText(words.upFromSoil)).toBeDefined();
    expect(asFeature(inBeds)).toMatchObject({ breadth: 0 });
    expect(asFeature(ring)).toMatchObject({ breadth: 0.05 });
  });

  it("are drawn with their posts, one that can't be dug in is ringed", () => {
    const { desk } = deskFor({ plan: fenced, report: judged });
    const view = { scale: 50, left: 0, top: 8 } as never;
    const { container } = atDesk(
      desk,
      <svg>
        <FencesOfTheSeason view={view} moved={new Map()} selected={new Set()} />
      </svg>,
    );
    expect(container.querySelectorAll("[data-post]")).toHaveLength(3);
    expect(container.querySelectorAll("[data-post='P3'] circle")).toHaveLength(1);
  });

  it("lead where the program proposes: tried while one rests on it, put up by a click", async () => {
    const change = { kind: "PutFence", fence: ring };
    answering([
      {
        proposal: {
          way: "ALONG_PLOT",
          label: "Along the plot",
          remark: "Closes in everything.",
          fence: ring,
          length: 36,
          posts: 20,
          saved: 0,
          years: 12,
          holds: ["rabbits"],
          change,
        },
        cost: {
          cost: { amount: "480.00", currency: "EUR" },
          aYear: { amount: "40.00", currency: "EUR" },
          hours: 21.2,
        },
      },
    ]);
    const { desk, submit } = deskFor({ plan: fenced, report: judged });
    atDesk(desk, <FencePanel />);
    await userEvent.click(screen.getByRole("button", { name: words.propose(0) }));
    const proposal = await screen.findByRole("button", { name: /Along the plot/ });
    expect(proposal.textContent).toContain("keeps out Rabbits");
    expect(proposal.textContent).toContain("about 21 h of work");
    await userEvent.hover(proposal);
    expect(desk.tryOut).toHaveBeenLastCalledWith(change);
    await userEvent.click(proposal);
    expect(submit).toHaveBeenLastCalledWith(change, expect.anything());
  });

  it("are printed with post marks and every side", () => {
    const { desk } = deskFor({ plan: fenced, report: judged });
    atDesk(desk, <FencePanel />);
    expect(screen.getByRole("link", { name: words.planAsPdf })).toHaveAttribute(
      "href",
      "/api/gardens/garden/fences/plan.pdf?season=2028",
    );
  });

  it("say what wood they take, in which order they are put up, and what to look out for", async () => {
    const boarded: FenceTold = {
      ...told,
      pieces: [{ part: "RAIL", material: "treated", board: "2x4", length: 2.4, count: 15 }],
      uplift: { force: 2500, weight: 0 },
      cautions: ["Have buried lines marked."],
      steps: [
        { day: 0, words: "Set the posts." },
        { day: 7, words: "Hang the gates." },
      ],
    };
    const { desk } = deskFor({
      plan: fenced,
      report: { ...judged, fencing: { ...judged.fencing, fences: [boarded] } },
    });
    atDesk(desk, <FencePanel />);
    const form = within(screen.getByTestId("fence"));
    await userEvent.click(form.getByText("Ring"));
    const figures = screen.getByTestId("fence-figures");
    expect(figures.textContent).toContain("Rails 2x4 15 × 2.40 m");
    expect(figures.textContent).toContain(words.uplift("2.5 kN", ""));
    expect(figures.textContent).toContain("Have buried lines marked.");
    const steps = within(screen.getByTestId("fence-steps"));
    expect(steps.getAllByRole("listitem").map((item) => item.textContent)).toEqual([
      "Set the posts.",
      "From day 7: Hang the gates.",
    ]);
  });

  it("of boards, or with a gate that is made, are of a wood that can be chosen", async () => {
    const { desk, submit } = deskFor({
      plan: { ...fenced, fences: [{ ...ring, kind: "BOARDS" }] },
      report: judged,
      catalogue: {
        ...catalogue,
        fences: {
          ...catalogue.fences,
          kinds: catalogue.fences.kinds.map((kind) => ({ ...kind, kind: "BOARDS" as const, boarded: true })),
        },
      },
    });
    atDesk(desk, <FencePanel />);
    await userEvent.click(within(screen.getByTestId("fence")).getByText("Ring"));
    await userEvent.selectOptions(screen.getByLabelText(words.timber), "cedar");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutFence", fence: expect.objectContaining({ timber: "cedar" }) as Fence },
      expect.anything(),
    );
  });

  it("get a post where one clicks, on their line, and it is moved by numbers", async () => {
    const { desk, submit } = deskFor({
      plan: { ...fenced, fences: [{ ...ring, fixed: [{ x: 4, y: 1 }] }] },
      report: judged,
    });
    atDesk(desk, <FencePanel />);
    await userEvent.click(within(screen.getByTestId("fence")).getByText("Ring"));
    await userEvent.click(screen.getByText(words.fixedPosts(1)));
    await userEvent.click(screen.getByRole("button", { name: words.setPost }));
    const [tool] = vi.mocked(desk.setTool).mock.calls.at(-1) ?? [];
    if (tool?.kind !== "spot") throw new Error("a post is set by a click");
    tool.drawn({ x: 6.004, y: 1.2 });
    const fixed = (posts: object[]) => ({
      kind: "PutFence",
      fence: expect.objectContaining({ fixed: posts }) as Fence,
    });
    expect(submit).toHaveBeenLastCalledWith(
      fixed([
        { x: 4, y: 1 },
        { x: 6, y: 1 },
      ]),
      expect.anything(),
    );
    const right = screen.getByLabelText(words.fixedRight(1));
    await userEvent.clear(right);
    await userEvent.type(right, "4.5{Enter}");
    expect(submit).toHaveBeenLastCalledWith(fixed([{ x: 4.5, y: 1 }]), expect.anything());
    await userEvent.click(screen.getByRole("button", { name: words.freePost(1) }));
    expect(submit).toHaveBeenLastCalledWith(fixed([]), expect.anything());
  });

  it("get the usual foot of the program's", async () => {
    const { desk, submit } = deskFor({ plan: fenced, report: judged });
    atDesk(desk, <FencePanel />);
    await userEvent.click(within(screen.getByTestId("fence")).getByText("Ring"));
    await userEvent.selectOptions(screen.getByLabelText(words.foot), "APRON");
    expect(submit).toHaveBeenLastCalledWith(
      {
        kind: "PutFence",
        fence: expect.objectContaining({
          foot: { way: "APRON", mesh: "NETTING", up: 0.6, down: 0.3 },
        }) as Fence,
      },
      expect.anything(),
    );
  });

  it("are compared on the same line", async () => {
    const make = (fence: Fence, holds: string[]) => ({
      make: { fence, years: 12, holds, change: { kind: "PutFence", fence } },
      cost: { cost: { amount: "300.00", currency: "EUR" }, hours: 9 },
    });
    const other = { ...ring, kind: "RABBIT_NETTING" as const };
    answering([make(ring, []), make(other, ["rabbits"])]);
    const { desk, submit } = deskFor({ plan: fenced, report: judged });
    atDesk(desk, <FencePanel />);
    const form = within(screen.getByTestId("fence"));
    await userEvent.click(form.getByText("Ring"));
    await userEvent.click(form.getByText(words.compare));
    const offer = await form.findByRole("button", { name: /^Hexagonal/ });
    expect(offer.textContent).toContain("keeps out Rabbits");
    await userEvent.click(offer);
    expect(submit).toHaveBeenLastCalledWith({ kind: "PutFence", fence: other });
  });

  it("a drawn line is put up by the program, or goes on from the end of a fence", async () => {
    const fetched = answering({ kind: "PutFence", fence: ring });
    const open = { ...ring, places: ring.places.slice(0, 4) };
    const { desk, submit } = deskFor({ plan: { ...plan, fences: [open] }, report });
    atDesk(desk, <FencePanel />);
    await userEvent.click(screen.getByRole("button", { name: words.draw }));
    const [tool] = vi.mocked(desk.setTool).mock.calls.at(-1) ?? [];
    if (tool?.kind !== "line") throw new Error("a fence is drawn as a line");
    tool.drawn({ x: 1.1, y: 6.9 }, { x: 1.2, y: 1.2 });
    expect(submit).toHaveBeenLastCalledWith({ kind: "PutFence", fence: ring }, expect.anything());
    tool.drawn({ x: 4, y: 4 }, { x: 6, y: 4 });
    await waitFor(() => {
      expect(String(fetched.mock.calls[0]?.[0])).toContain("/fences/lines?season=");
    });
  });
});

describe("a ring", () => {
  it("stays closed while its first corner is bent", () => {
    const moved = ring.places.map((place, index) => (index === 0 ? { x: 0, y: 0 } : place));
    const closed = bent(ring.places, moved);
    expect(isRing(closed)).toBe(true);
    expect(closed[0]).toEqual({ x: 0, y: 0 });
    const atEnd = ring.places.map((place, index) => (index === 4 ? { x: 2, y: 0 } : place));
    expect(bent(ring.places, atEnd)[0]).toEqual({ x: 2, y: 0 });
  });

  it("is not drawn on from", () => {
    expect(drawnOn([ring], { x: 1, y: 1 }, { x: 0, y: 0 })).toBeNull();
  });
});
