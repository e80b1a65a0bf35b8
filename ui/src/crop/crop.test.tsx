// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { allNamed } from "../capabilities";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import type { Desk } from "../workspace/desk";
import { CropsOnTheSheet } from "./CropsOnTheSheet";
import { CropsPanel } from "./CropsPanel";
import { dayOfHalf, formatDay } from "../measure/halfMonths";
import type { SowingTold } from "./sowing";
import { CataloguePaper } from "./CataloguePaper";
import { LabelsPaper } from "./LabelsPaper";
import { BedCardsPaper } from "./BedCardsPaper";
import { SeedPaper } from "./SeedPaper";
import { SchoolsSection } from "./SchoolsSection";
import { SowingPaper } from "./SowingPaper";
import type { Planting, PlantingTold } from "./plantings";
import { words } from "./words";

const carrots: Planting = {
  id: "carrots",
  name: "Carrots",
  crop: "carrot",
  bed: "beans",
  part: { from: 0, to: 0.5, low: 0, high: 1 },
  layout: "ROWS_ALONG",
  raising: "SOWN",
  interplanted: false,
  from: "2028-04-01",
  until: "2028-08-01",
};

const told: PlantingTold = {
  planting: "carrots",
  count: 96,
  places: [
    { x: 2, y: 2 },
    { x: 2.1, y: 2 },
  ],
  spread: 0.08,
  height: 0.35,
  plantsApart: 0.05,
  rowsApart: 0.25,
  ripe: "2028-06-15",
  yield: 4.2,
  wanted: { seeds: 151, packets: 1, plants: 0 },
};

const sowing: SowingTold = {
  basis: "GUESS",
  last: { early: "--04-17", middle: "--05-01", late: "--05-15" },
  first: { early: "--09-26", middle: "--10-10", late: "--10-24" },
  soil: [],
  days: [{ day: "2028-04-03", deed: "SOW", what: "Sow in the bed", planting: "carrots", count: 151 }],
  crops: [{ crop: "carrot", from: "2028-04-03", until: "2028-08-12", up: 17 }],
};

const planted = { ...plan, plantings: [carrots] };

async function opened(answer: PlantingTold = told) {
  answering({ "/plantings": [answer] });
  const submit = vi.fn<Desk["submit"]>();
  const { desk } = deskFor({ plan: planted, step: "crops", submit });
  atDesk(desk, <CropsPanel />);
  const form = await screen.findByTestId("planting");
  await userEvent.click(within(form).getByText("Carrots"));
  return { form: within(form), submit };
}

