// @vitest-environment jsdom
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, expect, it, vi } from "vitest";
import "../testing/setup";
import { atDesk, deskFor, plan } from "../testing/desk";
import type { BedStory, CropFigures, SeasonFigures } from "./seasons";
import { SeasonsPaper } from "./SeasonsPaper";
import { StoryPaper } from "./StoryPaper";
import { words } from "./words";

const euro = (amount: string) => ({ amount, currency: "EUR" });
const carrot: CropFigures = {
  year: { crop: "carrot", name: "Carrot", planned: 12, picked: { kilograms: 2.5, litres: 0, pieces: 30 } },
  priced: "food/carrot/kg",
  price: euro("2.00"),
  value: euro("5.00"),
  losses: 1,
};
const kale: CropFigures = {
  year: { crop: "kale", name: "Kale", planned: 0, picked: { kilograms: 0, litres: 0, pieces: 4 } },
  priced: "food/kale/kg",
  losses: 0,
};
const last: SeasonFigures = {
  season: 2027,
  soil: 6,
  planned: 12,
  picked: { kilograms: 2.5, litres: 0, pieces: 34 },
  value: euro("5.00"),
  unvalued: 1,
  plannedHours: 20,
  hours: 10,
  bill: euro("400.00"),
  paid: euro("250.00"),
  water: 1200,
  losses: 1,
  weeks: [0, 1, 2.5],
  weightPer: { perSquareMetre: 0.4167, perHour: 0.25 },
  valuePer: { perSquareMetre: 0.83, perHour: 0.5 },
  paidForOne: euro("100.00"),
  valueOfPaid: 0.02,
  crops: [carrot, kale],
  beds: [
    {
      bed: "beans",
      name: "Beans",
      soil: 2.4,
      planned: 12,
      picked: { kilograms: 2.5, litres: 0, pieces: 34 },
      hours: 10,
      losses: 1,
      perSquareMetre: 1.04,
    },
  ],
};
const next: SeasonFigures = {
  ...last,
  season: 2028,
  picked: { kilograms: 0, litres: 0, pieces: 0 },
  value: euro("0.00"),
  unvalued: 0,
  hours: 0,
  paid: euro("0.00"),
  losses: 0,
  weeks: [0, 0, 0],
  weightPer: { perSquareMetre: 0 },
  valuePer: { perSquareMetre: 0 },
  paidForOne: undefined,
  valueOfPaid: undefined,
  crops: [
    {
      ...carrot,
      year: { ...carrot.year, planned: 14, picked: { kilograms: 0, litres: 0, pieces: 0 } },
      value: euro("0.00"),
      losses: 0,
    },
  ],
  beds: [
    {
      bed: "kale",
      name: "Kale",
      soil: 3.8,
      planned: 14,
      picked: { kilograms: 0, litres: 0, pieces: 0 },
      hours: 0,
      losses: 0,
    },
  ],
};
const story: BedStory = {
  bed: "beans",
  name: "Beans",
  chapters: [
    {
      season: 2027,
      built: true,
      length: 2.4,
      width: 1,
      height: 0.3,
      holder: "BOARDS",
      soil: 2.1,
      grown: [{ planting: "p", name: "Carrots", from: "2027-04-01", until: "2027-08-01" }],
      picked: { kilograms: 2.5, litres: 0, pieces: 0 },
      hours: 1.5,
      perSquareMetre: 1.19,
      told: [
        { id: "e1", day: "2027-06-01", about: false, loss: { crop: "carrot", cause: "FROST" } },
        { id: "e2", day: "2027-07-01", about: false, note: "Thin them sooner" },
      ],
    },
    {
      season: 2028,
      built: false,
      length: 2.4,
      width: 1,
      height: 0.3,
      holder: "BOARDS",
      soil: 2.1,
      grown: [],
      picked: { kilograms: 0, litres: 0, pieces: 0 },
      hours: 0,
      told: [],
    },
    {
      season: 2029,
      built: true,
      length: 2.4,
      width: 1,
      height: 0.45,
      holder: "WALL",
      soil: 2,
      grown: [],
      picked: { kilograms: 0, litres: 0, pieces: 0 },
      hours: 0,
      told: [],
    },
  ],
};

