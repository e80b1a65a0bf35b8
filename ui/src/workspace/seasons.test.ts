import { describe, expect, it } from "vitest";
import { isThere, presentSeason, railSeasons, seasonName, seasonOf } from "./seasons";

describe("the season rail", () => {
  it("goes from the first season to a little beyond the last event", () => {
    expect(railSeasons([2026, 2027, 2030], 2026, 2026)).toEqual([2026, 2027, 2028, 2029, 2030, 2031, 2032]);
  });

  it("begins with a bed that stood before the garden was taken over", () => {
    expect(railSeasons([2024, 2026], 2026, 2026)[0]).toBe(2024);
  });

  it("reaches beyond the season that is looked at", () => {
    expect(railSeasons([2026], 2026, 2029).at(-1)).toBe(2031);
  });

  it("begins with this year, or with the garden while that lies ahead", () => {
    const today = new Date("2026-11-25");
    expect(presentSeason(2024, undefined, today)).toBe(2026);
    expect(presentSeason(2028, undefined, today)).toBe(2028);
  });
});

it.each([
  [{}, 1900, true],
  [{ from: 2027 }, 2026, false],
  [{ from: 2027 }, 2027, true],
  [{ until: 2030 }, 2029, true],
  [{ until: 2030 }, 2030, false],
  [{ from: 2027, until: 2028 }, 2027, true],
])("%j in %s: there %s", (lifetime, season, there) => {
  expect(isThere(lifetime, season)).toBe(there);
});

it.each([
  ["2027-06-30T23:59:59", "--07-01", 2026],
  ["2027-07-01T00:00:00", "--07-01", 2027],
  ["2028-01-01T12:00:00", "--07-01", 2027],
  ["2028-01-01T00:00:00", "--01-01", 2028],
  ["2027-12-31T23:59:59", "--01-01", 2027],
])("%s, the year beginning on %s, is in season %s", (day, yearBegins, season) => {
  expect(seasonOf(new Date(day), yearBegins)).toBe(season);
});

it("a season over the turn of the year has both years in its name", () => {
  expect(seasonName(2027, "--01-01")).toBe("2027");
  expect(seasonName(2027, "--07-01")).toBe("2027/28");
  expect(seasonName(2099, "--07-01")).toBe("2099/00");
});
