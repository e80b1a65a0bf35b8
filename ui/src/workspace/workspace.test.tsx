// @vitest-environment jsdom
import type { Preview } from "../edits/previews";
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { atDesk, deskFor, plan, report, snag } from "../testing/desk";
import { useDesk } from "./desk";
import { OrderOfWork } from "./OrderOfWork";
import { PurseLine } from "./PurseLine";
import { SeasonRail } from "./SeasonRail";
import { SnagSlip } from "./SnagSlip";

const cured: Preview = {
  appraisal: { ...report, snags: [] },
  difference: { amount: "-12.50", currency: "EUR" },
};

describe("the purse line", () => {
  it("says what is paid, ordered, to come and left, and when the contingency is eaten", () => {
    atDesk(deskFor().desk, <PurseLine />);
    const sums = [...document.querySelectorAll("[data-figure]")].map((figure) => figure.textContent);
    expect(sums).toEqual(["€300.00", "€0.00", "€650.00", "€50.00"]);
    expect(screen.getByText("eats into the contingency")).not.toHaveClass("text-snag");
    expect(screen.getByText("€50.00")).not.toHaveClass("text-snag");
  });

  it("is red only when money is missing", () => {
    const purse = {
      ...report.purse,
      left: { amount: "-1.00", currency: "EUR" },
      state: "OVERDRAWN" as const,
    };
    atDesk(deskFor({ report: { ...report, purse } }).desk, <PurseLine />);
    expect(screen.getByText("−€1.00")).toHaveClass("text-snag");
    expect(screen.getByText("over the budget")).toHaveClass("text-snag");
  });

  it("shows what the edit under the hand makes of it", () => {
    atDesk(deskFor({ preview: cured }).desk, <PurseLine />);
    expect(screen.getByTestId("difference")).toHaveTextContent("−€12.50");
  });

  it("says so while boards are cut by a quick rule", () => {
    atDesk(deskFor({ report: { ...report, quickBoards: true } }).desk, <PurseLine />);
    expect(screen.getByText("boards and sheets cut by a quick rule for now")).toBeInTheDocument();
  });

  it("says how many lines have no price", () => {
    const purse = { ...report.purse, state: "WITHIN" as const, unpriced: 2 };
    atDesk(deskFor({ report: { ...report, purse } }).desk, <PurseLine />);
    expect(screen.getByText("2 without a price")).toBeInTheDocument();
    expect(screen.queryByText("eats into the contingency")).not.toBeInTheDocument();
  });
});

describe("the snag slip", () => {
  it("opens to the rule, its source and the remedies, and selects the beds", async () => {
    const { desk } = deskFor();
    atDesk(desk, <SnagSlip />);
    await userEvent.click(screen.getByRole("button", { name: /out of reach for Maren/ }));
    expect(screen.getByText(/Source: common practice/)).toBeInTheDocument();
    expect(desk.select).toHaveBeenCalledWith(["kale"]);
  });

  it("tries a remedy while the pointer rests on it and takes it on a click", async () => {
    const { desk, submit } = deskFor();
    atDesk(desk, <SnagSlip />);
    await userEvent.click(screen.getByRole("button", { name: /out of reach for Maren/ }));
    const remedy = screen.getByRole("button", { name: "Narrow Kale to 1.00 m" });
    await userEvent.hover(remedy);
    expect(desk.tryOut).toHaveBeenCalledWith(snag.remedies[0]?.change);
    await userEvent.click(remedy);
    expect(submit).toHaveBeenCalledExactlyOnceWith(snag.remedies[0]?.change);
  });

  it("strikes out what would be put right instead of taking it from under the pointer", () => {
    atDesk(deskFor({ preview: cured }).desk, <SnagSlip />);
    expect(screen.getByText("put right")).toBeInTheDocument();
    expect(screen.getByText(/out of reach for Maren/)).toBeInTheDocument();
  });

  it("tells alike snags of two walls apart", () => {
    const at = (x: number) => ({
      ...snag,
      beds: [],
      things: [],
      gardeners: [],
      place: { x, y: 5 },
      words: `Wall at ${String(x)}`,
    });
    const both = { ...report, snags: [at(1), at(2)] };
    const preview: Preview = { ...cured, appraisal: { ...report, snags: [at(2)] } };
    atDesk(deskFor({ report: both, judged: both, preview }).desk, <SnagSlip />);
    expect(screen.getAllByText("put right")).toHaveLength(1);
    expect(screen.getByText("Wall at 1")).toHaveClass("line-through");
    expect(screen.getByText("Wall at 2")).not.toHaveClass("line-through");
  });

  it("outlines what it is about while a snag is open", async () => {
    const gate = { id: "gate", name: "Gate", place: { x: 5, y: 0 }, width: 1, swing: "INWARD" as const };
    const garden = { ...plan, waysIn: [{ ...gate, lifetime: {}, sill: 0 }] };
    const shut = { ...snag, beds: [], things: [{ kind: "wayIn", id: "gate" }], words: "Gate is shut." };
    const judged = { ...report, snags: [shut] };
    const setSketch = vi.fn();
    atDesk(deskFor({ plan: garden, report: judged, judged, setSketch }).desk, <SnagSlip />);
    await userEvent.click(screen.getByText("Gate is shut."));
    expect(setSketch).toHaveBeenLastCalledWith([expect.objectContaining({ closed: true })]);
    await userEvent.click(screen.getByText("Gate is shut."));
    expect(setSketch).toHaveBeenLastCalledWith([]);
  });

  it("keeps what a preview does not judge", () => {
    const deadEnd = { ...snag, rule: "DEAD_END" as const, words: "Ines has to back out.", beds: [] };
    const whole = { ...report, snags: [deadEnd] };
    const preview: Preview = { ...cured, appraisal: { ...report, snags: [], notJudged: ["DEAD_END"] } };
    atDesk(deskFor({ report: whole, judged: whole, preview }).desk, <SnagSlip />);
    expect(screen.getByText("Ines has to back out.")).not.toHaveClass("line-through");
    expect(screen.queryByText("put right")).not.toBeInTheDocument();
  });

  it("tells what would be new below what there is, so that nothing moves from under the pointer", () => {
    const fresh = {
      ...snag,
      rule: "BED_OVERLAP" as const,
      words: "Beans and Kale share 1 m² of ground.",
      remedies: [],
    };
    const worse: Preview = { ...cured, appraisal: { ...report, snags: [fresh, snag] } };
    atDesk(deskFor({ preview: worse }).desk, <SnagSlip />);
    const told = screen.getByRole("list", { name: "New snags" });
    expect(told).toHaveTextContent("New: Beans and Kale share");
    const known = screen.getByText(snag.words);
    expect(known.compareDocumentPosition(told)).toBe(Node.DOCUMENT_POSITION_FOLLOWING);
  });

  it("shows what is alike under one heading, folded where there are many", async () => {
    const many = Array.from({ length: 5 }, (_, index) => ({ ...snag, beds: [`bed ${String(index)}`] }));
    const judged = { ...report, snags: many };
    atDesk(deskFor({ report: judged, judged }).desk, <SnagSlip />);
    expect(screen.queryByText(/out of reach for Maren 25 %/)).not.toBeInTheDocument();
    await userEvent.click(screen.getByRole("button", { name: /Soil out of reach for Maren/ }));
    expect(screen.getAllByText(/out of reach for Maren 25 %/)).toHaveLength(5);
    await userEvent.click(screen.getByRole("radio", { name: "by step" }));
    expect(screen.getByRole("button", { name: /Walks & reach/ })).toBeInTheDocument();
  });

  it("folds away and comes back", async () => {
    const { desk } = deskFor({ folded: { panel: false, slip: true } });
    const { atDesk: again } = atDesk(desk, <SnagSlip />);
    await userEvent.click(screen.getByRole("button", { name: "Snags 1" }));
    expect(desk.fold).toHaveBeenLastCalledWith("slip", false);
    again(deskFor().desk);
    expect(screen.getByRole("heading", { name: "Snags 1" })).toBeInTheDocument();
  });

  it("says so when nothing is wrong", () => {
    const sound = { ...report, snags: [] };
    atDesk(deskFor({ report: sound, judged: sound }).desk, <SnagSlip />);
    expect(screen.getByText(/Nothing is wrong/)).toBeInTheDocument();
  });
});

