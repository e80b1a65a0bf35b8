// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import "../testing/setup";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import type { WorkCalendar } from "./calendar";
import { dueWithin } from "./due";
import { dueWords as words } from "./dueWords";
import { Fortnight } from "./Fortnight";

const calendar: WorkCalendar = {
  begins: "2028-04-01",
  stints: [
    { task: "a", day: "2028-04-01", from: 0, minutes: 60, workers: ["ada", "bo"] },
    { task: "b", day: "2028-04-01", from: 60, minutes: 30, workers: ["ada"] },
    { task: "a", day: "2028-04-15", from: 0, minutes: 60, workers: ["ada"] },
  ],
  days: ["2028-04-01", "2028-04-15"].map((day) => ({ day, tools: [], cautions: [] })),
  tasks: [],
  unplaced: [],
  busiest: 1,
  hires: [],
};
const cost = { amount: "10.00", currency: "EUR" };
const soon = {
  ...plan,
  yearBegins: "--01-01",
  deliveries: [
    { id: "s", name: "Soil", season: 2028, day: "2028-04-08", stages: ["POSTS" as const] },
    { id: "o", name: "Old soil", season: 2028, day: "2028-03-31", stages: ["POSTS" as const] },
  ],
  hires: [
    {
      id: "h",
      name: "Auger",
      season: 2028,
      stages: ["POSTS" as const],
      daily: cost,
      booked: ["2028-04-07", "2028-05-01"],
    },
  ],
};
const days = (from: string) =>
  dueWithin(soon, calendar, [], from, 2028).map(({ kind, day }) => `${kind} ${day}`);

describe("what is due", () => {
  it("comes by the day, today counted in and the day in two weeks left out", () => {
    expect(days("2028-04-01")).toEqual(["work 2028-04-01", "hire 2028-04-07", "delivery 2028-04-08"]);
    expect(days("2028-04-02")).toEqual(["hire 2028-04-07", "delivery 2028-04-08", "work 2028-04-15"]);
    expect(dueWithin(soon, undefined, [], "2028-01-01", 2028)).toEqual([]);
  });

  it("tells the tasks of a day once each, and the time of all who work", () => {
    expect(dueWithin(soon, calendar, [], "2028-04-01", 2028)[0]).toMatchObject({ tasks: 2, minutes: 150 });
    expect(words.work(1, 90)).toBe("1 task, 1.5 h");
  });

  it("tells reminders among the rest, by their day", () => {
    const spring = { key: "spring", day: "2028-04-02", words: "Look at what is old", about: "Mesh of Fence" };
    const due = dueWithin(soon, calendar, [spring], "2028-04-02", 2028);
    expect(due[0]).toMatchObject({
      kind: "reminder",
      day: "2028-04-02",
      name: "Look at what is old: Mesh of Fence",
    });
    expect(dueWithin(soon, calendar, [spring], "2028-04-03", 2028)[0]?.kind).toBe("hire");
  });

  it("ends with the look back in the last four months of a season in which something grew", () => {
    const planting = plan.plantings[0];
    const grown = {
      ...soon,
      plantings: [
        { ...planting, from: "2028-05-01", until: "2028-08-01" } as (typeof plan.plantings)[number],
      ],
    };
    const kinds = (from: string) => dueWithin(grown, undefined, [], from, 2028).map(({ kind }) => kind);
    expect(kinds("2028-08-31")).toEqual([]);
    expect(kinds("2028-09-01")).toEqual(["look-back"]);
    expect(kinds("2028-12-31")).toEqual(["look-back"]);
    expect(dueWithin({ ...grown, plantings: [] }, undefined, [], "2028-10-01", 2028)).toEqual([]);
    expect(dueWithin(grown, undefined, [], "2029-10-01", 2028)).toEqual([]);
  });
});

describe("on the first screen", () => {
  beforeEach(() => {
    vi.useFakeTimers({ now: new Date("2028-04-01T12:00:00"), toFake: ["Date"] });
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  it("is told in the present season, with the way to the day sheet", async () => {
    const workers = [
      { id: "ada", name: "Ada", hours: [0, 0, 0, 0, 0, 4, 4], visits: [], away: [], pace: 1, leaves: [] },
    ];
    answering({
      "/work-calendar": { calendar, moved: [] },
      "/reminders": [{ key: "drain", day: "2028-04-03", words: "Drain the pipes", about: "It freezes" }],
    });
    const { desk } = deskFor({ plan: { ...soon, workers }, season: 2028 });
    atDesk(desk, <Fortnight />);
    const list = await screen.findByTestId("fortnight");
    await screen.findByText(/2 tasks, 2.5 h/);
    expect(list).toHaveTextContent("Sat 8 Apr: Soil comes");
    expect(list).toHaveTextContent("Fri 7 Apr: Auger is booked");
    await screen.findByText(/Drain the pipes: It freezes/);
    await userEvent.click(screen.getByRole("button", { name: words.openNamed.work("2028-04-01") }));
    expect(desk.read).toHaveBeenCalledWith("day");
  });

  it("is not told in another season", () => {
    atDesk(deskFor({ plan: soon, season: 2029 }).desk, <Fortnight />);
    expect(screen.queryByTestId("fortnight")).toBeNull();
  });
});
