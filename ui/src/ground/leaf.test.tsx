// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { AppraisalReport, WayIn } from "../api/types";
import { atDesk, deskFor, plan, report } from "../testing/desk";
import { WaysInList } from "./WaysInList";
import { words } from "./words";

const gate: WayIn = {
  id: "gate",
  name: "Gate 1",
  place: { x: 5, y: 0 },
  width: 1,
  swing: "INWARD",
  lifetime: {},
  sill: 0,
};
const leaf = { kind: "SINGLE", hinges: "LEFT", height: 1.2, latch: 1, clearance: 0.05 } as const;
const made = {
  between: 1.072,
  leaves: 1,
  leaf: 1.047,
  high: 1.15,
  pieces: [{ part: "STILE", material: "treated", board: "47x100 mm", length: 1.15, count: 2 }],
  brace: "TIMBER",
  fittings: [{ label: "Gate hinge", count: 2 }],
  mass: 20.4,
  post: { moment: 122.3, stress: 0.27, allowed: 4.8, depth: 0.61 },
} as const;

function at(way: WayIn, told: Partial<AppraisalReport["fencing"]["gates"][number]>) {
  const judged: AppraisalReport = {
    ...report,
    fencing: { ...report.fencing, gates: [{ gate: "gate", usual: leaf, ...told }] },
  };
  const { desk, submit } = deskFor({ plan: { ...plan, waysIn: [way] }, report: judged });
  atDesk(desk, <WaysInList />);
  return submit;
}

describe("a gate", () => {
  it("is made as the program proposes until somebody says otherwise", async () => {
    const submit = at(gate, {});
    await userEvent.click(screen.getByRole("button", { name: words.describeLeaf }));
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutWayIn", wayIn: { ...gate, leaf } },
      expect.anything(),
    );
  });

  it("says what it takes, and what its leaf does to the post", () => {
    at({ ...gate, leaf }, { made: { ...made, pieces: [...made.pieces], fittings: [...made.fittings] } });
    const figures = screen.getByTestId("gate-figures").textContent;
    expect(figures).toContain("1.072 m");
    expect(figures).toContain("2 × stile 1.15 m");
    expect(figures).toContain("2 × Gate hinge");
    expect(figures).toContain(words.gate.braces.TIMBER);
    expect(figures).toContain(words.gate.post(122, "0.3", "4.8", "0.61 m"));
  });

  it("can be left open again, and one that has no gate has no leaf", async () => {
    const submit = at({ ...gate, leaf }, {});
    await userEvent.selectOptions(screen.getByLabelText(words.leaf), "DOUBLE");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutWayIn", wayIn: { ...gate, leaf: { ...leaf, kind: "DOUBLE" } } },
      expect.anything(),
    );
    await userEvent.click(screen.getByRole("button", { name: words.forgetLeaf }));
    expect(submit).toHaveBeenLastCalledWith({ kind: "PutWayIn", wayIn: gate }, expect.anything());
    await userEvent.selectOptions(screen.getByLabelText("Swings"), "OPEN");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutWayIn", wayIn: { ...gate, swing: "OPEN" } },
      expect.anything(),
    );
  });
});