describe("the order of work", () => {
  it("says of each step how many snags it has, what it comes to, and whether it is begun", async () => {
    const { desk } = deskFor();
    atDesk(desk, <OrderOfWork />);
    expect(screen.getByRole("tab", { name: /Walks & reach/ })).toHaveTextContent("31 snagWalks & reach");
    expect(screen.getByRole("tab", { name: /Frames/ })).toHaveTextContent("€60");
    expect(screen.getByRole("tab", { name: /Beds/ })).toHaveTextContent("2 beds");
    const bare = { ...report, beds: [] };
    const idle = screen.getAllByText("not begun").map((each) => each.closest("button")?.textContent);
    const begin = ["Water", "Fence", "Crops"];
    expect(idle).toEqual(begin.map((step) => expect.stringContaining(step) as string));
    await userEvent.click(screen.getByRole("tab", { name: /Fill/ }));
    expect(desk.setStep).toHaveBeenCalledWith("fill");
    await userEvent.click(screen.getByRole("tab", { name: /Beds/ }));
    expect(desk.fold).toHaveBeenLastCalledWith("panel", false);
    document.body.replaceChildren();
    atDesk(deskFor({ report: bare, plan: { ...plan, gardeners: [] } }).desk, <OrderOfWork />);
    expect(screen.getAllByText("not begun")).toHaveLength(6);
  });
});

describe("the season rail", () => {
  it("tells what is built, rebuilt and gone in each season, and what it costs", () => {
    atDesk(deskFor().desk, <SeasonRail />);
    expect(screen.getByRole("radio", { name: /^2027/ })).toHaveTextContent("2 built");
    expect(screen.getByRole("radio", { name: /^2027/ })).toHaveTextContent("€950.00");
    expect(screen.getByRole("radio", { name: /^2028/ })).toHaveTextContent("1 built, 1 gone");
    expect(screen.getByRole("radio", { name: /^2028/ })).toBeChecked();
  });

  it("reaches to a season that has nothing but a bill", () => {
    const bySeason = [{ season: 2035, planned: { amount: "12.00", currency: "EUR" } }];
    atDesk(deskFor({ report: { ...report, bySeason } }).desk, <SeasonRail />);
    expect(screen.getByRole("radio", { name: /^2035/ })).toHaveTextContent("€12.00no building");
    expect(screen.getByRole("radio", { name: /^2037/ })).toBeInTheDocument();
  });

  it("shows another season on a click", async () => {
    const { desk } = deskFor();
    atDesk(desk, <SeasonRail />);
    await userEvent.click(within(screen.getByRole("radiogroup")).getByRole("radio", { name: /^2029/ }));
    expect(desk.setSeason).toHaveBeenCalledWith(2029);
  });
});

it("parts of the workspace say what they miss outside of it", () => {
  const quiet = vi.spyOn(console, "error").mockImplementation(() => undefined);
  function Lost() {
    useDesk();
    return null;
  }
  expect(() => atDesk(null as never, <Lost />)).toThrow("inside its DeskContext");
  quiet.mockRestore();
});
