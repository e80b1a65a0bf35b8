// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { formatLength } from "../measure/lengths";
import type { Desk } from "../workspace/desk";
import type { Variety } from "./crops";
import { VarietiesSection } from "./VarietiesSection";
import { words } from "./words";

const vale: Variety = {
  id: "vale",
  name: "Vale",
  crop: "carrot",
  ownCrop: false,
  figures: [{ column: "FROM_SOWING", figure: "58" }],
  chosen: [],
};

function show(varieties: readonly Variety[], parts: Partial<Desk> = {}) {
  const submit = vi.fn<Desk["submit"]>();
  const { desk } = deskFor();
  const selection = new Set(varieties.map(({ id }) => id));
  atDesk(
    { ...desk, ...parts, plan: { ...plan, varieties: [...varieties] }, selection, submit },
    <VarietiesSection />,
  );
  return submit;
}

function put(submit: ReturnType<typeof show>): Partial<Variety> {
  const [change] = submit.mock.lastCall ?? [];
  return change?.kind === "PutVariety" ? change.variety : {};
}

describe("own crops and varieties", () => {
  it("are begun with a crop of the catalogue and a name", async () => {
    const submit = show([]);
    await userEvent.click(screen.getByText(words.title));
    await userEvent.click(screen.getByRole("button", { name: words.add("Carrot") }));
    expect(submit).not.toHaveBeenCalled();
    expect(screen.getByText(words.nameFirst)).toBeVisible();
    await userEvent.type(screen.getByLabelText(words.itsName), "Vale{Enter}");
    await userEvent.click(screen.getByRole("button", { name: words.add("Carrot") }));
    expect(put(submit)).toMatchObject({ name: "Vale", crop: "carrot", figures: [] });
  });

  it("have figures of their own, and those of their crop where they have none", async () => {
    const submit = show([vale]);
    expect(screen.getByLabelText(words.columns.FROM_SOWING)).toHaveValue("58");
    expect(screen.queryByLabelText(words.columns.INDOORS)).toBeNull();
    const apart = screen.getByLabelText(words.columns.IN_ROW);
    expect(apart).toHaveAttribute("placeholder", formatLength(0.05, plan.units));
    await userEvent.type(apart, "3 in{Enter}");
    expect(put(submit).figures).toContainEqual({ column: "IN_ROW", figure: "7.62" });
    await userEvent.selectOptions(screen.getByLabelText(words.columns.FAMILY), "ONION");
    expect(put(submit).figures).toContainEqual({ column: "FAMILY", figure: "ONION" });
    await userEvent.clear(screen.getByLabelText(words.columns.FROM_SOWING));
    await userEvent.tab();
    expect(put(submit).figures).toEqual([]);
  });

  it("say why a figure was not taken at its field", async () => {
    const submit = show([vale]);
    submit.mockImplementation((_, onFault) => {
      onFault?.("5 is not from 10 to 1000");
    });
    await userEvent.type(screen.getByLabelText(words.columns.FROM_SOWING), "{Control>}a{/Control}5{Enter}");
    expect(screen.getByLabelText(words.columns.FROM_SOWING)).toHaveAccessibleDescription(
      "5 is not from 10 to 1000",
    );
    expect(screen.getByLabelText(words.columns.FROM_SOWING)).toHaveValue("5");
  });

  it("tell how they were bred and why they were chosen", async () => {
    const submit = show([vale]);
    await userEvent.selectOptions(screen.getByLabelText(words.breeding), "OPEN_POLLINATED");
    expect(put(submit).breeding).toBe("OPEN_POLLINATED");
    await userEvent.click(screen.getByLabelText("its seed can be kept true"));
    expect(put(submit).chosen).toEqual(["KEEPS_TRUE"]);
  });

  it("count the seed on hand, and tell what the season leaves of it", async () => {
    answering({
      "/crops": {
        crops: deskFor().desk.catalogue.crops.crops,
        seed: [{ variety: "vale", comesUp: 0.35, sown: 120, left: 40 }],
      },
    });
    const submit = show([{ ...vale, seed: { seeds: 160, year: 2023, noMore: false } }]);
    expect(await screen.findByTestId("seed-left")).toHaveTextContent(words.left(2028, "35 %", 120, 40));
    await userEvent.type(screen.getByLabelText(words.cameUp), "72{Enter}");
    expect(put(submit).seed).toEqual({ seeds: 160, year: 2023, noMore: false, germination: 0.72 });
    await userEvent.click(screen.getByLabelText(words.noMore));
    expect(put(submit).seed).toMatchObject({ noMore: true });
    await userEvent.clear(screen.getByLabelText(words.seeds));
    await userEvent.tab();
    expect(put(submit).seed).toBeUndefined();
  });

  it("come from a file: what it would change is shown before it is taken over", async () => {
    const change = { kind: "Batch" as const, label: "Crops from a file", changes: [] };
    answering({
      "/crops": {
        taken: [vale],
        same: 90,
        rejected: [{ row: 4, text: "Wide", reason: "in row cm: 0 is not from 1 to 500" }],
        unknown: ["colour"],
        change,
      },
    });
    const submit = show([]);
    await userEvent.click(screen.getByText(words.title));
    await userEvent.upload(screen.getByLabelText(words.choose), new File(["key,name"], "crops.csv"));
    const reading = await screen.findByTestId("crops-reading");
    expect(reading).toHaveTextContent(words.found(1, 90, 1));
    expect(reading).toHaveTextContent(words.row(4, "Wide", "in row cm: 0 is not from 1 to 500"));
    expect(reading).toHaveTextContent(words.leftOut("colour"));
    await userEvent.click(within(reading).getByRole("button", { name: words.takeOver(1) }));
    expect(submit.mock.lastCall?.[0]).toEqual(change);
  });
});
