// @vitest-environment jsdom
import "../testing/setup";
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { Plan } from "../api/types";
import { answering } from "../testing/answers";
import { atDesk, catalogue, deskFor, plan, report } from "../testing/desk";
import { without } from "../edits/changes";
import { FillPanel } from "./FillPanel";
import { FillingForm, sameFilling } from "./FillingForm";
import { InGroundForm } from "./InGroundForm";
import { SupplyForm } from "./SupplyForm";

const mix = catalogue.recipes[0]?.filling ?? { parts: [] };
const wood = catalogue.recipes[2]?.filling ?? mix;

function filling(beds: Plan["beds"] = plan.beds) {
  const at = deskFor({ plan: { ...plan, beds } });
  atDesk(at.desk, <FillingForm beds={beds} />);
  return at;
}

function withFilling(parts: (typeof mix)["parts"]): Plan["beds"] {
  return plan.beds.map((bed) => ({
    ...bed,
    revisions: bed.revisions.map((r) => ({ ...r, build: { ...r.build, filling: { parts } } })),
  }));
}

describe("beds in the ground", () => {
  const flat = plan.beds.map((bed) => ({
    ...bed,
    revisions: bed.revisions.map((r) => ({
      ...without(r, "frame"),
      build: { legs: 0, mound: 0, overhang: 0 },
    })),
  }));

  it("get compost in one edit, and say how deep", async () => {
    const at = deskFor({ plan: { ...plan, beds: flat } });
    atDesk(at.desk, <InGroundForm beds={flat} />);
    expect(screen.getByText(/rake in 0\.076 m of compost/)).toBeInTheDocument();
    await userEvent.selectOptions(screen.getByRole("combobox"), "Compost on loosened ground");
    expect(JSON.stringify(at.submit.mock.calls[0]?.[0])).toContain(
      '"filling":{"parts":[{"good":"COMPOST","parts":1}]}',
    );
  });

  it("are those whose edge is judged to be no height above the ground", () => {
    const judged = report.beds.map((bed, at) => ({ ...bed, height: at === 0 ? 0 : bed.height || 0.2 }));
    atDesk(deskFor({ plan, report: { ...report, beds: judged } }).desk, <FillPanel />);
    expect(screen.getByLabelText(`In the ground: ${judged[0]?.name ?? ""}`)).toBeInTheDocument();
  });
});

describe("what beds are filled with", () => {
  it("takes a recipe for all of them in one edit, and says its honest sentence", async () => {
    const { submit } = filling();
    expect(screen.getByText("The dearest.")).toBeInTheDocument();
    await userEvent.selectOptions(screen.getByLabelText("Recipe"), "Wood below");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "Batch",
      changes: plan.beds.map((bed) => ({
        kind: "RebuildBed",
        bed: bed.id,
        revision: { build: { filling: wood } },
      })),
    });
  });

  it("shows the percentages of an own mix and takes other parts", async () => {
    const { submit } = filling(
      withFilling([
        { good: "TOPSOIL", parts: 3 },
        { good: "MANURE", parts: 1 },
      ]),
    );
    const form = within(screen.getByTestId("filling"));
    expect(form.getByText("75 %")).toBeInTheDocument();
    expect(form.getByText(/120 days before harvest/)).toBeInTheDocument();
    const [soil] = form.getAllByLabelText("parts");
    if (!soil) throw new Error("no field for the first part");
    await userEvent.clear(soil);
    await userEvent.type(soil, "1{Enter}");
    const [change] = submit.mock.calls[0] ?? [];
    expect(JSON.stringify(change)).toContain(
      '"parts":[{"good":"TOPSOIL","parts":1},{"good":"MANURE","parts":1}]',
    );
    await userEvent.selectOptions(form.getByLabelText("Add to the mix"), "COMPOST");
    expect(JSON.stringify(submit.mock.calls[1]?.[0])).toContain('{"good":"COMPOST","parts":1}');
  });

  it("says that beds are filled differently, and fills them alike", async () => {
    const [first, ...others] = plan.beds;
    const [wooded] = withFilling(wood.parts);
    if (!first || !wooded) throw new Error("no bed to fill");
    const { submit } = filling([wooded, ...others]);
    expect(screen.getByLabelText("Recipe")).toHaveDisplayValue("filled differently");
    expect(screen.queryByLabelText("Below it")).toBeNull();
    await userEvent.selectOptions(screen.getByLabelText("Recipe"), "One good mix");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ kind: "Batch" });
  });

  it("puts wood below to two fifths of the depth at first", async () => {
    const { submit } = filling();
    await userEvent.selectOptions(screen.getByLabelText("Below it"), "WOOD");
    expect(JSON.stringify(submit.mock.calls[0]?.[0])).toContain('"below":{"good":"WOOD","percent":40}');
  });

  it("tells recipes apart by what lies below", () => {
    expect(sameFilling(wood, { parts: wood.parts })).toBe(false);
    expect(sameFilling(wood, { ...wood })).toBe(true);
  });
});

