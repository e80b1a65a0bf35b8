// @vitest-environment jsdom
import "../testing/setup";
import { act, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { atDesk, deskFor, plan } from "../testing/desk";
import { BedsPanel } from "../bed/BedsPanel";
import { FillPanel } from "../fill/FillPanel";
import { FramesPanel } from "../frame/FramesPanel";
import { GroundPanel } from "../ground/GroundPanel";
import { PursePanel } from "../purse/PursePanel";
import { ReachPanel } from "../reach/ReachPanel";

async function type(label: string, text: string) {
  const field = screen.getByLabelText(label);
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
}

const beds = <BedsPanel />;

describe("beds", () => {
  it("are listed with their size, or when they come and go", () => {
    atDesk(deskFor().desk, beds);
    expect(screen.getByRole("button", { name: /^Beans/ })).toHaveTextContent("2.40 m × 1.00 m");
    expect(screen.getByRole("button", { name: /^Old bed/ })).toHaveTextContent("gone in 2028");
    expect(screen.getByRole("button", { name: /^Old bed/ })).toBeDisabled();
  });

  it("a typed width keeps the lower edge where it is", async () => {
    const { desk, submit } = deskFor({ selection: new Set(["beans"]) });
    atDesk(desk, beds);
    await type("Width, outside", "4 ft");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "ReshapeBed",
      bed: "beans",
      from: 2027,
      outline: { centre: { x: 3, y: 2.1096 }, length: 2.4, width: 1.2192 },
    });
  });

  it("a typed place moves the bed by the difference", async () => {
    const { desk, submit } = deskFor({ selection: new Set(["beans"]) });
    atDesk(desk, beds);
    await type("From plot's left", "2");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ kind: "MoveBed", centre: { x: 3.2, y: 2 } });
  });

  it("what the program refuses is told at the field", async () => {
    const { desk, submit } = deskFor({ selection: new Set(["beans"]) });
    atDesk(desk, beds);
    await type("Gone from season", "1066");
    act(() => {
      submit.mock.calls[0]?.[1]?.("1066 is out of range");
    });
    expect(screen.getByLabelText("Gone from season")).toHaveAccessibleDescription("1066 is out of range");
  });

  it("a turn that is no number never leaves the field", async () => {
    const { desk, submit } = deskFor({ selection: new Set(["beans"]) });
    atDesk(desk, beds);
    await type("Turned, degrees", "askew");
    expect(screen.getByRole("alert")).toHaveTextContent("degrees clockwise");
    expect(submit).not.toHaveBeenCalled();
  });

  it("a bed that stood before is retired, a new one taken out", async () => {
    const before = deskFor({ selection: new Set(["beans"]) });
    const { unmount } = atDesk(before.desk, beds);
    await userEvent.click(screen.getByRole("button", { name: "Delete" }));
    expect(before.submit.mock.calls[0]?.[0]).toEqual({ kind: "RetireBed", bed: "beans", season: 2028 });
    unmount();
    const now = deskFor({ selection: new Set(["kale"]) });
    atDesk(now.desk, beds);
    await userEvent.click(screen.getByRole("button", { name: "Delete" }));
    expect(now.submit.mock.calls[0]?.[0]).toEqual({ kind: "RemoveBed", bed: "kale" });
  });

  it("a duplicate stands beside the original, begins in the season looked at and has a name of its own", async () => {
    const { desk, submit } = deskFor({ selection: new Set(["beans"]) });
    atDesk(desk, beds);
    await userEvent.click(screen.getByRole("button", { name: "Duplicate" }));
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "PlaceBed",
      bed: { name: "Beans 1", revisions: [{ from: 2028, outline: { centre: { x: 6.3144, y: 2 } } }] },
    });
  });

  it("is built otherwise from the season looked at on", async () => {
    const { desk, submit } = deskFor({ selection: new Set(["beans"]) });
    atDesk(desk, beds);
    await userEvent.click(screen.getByRole("button", { name: "Build it otherwise from 2028 on" }));
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "ReviseBed",
      bed: "beans",
      revision: { from: 2028 },
    });
  });
});