/** Each season is answered with its own figures. */
function answering() {
  const fetched = vi.fn<(url: string) => Promise<Response>>((url) => {
    const asked = new URL(url, "http://garden.test");
    const answer = asked.pathname.endsWith("/bed-story")
      ? { ...story, bed: asked.searchParams.get("bed") }
      : { 2027: last, 2028: next }[asked.searchParams.get("season") ?? ""];
    return Promise.resolve(
      new Response(JSON.stringify(answer), { headers: { "Content-Type": "application/json" } }),
    );
  });
  vi.stubGlobal("fetch", fetched);
  return fetched;
}

beforeEach(() => {
  answering();
});

const cells = (name: RegExp | string) =>
  within(screen.getByRole("row", { name }))
    .getAllByRole("cell")
    .map(({ textContent }) => textContent.replaceAll("\u2007", ""));

it("lays the season before beside the one that is shown", async () => {
  const { desk } = deskFor({ season: 2028 });
  atDesk(desk, <SeasonsPaper />);
  const whole = within(await screen.findByTestId("whole-seasons"));
  const figures = (name: string) =>
    within(whole.getByRole("rowheader", { name }).closest("tr") ?? document.body)
      .getAllByRole("cell")
      .map(({ textContent }) => textContent);
  expect(whole.getAllByRole("columnheader").map(({ textContent }) => textContent)).toEqual([
    "",
    "2027",
    "2028",
  ]);
  expect(figures(words.picked)).toEqual(["2.5 kg, 34 pcs", "–"]);
  expect(figures(words.pickedPerArea("m²"))).toEqual(["0.4 kg/m²", "0.0 kg/m²"]);
  expect(figures(words.value)).toEqual(["€5.00", "–"]);
  expect(figures(words.valuePerArea("m²"))).toEqual(["€0.83", "–"]);
  expect(figures(words.paidForOne("kilogram"))).toEqual(["€100.00", "–"]);
  expect(figures(words.hours)).toEqual(["10.0 h", "0.0 h"]);
  expect(figures(words.pickedPerHour)).toEqual(["0.3 kg", "–"]);
  expect(figures(words.paid)).toEqual(["€250.00", "€0.00"]);
  expect(figures(words.valueOfPaid("EUR"))).toEqual(["€0.02", "–"]);
  expect(figures(words.losses)).toEqual(["1", "0"]);
  expect(whole.getByText(`2027: ${words.unvalued(1)}`)).toBeVisible();
});

it("tells water in gallons where one measures in feet [NIST: a US gallon is 3.785412 L]", async () => {
  atDesk(deskFor({ season: 2028, units: "FEET_AND_INCHES" }).desk, <SeasonsPaper />);
  const whole = within(await screen.findByTestId("whole-seasons"));
  const row = whole.getByRole("rowheader", { name: words.water }).closest("tr");
  expect(row?.querySelector("td")?.textContent).toBe("317 gal");
});

it("tells crop by crop what was planned, picked, lost and worth, and takes a price", async () => {
  const { desk, submit } = deskFor({ season: 2028 });
  atDesk(desk, <SeasonsPaper />);
  await screen.findByRole("row", { name: /^Carrot/ });
  expect(cells(/^Carrot/).slice(1, 5)).toEqual(["12 kg", "2.5 kg, 30 pcs", "14 kg", ""]);
  expect(cells(/^Kale/).slice(1, 5)).toEqual(["", "4 pcs", "", ""]);
  const price = screen.getByLabelText(words.priceOf("Kale", "kilogram"));
  await userEvent.type(price, "3.5{Enter}");
  expect(submit.mock.calls[0]?.[0]).toEqual({
    kind: "SetPrice",
    price: { item: "food/kale/kg", amount: euro("3.5"), guess: false },
  });
});

