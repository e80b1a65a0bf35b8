// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { differences } from "./differences";
import { VariantsDialog } from "./VariantsDialog";

afterEach(() => {
  vi.unstubAllGlobals();
});

const [beans, ...others] = plan.beds;
if (!beans) throw new Error("the plan has no bed");
const leeks = { ...beans, id: "leeks", name: "Leeks" };
const other = {
  ...plan,
  id: "wider",
  name: "Wider",
  beds: [{ ...beans, name: "Broad beans" }, ...others.slice(1), leeks],
  budget: { ...plan.budget, contingency: plan.budget.contingency + 1 },
};

describe("two versions of a garden", () => {
  it("differ by what is only in one, and by what is in both otherwise; their names don't count", () => {
    expect(differences(plan, other, ["gardeners", "features"])).toEqual({
      onlyHere: [others[0]?.name],
      onlyThere: ["Leeks"],
      otherwise: [beans.name, "the budget"],
    });
    expect(differences(plan, { ...plan, id: "x", name: "X" }, ["gardeners"])).toEqual({
      onlyHere: [],
      onlyThere: [],
      otherwise: [],
    });
  });

  it("are held side by side, and one is outlined on the sheet of the other", async () => {
    const version = {
      from: 2028,
      ground: plan.site.corners,
      beds: [],
      growing: 4,
      edge: 8,
      serious: 0,
      snags: 0,
    };
    const planned = { amount: "12.00", currency: "EUR" };
    answering({
      "/variants": [
        { ...version, garden: plan.id, name: plan.name, main: true, planned },
        { ...version, garden: "wider", name: "Wider", main: false, planned },
      ],
      "/gardens/wider": { revision: 1, plan: other },
    });
    const { desk } = deskFor();
    const closed = vi.fn();
    atDesk(desk, <VariantsDialog open onOpenChange={closed} />);
    const card = within((await screen.findByText("Wider")).closest("li") as HTMLElement);
    await userEvent.click(card.getByRole("button", { name: "What differs in Wider" }));
    expect(await card.findByText(/Leeks/)).toHaveTextContent("Only in this one: Leeks");
    await userEvent.click(card.getByRole("button", { name: "Outline it on the sheet" }));
    expect(desk.show).toHaveBeenCalledWith({ ghosts: { name: "Wider", plan: other } });
    expect(closed).toHaveBeenCalledWith(false);
  });
});