describe("gardeners", () => {
  it("are measured from a preset or by their own figure", async () => {
    const { desk, submit } = deskFor();
    atDesk(desk, <ReachPanel />);
    await userEvent.selectOptions(
      screen.getAllByLabelText("Reach like")[0] as HTMLElement,
      "Seated, 0.508 m",
    );
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "PutGardener",
      gardener: { id: "ada", reach: 0.508, posture: "SEATED" },
    });
  });

  it("who sits is taken for the chair, not the barrow of the same width", () => {
    atDesk(deskFor().desk, <ReachPanel />);
    expect(screen.getByText("2010 ADA Standards 403.5.1.")).toBeInTheDocument();
  });

  it("see what each misses of every bed", () => {
    atDesk(deskFor().desk, <ReachPanel />);
    expect(screen.getByText("25 % · 0.50 m²")).toBeInTheDocument();
  });

  it("a garden without any asks for one", async () => {
    const { desk, submit } = deskFor({ plan: { ...plan, gardeners: [] } });
    atDesk(desk, <ReachPanel />);
    expect(screen.getByText(/Nobody gardens here yet/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole("button", { name: "Add gardener" }));
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      gardener: { name: "Gardener 1", reach: 0.61, passing: 0.6 },
    });
  });
});

describe("frames, fill and purse", () => {
  it("several beds are framed as one edit", async () => {
    const { desk, submit } = deskFor({ selection: new Set(["beans", "kale"]) });
    atDesk(desk, <FramesPanel />);
    await userEvent.selectOptions(screen.getByLabelText("Courses"), "3");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "Batch",
      changes: [
        { kind: "ReframeBed", bed: "beans", from: 2027, frame: { courses: 3 } },
        { kind: "ReframeBed", bed: "kale", from: 2028, frame: { courses: 3 } },
      ],
    });
  });

  it("a frame can be taken away", async () => {
    const { desk, submit } = deskFor({ selection: new Set(["beans"]) });
    atDesk(desk, <FramesPanel />);
    await userEvent.selectOptions(screen.getByLabelText("Made of"), "no boards");
    expect(submit.mock.calls[0]?.[0]).toEqual({ kind: "ReframeBed", bed: "beans", from: 2027 });
  });

  it("the soil of all beds is added up", () => {
    atDesk(deskFor().desk, <FillPanel />);
    expect(screen.getByRole("row", { name: /Together/ })).toHaveTextContent("1.12 m³");
    expect(screen.getByText(/filled to 0.025 m below the top/)).toBeInTheDocument();
  });

  it("a price is set, a comma is a point, an empty one is not known", async () => {
    const { desk, submit } = deskFor();
    atDesk(desk, <PursePanel />);
    await type("Price of Cedar board", "21,50");
    expect(submit.mock.calls[0]?.[0]).toEqual({
      kind: "SetPrice",
      price: { item: "cedar/board", amount: { amount: "21.50", currency: "EUR" }, guess: false },
    });
    await userEvent.clear(screen.getByLabelText("Price of Cedar board"));
    await userEvent.tab();
    expect(submit.mock.calls[1]?.[0]).toEqual({ kind: "ClearPrice", item: "cedar/board" });
  });

  it("the price book shows what the bill calls for, or everything", async () => {
    atDesk(deskFor().desk, <PursePanel />);
    expect(screen.queryByLabelText("Price of Another soil")).not.toBeInTheDocument();
    await userEvent.click(screen.getByRole("checkbox", { name: /also what the bill/ }));
    expect(screen.getByLabelText("Price of Another soil")).toBeInTheDocument();
    expect(screen.getByText("a guess")).toBeInTheDocument();
  });
});

describe("ground", () => {
  it("a corner is typed, added and taken out", async () => {
    const { desk, submit } = deskFor();
    atDesk(desk, <GroundPanel />);
    await type("Corner 3, up", "7 m");
    await userEvent.click(screen.getByRole("button", { name: "Add a corner after corner 1" }));
    await userEvent.click(screen.getByRole("button", { name: "Delete corner 4" }));
    const corners = submit.mock.calls.map(([change]) =>
      change.kind === "SetSite" ? change.site.corners : [],
    );
    expect(corners[0]?.[2]).toEqual({ x: 10, y: 7 });
    expect(corners[1]?.[1]).toEqual({ x: 5, y: 0 });
    expect(corners[2]).toHaveLength(3);
  });

  it("north that is no number never leaves the field", async () => {
    const { desk, submit } = deskFor();
    atDesk(desk, <GroundPanel />);
    await type("North, ° from up", "over there");
    expect(screen.getByRole("alert")).toHaveTextContent("Write degrees");
    expect(submit).not.toHaveBeenCalled();
  });
});