it("draws a small chart for each crop that was weighed, all on one scale, with what was planned", async () => {
  atDesk(deskFor({ season: 2028 }).desk, <SeasonsPaper />);
  const charts = within(await screen.findByTestId("crop-multiples"));
  charts.getByText(words.multiples("14 kg"));
  // Kale was only counted.
  const chart = charts.getByRole("img", {
    name: `Carrot: ${words.pickedOf("2027", "2.5 kg", "12 kg")}; ${words.pickedOf("2028", "0 kg", "14 kg")}`,
  });
  const heights = [...chart.querySelectorAll("rect")].map((bar) => Number(bar.getAttribute("height")));
  const planned = [...chart.querySelectorAll("line[stroke-dasharray]")].map((line) =>
    Number(line.getAttribute("y1")),
  );
  // The tallest, 14 kg, is 42 high above the line at 44.
  expect(heights).toEqual([7.5, 0]);
  expect(planned).toEqual([8, 2]);
});

it("offers the year as a book", async () => {
  atDesk(deskFor({ season: 2028 }).desk, <SeasonsPaper />);
  await screen.findByTestId("whole-seasons");
  expect(screen.getByRole("link", { name: words.bookFile }).getAttribute("href")).toMatch(
    /\/year-book\.pdf\?season=2028$/,
  );
});

it("tells bed by bed, and leaves empty what did not stand", async () => {
  const { desk } = deskFor({ season: 2028 });
  atDesk(desk, <SeasonsPaper />);
  await userEvent.selectOptions(screen.getByLabelText(words.by), "beds");
  await screen.findByRole("row", { name: /^Beans/ });
  expect(cells(/^Beans/).slice(1)).toEqual([
    "2.40 m²",
    "12 kg",
    "2.5 kg, 34 pcs",
    "1.0 kg/m²",
    "10.0 h",
    "1",
    ...Array<string>(6).fill(""),
  ]);
});

it("lays another season beside it, the earlier one first", async () => {
  const fetched = answering();
  const { desk } = deskFor({ season: 2027 });
  atDesk(desk, <SeasonsPaper />);
  await userEvent.selectOptions(screen.getByLabelText(words.other), "2028");
  await waitFor(() => {
    expect(fetched.mock.calls.map(([url]) => url.replace(/.*=/, ""))).toContain("2028");
  });
  const whole = within(await screen.findByTestId("whole-seasons"));
  expect(whole.getAllByRole("columnheader").map(({ textContent }) => textContent)).toEqual([
    "",
    "2027",
    "2028",
  ]);
});

it("tells a bed's story, season by season", async () => {
  const { desk } = deskFor({ season: 2028 });
  atDesk(desk, <StoryPaper />);
  await screen.findByRole("row", { name: /^2027/ });
  expect(cells(/^2027/)).toEqual([
    "2027",
    "built: a frame of boards, 2.40 m by 1.00 m, 0.30 m high",
    "Carrots (1 Apr to 1 Aug)",
    "2.5 kg",
    "1.2 kg/m²",
    "1.5 h",
    "1 Jun: Carrot lost: Frost or winter; 1 Jul: Thin them sooner",
  ]);
  expect(cells(/^2028/)[1]).toBe(words.asBefore);
  expect(cells(/^2029/)[1]).toBe("rebuilt: a wall, 2.40 m by 1.00 m, 0.45 m high");
});

it("tells the story of the bed that is chosen, first of the selected one", async () => {
  const fetched = answering();
  const { desk } = deskFor({ season: 2028, selection: new Set(["kale"]) });
  atDesk(desk, <StoryPaper />);
  await screen.findByRole("row", { name: /^2027/ });
  expect(fetched.mock.calls.at(-1)?.[0]).toMatch(/bed=kale$/);
  await userEvent.selectOptions(screen.getByLabelText(words.whichBed), "Beans");
  await waitFor(() => {
    expect(fetched.mock.calls.at(-1)?.[0]).toMatch(/bed=beans$/);
  });
});

it("says so where there is no bed", async () => {
  const { desk } = deskFor({ plan: { ...plan, beds: [] } });
  atDesk(desk, <StoryPaper />);
  expect(await screen.findByText(words.noBed)).toBeVisible();
});