describe("crops", () => {
  it("are not said to be missing before the program has told them", async () => {
    answering({ "/plantings": [told] });
    atDesk(deskFor({ plan: planted, step: "crops" }).desk, <CropsPanel />);
    expect(screen.queryByText(words.none)).not.toBeInTheDocument();
    await screen.findByTestId("planting");
  });

  it("are planted in the beds that are selected", async () => {
    const change = { kind: "PutPlanting", planting: carrots };
    const fetched = answering({ "/plantings/proposals": change });
    const submit = vi.fn<Desk["submit"]>();
    const { desk } = deskFor({ plan, step: "crops", submit, selection: new Set(["beans"]) });
    atDesk(desk, <CropsPanel />);
    screen.getByText(words.none);
    await userEvent.selectOptions(screen.getByLabelText(words.crop), "carrot");
    expect(screen.getByTestId("crop-about").textContent).toContain("wants 5 h of sun");
    await userEvent.click(screen.getByRole("button", { name: words.inBeds("Carrot", 1) }));
    await vi.waitFor(() => {
      expect(submit).toHaveBeenCalledWith(change, expect.anything());
    });
    expect(JSON.parse(String(fetched.mock.lastCall?.[1]?.body))).toEqual({ crop: "carrot", beds: ["beans"] });
  });

  it("stand apart in inches where the garden is in feet, as it tells", async () => {
    const [carrot] = deskFor({ plan }).desk.catalogue.crops.crops;
    if (!carrot) throw new Error("no crop");
    const inInches = {
      ...carrot.crop,
      spacing: {
        inRow: { usual: 2 * 0.0254, low: 0.0254, high: 3 * 0.0254 },
        between: { usual: 10 * 0.0254, low: 6 * 0.0254, high: 16 * 0.0254 },
      },
    };
    answering({ "/crops": { crops: [{ ...carrot, crop: inInches }], seed: [] } });
    const inFeet = deskFor({ plan: { ...plan, units: "FEET_AND_INCHES" }, step: "crops" }).desk;
    atDesk({ ...inFeet, units: "FEET_AND_INCHES" }, <CropsPanel />);
    await vi.waitFor(() => {
      expect(screen.getByTestId("crop-about").textContent).toContain(words.apart("2″", "10″"));
    });
  });

  it("tell when they are sown in the open", async () => {
    answering({ "/plantings/calendar": sowing });
    const { desk } = deskFor({ plan, step: "crops" });
    atDesk(desk, <CropsPanel />);
    await userEvent.selectOptions(screen.getByLabelText(words.crop), "carrot");
    const about = await screen.findByTestId("crop-about");
    await vi.waitFor(() => {
      expect(about.textContent).toContain(
        "sown from 3 Apr to 12 Aug at the latest. It comes up after 17 days.",
      );
    });
  });

  it("may be too late for the season", async () => {
    const late = { crop: "carrot", indoors: "2028-06-24", from: "2028-08-12", until: "2028-08-01", up: 0 };
    answering({ "/plantings/calendar": { ...sowing, crops: [late] } });
    const { desk } = deskFor({ plan, step: "crops" });
    atDesk(desk, <CropsPanel />);
    await screen.findByText(new RegExp(words.notRipe("12 Aug", false)));
    expect(screen.getByTestId("crop-about").textContent).toContain(words.windowIndoors("24 Jun"));
  });

  it("have their seed ordered with what it costs", async () => {
    const euro = (amount: string) => ({ amount, currency: "EUR" });
    answering({
      "/plantings/seeds": [
        {
          season: 2028,
          crop: "carrot",
          name: "Carrots",
          item: "A packet of seed",
          pieces: 503,
          own: 120,
          packs: 2,
          missing: 0,
          price: euro("3.00"),
          cost: euro("6.00"),
          plantings: ["carrots"],
        },
        {
          season: 2028,
          crop: "leek",
          name: "Leek",
          item: "A young plant",
          pieces: 40,
          own: 0,
          packs: 40,
          missing: 7,
          plantings: [],
        },
      ],
    });
    const { desk } = deskFor({ plan: planted, step: "crops" });
    atDesk(desk, <SeedPaper />);
    const rows = await screen.findAllByRole("row");
    const text = rows.map((row) => row.textContent).join("|");
    expect(text).toContain("CarrotsA packet of seed50312023.006.00Beans");
    expect(text).toContain("LeekA young plant40740");
    expect(text).toContain(words.noPrice);
  });

  it("have a label for each planting", async () => {
    answering({ "/plantings": [told] });
    const { desk } = deskFor({ plan: planted, step: "crops" });
    atDesk(desk, <LabelsPaper />);
    const label = await screen.findByTestId("plant-label");
    expect(label.textContent).toBe(
      "CarrotsBeans, 2028Sown on 1 Apr; ripe about 15 Jun0.05 m apart, rows 0.25 m",
    );
  });

  it("tell what own seed and bought plants cost, where they are raised indoors", () => {
    const [known] = deskFor().desk.catalogue.crops.crops;
    if (!known) throw new Error("no crop");
    const leek = { ...known, crop: { ...known.crop, key: "leek", name: "Leek", indoors: 9 } };
    const { desk } = deskFor({ step: "crops" });
    const crops = { ...desk.catalogue.crops, crops: [leek] };
    const amount = { amount: "3.00", currency: "EUR" };
    const prices = [{ item: "crop/packet", amount, guess: true }];
    const dear = { ...desk, plan: { ...desk.plan, prices }, catalogue: { ...desk.catalogue, crops } };
    answering({ "/plantings": [], "/plantings/calendar": sowing });
    atDesk(dear, <CropsPanel />);
    expect(screen.getByTestId("crop-raised")).toHaveTextContent(
      "Own seed: 500 in a packet for €3.00, and 9 weeks on a bright window sill. Bought as young plants, which is easier",
    );
  });

  it("can be looked up with all their figures", () => {
    const { desk } = deskFor({ step: "crops" });
    atDesk(desk, <CataloguePaper />);
    const row = screen.getByRole("row", { name: /Carrot/ });
    expect(row).toHaveTextContent("Carrot family");
    expect(row).toHaveTextContent("60 to 90");
    expect(row).toHaveTextContent("2.0 kg to 5.0 kg");
    expect(row).toHaveTextContent("a net");
  });

  it("have a card for each bed", async () => {
    answering({ "/plantings": [told] });
    const { desk } = deskFor({ plan: planted, step: "crops" });
    atDesk(desk, <BedCardsPaper />);
    const card = await screen.findByTestId("bed-card");
    expect(card.textContent).toContain("Beans2028Carrots");
    expect(card.textContent).toContain("Sown on 1 Apr. First harvest about 15 Jun. Cleared on 1 Aug.");
    expect(card.textContent).toContain("96 plants, 0.05 m apart, rows 0.25 m.");
  });

  it("go by rules that can be left aside and taken up again", async () => {
    const submit = vi.fn<Desk["submit"]>();
    const { desk } = deskFor({ plan, step: "crops", submit });
    const { unmount } = atDesk(desk, <SchoolsSection />);
    await userEvent.click(screen.getByText(words.schools));
    screen.getByText(/Tomatoes on stakes do without/);
    await userEvent.click(screen.getByLabelText("A climber without support"));
    expect(submit.mock.lastCall?.[0]).toMatchObject({ rulesLeftAside: { rules: ["NO_SUPPORT"] } });
    unmount();
    const without = { ...plan, rulesLeftAside: [{ id: "aside", rules: ["NO_SUPPORT"] }] };
    atDesk(deskFor({ plan: without, step: "crops", submit }).desk, <SchoolsSection />);
    await userEvent.click(screen.getByText(words.schools));
    await userEvent.click(screen.getByLabelText("A climber without support"));
    expect(submit.mock.lastCall?.[0]).toMatchObject({ rulesLeftAside: { id: "aside", rules: [] } });
  });

  it("have their work listed by day", async () => {
    answering({ "/plantings/calendar": sowing });
    const { desk } = deskFor({ plan: planted, step: "crops" });
    atDesk(desk, <SowingPaper />);
    const rows = await screen.findAllByRole("row");
    expect(rows.map((row) => row.textContent).join("|")).toContain(
      "3 AprAprilSow in the bedCarrots151 seedsBeans",
    );
  });

  it("ask for a bed first", () => {
    const { desk } = deskFor({ plan, step: "crops" });
    atDesk(desk, <CropsPanel />);
    screen.getByText(words.selectFirst);
  });

  it("tell how many plants they are, their seed and their days", async () => {
    const { form } = await opened();
    const figures = within(form.getByTestId("planting-figures"));
    figures.getByText(`${words.plants(96)}; ${words.seeds(151, 1)}.`);
    figures.getByText(new RegExp(words.ripe("15 Jun")));
  });

  it("tell what is bought of those that don't come from seed, and when the others are sown indoors", async () => {
    const { form } = await opened({ ...told, indoors: "2027-12-20" });
    form.getByText(words.indoors("20 Dec 2027"));
  });

  it("say that they are too many to be drawn, but count them", async () => {
    const { form } = await opened({ ...told, count: 10000, places: [] });
    form.getByText(words.notDrawn);
    form.getByText(new RegExp(words.plants(10000)));
  });

  it("say where there is no soil for them", async () => {
    const { form } = await opened({ ...told, count: 0, places: [] });
    form.getByText(words.noRoom);
  });

  it("are edited by days, distances and shares, and what can't be read stays to be mended", async () => {
    const { form, submit } = await opened();
    const edited = (part: Partial<Planting>) => {
      expect(submit).toHaveBeenLastCalledWith(
        { kind: "PutPlanting", planting: { ...carrots, ...part } },
        expect.anything(),
      );
    };
    await userEvent.selectOptions(form.getByLabelText(words.layout), "SQUARE");
    edited({ layout: "SQUARE" });
    await retype(form.getByLabelText(words.inRow), "0.06 m");
    edited({ inRow: 0.06 });
    await retype(form.getByLabelText(words.alongTo), "75");
    edited({ part: { ...carrots.part, to: 0.75 } });
    const calls = submit.mock.calls.length;
    await retype(form.getByLabelText(words.alongTo), "much");
    form.getByText(words.noShare);
    expect(submit).toHaveBeenCalledTimes(calls);
    await userEvent.click(form.getByLabelText(words.interplanted));
    edited({ interplanted: true });
    await userEvent.click(form.getByRole("button", { name: words.takeOut("Carrots") }));
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "RemovePlanting", planting: "carrots" },
      expect.anything(),
    );
  });

  it("are drawn at their places as wide as they are, but in no bed that is being moved", async () => {
    answering({ "/plantings": [told] });
    const { desk } = deskFor({ plan: planted, step: "crops" });
    const view = { scale: 100, x: 0, y: 100 };
    const { container, rerender } = atDesk(
      desk,
      <svg>
        <CropsOnTheSheet view={view} moved={new Map()} selected={new Set()} />
      </svg>,
    );
    await vi.waitFor(() => {
      expect(container.querySelectorAll("circle")).toHaveLength(2);
    });
    expect(container.querySelector("circle")?.getAttribute("r")).toBe("4");
    expect(allNamed(planted)).toContain(carrots);
    rerender(<svg />);
  });

  it("are looked at on a day of the season, in either half of the earth", () => {
    expect(dayOfHalf(2029, "--01-01", 0)).toBe("2029-01-08");
    expect(dayOfHalf(2029, "--01-01", 11)).toBe("2029-06-23");
    // A year that begins in July: January is that of the next calendar year.
    expect(dayOfHalf(2029, "--07-01", 0)).toBe("2030-01-08");
    expect(dayOfHalf(2029, "--07-01", 11)).toBe("2030-06-23");
    expect(dayOfHalf(2029, "--07-01", 12)).toBe("2029-07-08");
    expect(formatDay("2029-06-23", 2029)).toBe("23 Jun");
    expect(formatDay("2030-06-23", 2029)).toBe("23 Jun 2030");
  });
});

async function retype(field: HTMLElement, text: string) {
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
}