describe("how it comes", () => {
  function supply(part: Partial<Plan["supply"]> = {}) {
    const at = deskFor({ plan: { ...plan, supply: { ...plan.supply, ...part } } });
    atDesk(at.desk, <SupplyForm />);
    return at;
  }

  it("notes that no lorry can tip", async () => {
    const { submit } = supply();
    await userEvent.click(screen.getByLabelText("A lorry can tip near by"));
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ kind: "PutSupply", supply: { tipping: false } });
  });

  it("takes what is on hand in any unit, and what can't be read goes to the program to be refused", async () => {
    const { submit } = supply({ onHand: [{ good: "COMPOST", volume: 100 }] });
    const loose = screen.getByLabelText("bulk");
    await userEvent.clear(loose);
    await userEvent.type(loose, "0,5 m³{Enter}");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      supply: { onHand: [{ good: "COMPOST", volume: 500 }] },
    });
    await userEvent.clear(loose);
    await userEvent.type(loose, "a heap{Enter}");
    expect(submit.mock.calls[1]?.[0]).toMatchObject({ supply: { onHand: [{ volume: 0 }] } });
  });

  it("takes one lorry for several goods", async () => {
    const { submit } = supply();
    await userEvent.click(screen.getByLabelText("One lorry brings several goods for one delivery"));
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ supply: { sharedDelivery: true } });
  });

  it("takes a vehicle with what it holds and carries", async () => {
    const { submit } = supply({ vehicles: [{ name: "Van", bed: 1200, payload: 650 }] });
    const carries = screen.getByLabelText("Carries, kg");
    await userEvent.clear(carries);
    await userEvent.type(carries, "700{Enter}");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      supply: { vehicles: [{ name: "Van", bed: 1200, payload: 700 }] },
    });
    await userEvent.click(screen.getByRole("button", { name: "Add a vehicle" }));
    expect(submit.mock.calls[1]?.[0]).toMatchObject({
      supply: { vehicles: [{ name: "Van" }, { name: "Pickup", payload: 600 }] },
    });
    await userEvent.click(screen.getByRole("button", { name: "No Van" }));
    expect(submit.mock.calls[2]?.[0]).toMatchObject({ supply: { vehicles: [] } });
  });

  it("mixes what is on hand, in the shares that the program tells", async () => {
    const parts = [
      { good: "TOPSOIL", parts: 300 },
      { good: "COMPOST", parts: 120 },
    ];
    answering({ "/own-mix": { parts } });
    const onHand = [{ good: "TOPSOIL" as const, volume: 300 }];
    const beds = withFilling([
      { good: "TOPSOIL", parts: 3 },
      { good: "MANURE", parts: 1 },
    ]);
    const { desk, submit } = deskFor({ plan: { ...plan, beds, supply: { ...plan.supply, onHand } } });
    atDesk(desk, <FillingForm beds={beds} />);
    await userEvent.click(screen.getByRole("button", { name: /Mix what is on hand/ }));
    await waitFor(() => {
      expect(JSON.stringify(submit.mock.calls[0])).toContain(JSON.stringify(parts));
    });
  });
});
