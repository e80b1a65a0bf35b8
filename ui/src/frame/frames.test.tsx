// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { Bed, FrameChoice } from "../api/types";
import { without } from "../edits/changes";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { FrameComparison } from "./FrameComparison";
import { FramesPanel } from "./FramesPanel";
import { reframing, walling } from "./reframe";

const euro = (amount: string) => ({ amount, currency: "EUR" });
const frame = { material: "softwood", board: "22x150 mm", courses: 1, joint: "SIDES_PAST" } as const;
const cheap: FrameChoice = {
  of: { frame },
  height: 0.15,
  boards: 28,
  cost: euro("117.60"),
  perYear: euro("10.69"),
  fill: euro("120.00"),
  supports: 32,
  replacedFrom: 2035,
  replacedTo: 2043,
  pieces: 32,
  hours: 11.7,
  heaviest: 1.8288,
  leastKilograms: 1.4,
  mostKilograms: 2.6,
};
const unpriced = without(without(cheap, "cost"), "perYear");
const deep: FrameChoice = { ...unpriced, of: { frame: { ...frame, courses: 2 } }, height: 0.3 };

afterEach(() => {
  vi.unstubAllGlobals();
});

async function shown(answer: Response) {
  const fetch = vi.fn().mockImplementation(() => Promise.resolve(answer.clone()));
  vi.stubGlobal("fetch", fetch);
  const at = deskFor();
  atDesk(at.desk, <FrameComparison beds={plan.beds} />);
  await userEvent.click(screen.getByText("Two kinds of frame, side by side"));
  return { ...at, fetch };
}

const both = () =>
  new Response(JSON.stringify([cheap, deep]), { headers: { "Content-Type": "application/json" } });

describe("two kinds of frame", () => {
  it("stand side by side with what they cost and how long they last", async () => {
    await shown(both());
    const table = within(await screen.findByTestId("frame-choices"));
    expect(table.getByRole("row", { name: /they cost/ })).toHaveTextContent("they cost€117.60no price");
    expect(table.getByRole("row", { name: /by the year/ })).toHaveTextContent("€10.69no price");
    expect(table.getByRole("row", { name: /to replace/ })).toHaveTextContent("2035 to 2043");
    expect(table.getByRole("row", { name: /it weighs/ })).toHaveTextContent("1 to 3 kg");
    expect(screen.getByText(/second person/)).toBeInTheDocument();
  });

  it("build the beds as one of them", async () => {
    const { submit } = await shown(both());
    await userEvent.click(await screen.findByRole("button", { name: "Build the beds as the other" }));
    expect(JSON.stringify(submit.mock.calls[0]?.[0])).toContain('"courses":2');
  });

  it("may be a wall, of which one piece is lifted", async () => {
    const wall = { kind: "BLOCK", courses: 2 } as const;
    const blocks = without({ ...cheap, of: { wall }, boards: 34 }, "heaviest");
    const json = { "Content-Type": "application/json" };
    const { fetch, submit } = await shown(new Response(JSON.stringify([cheap, blocks]), { headers: json }));
    await userEvent.selectOptions(screen.getByLabelText("Other: made of"), "Blocks (a wall)");
    const asked = fetch.mock.calls.at(-1) as [string, { body: string }];
    expect(JSON.parse(asked[1].body)).toMatchObject({ choices: [{ frame: {} }, { wall }] });
    const table = within(await screen.findByTestId("frame-choices"));
    expect(table.getByRole("row", { name: /longest/ })).toHaveTextContent("one piece");
    await userEvent.click(screen.getByRole("button", { name: "Build the beds as the other" }));
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ kind: "RebuildBed", revision: { build: { wall } } });
  });

  it("say why a board won’t do", async () => {
    const refusal = { title: "Refused", status: 422, detail: "two boards 4x4 leave no soil between them" };
    const headers = { "Content-Type": "application/problem+json" };
    await shown(new Response(JSON.stringify(refusal), { status: 422, headers }));
    expect(await screen.findByRole("alert")).toHaveTextContent("leave no soil between them");
  });
});

describe("other boards", () => {
  const [bed] = plan.beds;
  if (!bed) throw new Error("no bed to reframe");
  const mound: Bed = {
    ...bed,
    revisions: bed.revisions.map((r) => ({ ...r, build: { ...r.build, mound: 0.2 } })),
  };

  it("take the place of a mound", () => {
    expect(reframing([mound], 2028, frame)).toMatchObject({
      kind: "RebuildBed",
      revision: { frame, build: { mound: 0 } },
    });
    expect(reframing([bed], 2028, frame)).toMatchObject({ kind: "ReframeBed", frame });
  });

  it("need a bed that stands", () => {
    expect(reframing([bed], 1990, frame)).toBeNull();
  });
});

describe("walls", () => {
  const [beans] = plan.beds;
  if (!beans) throw new Error("the garden has no beds");
  const wall = { kind: "BLOCK", courses: 3 } as const;

  it("take the place of boards, caps and legs, and boards that of walls", () => {
    expect(walling([beans], 2027, wall)).toMatchObject({
      kind: "RebuildBed",
      revision: { build: { wall, mound: 0, legs: 0 } },
    });
    expect(JSON.stringify(walling([beans], 2027, wall))).not.toContain('"frame"');
    const revisions = beans.revisions.map((r) => ({ ...r, build: { ...r.build, wall } }));
    const walled = { ...beans, revisions };
    expect(JSON.stringify(reframing([walled], 2027, frame))).not.toContain('"wall"');
    expect(JSON.stringify(reframing([walled], 2027, undefined))).not.toContain('"wall"');
  });

  it("are chosen like a material, and say that they want a footing", async () => {
    const { desk, submit } = deskFor({ season: 2027, selection: new Set(["beans"]) });
    answering({});
    atDesk(desk, <FramesPanel />);
    await userEvent.selectOptions(screen.getByLabelText("Made of"), "Blocks (a wall)");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      revision: { build: { wall: { kind: "BLOCK", courses: 2 } } },
    });
  });
});
