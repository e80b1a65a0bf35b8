// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import "../testing/setup";
import { answering } from "../testing/answers";
import { atDesk, deskFor } from "../testing/desk";
import type { WearTold, YearAhead } from "./wear";
import { WearPaper } from "./WearPaper";
import { wearWords as words } from "./wearWords";

const euro = (amount: string) => ({ amount, currency: "EUR" });
const year = (season: number, planned: string, renewals: string): YearAhead => ({
  season,
  planned: euro(planned),
  renewals: euro(renewals),
  plannedHours: 12.5,
  renewalHours: 1.5,
});
const told: WearTold = {
  parts: [
    {
      thing: "fence",
      name: "North fence",
      part: "Mesh",
      made: 2020,
      age: 8,
      least: 6,
      most: 10,
      due: 2028,
      cost: euro("120.00"),
      state: "DUE",
    },
    {
      thing: "beans",
      name: "Beans",
      part: "Frame",
      made: 2027,
      age: 1,
      least: 7,
      most: 15,
      due: 2038,
      state: "GOOD",
    },
    {
      thing: "hoops",
      name: "Hoops",
      part: "Sheets",
      made: 2027,
      age: 1,
      least: 1,
      most: 1,
      state: "LOOK",
    },
  ],
  years: [year(2028, "400.00", "120.00"), year(2029, "0.00", "0.00")],
};

it("tells how old each part is, how long it lasts, when it is renewed and what that costs", async () => {
  const fetched = answering({ "/wear": told });
  atDesk(deskFor({}).desk, <WearPaper />);
  const mesh = await screen.findByRole("row", { name: /North fence/ });
  expect(
    within(mesh)
      .getAllByRole("cell")
      .map(({ textContent }) => textContent),
  ).toEqual([words.states.DUE, "North fence", "Mesh", "2020", "8 years", "6 to 10 years", "2028", "€120.00"]);
  screen.getByRole("row", { name: new RegExp(`Beans Frame 2027 1 year 7 to 15 years 2038 ${words.later}`) });
  screen.getByRole("row", { name: new RegExp(`Hoops Sheets 2027 1 year 1 year ${words.notDue}`) });
  expect(fetched.mock.calls[0]?.[0]).toMatch(/\/wear\?season=2028$/);
});

it("draws money and hours of the years ahead", async () => {
  answering({ "/wear": told });
  atDesk(deskFor({}).desk, <WearPaper />);
  const figures = within(await screen.findByTestId("years-ahead"));
  await vi.waitFor(() => {
    figures.getByRole("img", { name: new RegExp(words.ofYear("2028", "€400", "€120")) });
    figures.getByRole("img", { name: new RegExp(words.ofYear("2029", "12.5 h", "1.5 h")) });
  });
});

it("says so where nothing wears out", async () => {
  answering({ "/wear": { parts: [], years: told.years } });
  atDesk(deskFor({}).desk, <WearPaper />);
  await screen.findByText(words.empty);
});
