// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import type { Desk } from "../workspace/desk";
import type { FeedingTold, Mulch, SoilTest } from "./feeding";
import { FeedingPaper } from "./FeedingPaper";
import { FeedingSection } from "./FeedingSection";
import { words } from "./words";

const lab: SoilTest = {
  id: "lab",
  name: "By the lab",
  taken: "2028-02-20",
  acidity: 5.8,
  texture: "LOAM",
  amending: "ORGANIC",
  beds: [],
};

function show(tests: readonly SoilTest[], selected: readonly string[] = ["lab"], yearBegins = "--01-01") {
  const submit = vi.fn<Desk["submit"]>();
  const { desk } = deskFor();
  const soilTests = [...tests];
  atDesk(
    { ...desk, plan: { ...plan, soilTests, yearBegins }, selection: new Set(selected), submit },
    <FeedingSection />,
  );
  return submit;
}

function put(submit: ReturnType<typeof show>): Partial<SoilTest> {
  const [change] = submit.mock.lastCall ?? [];
  return change?.kind === "PutSoilTest" ? change.soilTest : {};
}

describe("soil tests", () => {
  it("are noted with what usually is, to be changed", async () => {
    const submit = show([]);
    await userEvent.click(screen.getByText(words.title));
    await userEvent.click(screen.getByRole("button", { name: words.add }));
    expect(put(submit)).toMatchObject({
      taken: "2028-02-23",
      acidity: 6.5,
      texture: "LOAM",
      beds: [],
    });
  });

  it("are dated within the season, also where it begins in July", async () => {
    const submit = show([], [], "--07-01");
    await userEvent.click(screen.getByText(words.title));
    await userEvent.click(screen.getByRole("button", { name: words.add }));
    expect(put(submit).taken).toBe("2029-02-23");
  });

  it("say what the laboratory found", async () => {
    const submit = show([lab]);
    await userEvent.type(screen.getByLabelText(words.acidity), "{Control>}a{/Control}5.4{Enter}");
    expect(put(submit).acidity).toBe(5.4);
    await userEvent.selectOptions(screen.getByLabelText(words.texture), "CLAY");
    expect(put(submit).texture).toBe("CLAY");
    await userEvent.selectOptions(screen.getByLabelText(words.phosphorus), "LOW");
    expect(put(submit).phosphorus).toBe("LOW");
    await userEvent.selectOptions(screen.getByLabelText(words.amending), "MINERAL");
    expect(put(submit).amending).toBe("MINERAL");
    const asked = submit.mock.calls.length;
    await userEvent.type(screen.getByLabelText(words.acidity), "{Control>}a{/Control}sour{Enter}");
    expect(screen.getByText(words.noAcidity)).toBeVisible();
    expect(submit).toHaveBeenCalledTimes(asked);
  });

  it("are of all beds, or of those that are selected", async () => {
    const submit = show([lab], ["lab", "beans"]);
    expect(screen.getByText(`${words.ofBeds}: ${words.allBeds}`)).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: words.takeSelected(1) }));
    expect(put(submit).beds).toEqual(["beans"]);
  });
});

describe("mulch", () => {
  const straw: Mulch = {
    id: "straw",
    name: "Summer straw",
    kind: "STRAW",
    depth: 0.05,
    first: 2028,
    seasons: 3,
    beds: [],
  };

  function withMulch(mulches: Mulch[], selected: readonly string[]) {
    const submit = vi.fn<Desk["submit"]>();
    const { desk } = deskFor();
    atDesk({ ...desk, plan: { ...plan, mulches }, selection: new Set(selected), submit }, <FeedingSection />);
    return submit;
  }

  function laid(submit: ReturnType<typeof withMulch>): Partial<Mulch> {
    const [change] = submit.mock.lastCall ?? [];
    return change?.kind === "PutMulch" ? change.mulch : {};
  }

  it("is planned for the selected beds", async () => {
    const submit = withMulch([], ["beans"]);
    await userEvent.click(screen.getByText(words.title));
    expect(screen.getByText(words.noMulch)).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: words.addMulch }));
    expect(laid(submit)).toMatchObject({
      kind: "STRAW",
      depth: 0.05,
      first: 2028,
      seasons: 1,
      beds: ["beans"],
    });
  });

  it("is altered, and done without", async () => {
    const submit = withMulch([straw], ["straw"]);
    expect(screen.getByText(words.mulchAbout("Straw", 2028, 3), { exact: false })).toBeVisible();
    await userEvent.selectOptions(screen.getByLabelText(words.mulchKind), "LEAVES");
    expect(laid(submit).kind).toBe("LEAVES");
    await userEvent.type(screen.getByLabelText(words.howDeep), "{Control>}a{/Control}8 cm{Enter}");
    expect(laid(submit).depth).toBe(0.08);
    await userEvent.type(screen.getByLabelText(words.forSeasons), "{Control>}a{/Control}two{Enter}");
    expect(laid(submit).seasons).toBe(0);
    await userEvent.click(screen.getByRole("button", { name: words.takeMulchOutNamed("Summer straw") }));
    expect(submit).toHaveBeenLastCalledWith({ kind: "RemoveMulch", mulch: "straw" }, expect.anything());
  });
});

describe("what the soil wants", () => {
  it("is told bed by bed, with what is bought and the caution", async () => {
    const told: FeedingTold = {
      beds: [
        {
          bed: "beans",
          soil: 4,
          hungriest: "Carrot",
          feeding: "LIGHT",
          depth: 0.0127,
          compost: 51,
          doses: [{ amendment: "LIME", kilograms: 3.2 }],
          mulch: [{ kind: "STRAW", depth: 0.05, volume: 200 }],
          sourOnPurpose: false,
        },
      ],
      bought: [{ amendment: "LIME", kilograms: 3.2, bags: 1 }],
      compost: 51,
      topUp: 102,
      made: 600,
    };
    answering({ "/feeding": told });
    atDesk(deskFor({ step: "crops" }).desk, <FeedingPaper />);
    const row = await screen.findByRole("row", { name: /Beans/ });
    expect(row).toHaveTextContent("takes little");
    expect(row).toHaveTextContent(words.dose("Garden lime", "3.2 kg"));
    expect(row).toHaveTextContent(words.mulchLaid("Straw", "50.0 mm", "200 L"));
    expect(screen.getByTestId("compost-balance")).toHaveTextContent("want 51 L of compost. 102 L");
    expect(screen.getByText(words.buy(words.bags("Garden lime", "3.2 kg", 1)))).toBeVisible();
    expect(screen.getByText(words.caution("0.5 kg to a square metre"))).toBeVisible();
  });

  it("tells the beds as one looks for them", async () => {
    const bare = {
      soil: 4,
      depth: 0.0254,
      compost: 102,
      doses: [],
      mulch: [],
      sourOnPurpose: false,
    };
    const told: FeedingTold = {
      beds: [
        { ...bare, bed: "beans" },
        { ...bare, bed: "kale" },
      ],
      bought: [],
      compost: 204,
      topUp: 0,
      made: 0,
    };
    answering({ "/feeding": told });
    const { desk } = deskFor({ step: "crops" });
    const beds = plan.beds.map((bed) => ({ ...bed, name: bed.id === "beans" ? "Bed 10" : "Bed 2" }));
    atDesk({ ...desk, plan: { ...plan, beds } }, <FeedingPaper />);
    await screen.findByRole("row", { name: /Bed 10/ });
    expect(screen.getAllByRole("row", { name: /Bed/ }).map((row) => row.textContent.slice(0, 6))).toEqual([
      "Bed 24",
      "Bed 10",
    ]);
  });
});
