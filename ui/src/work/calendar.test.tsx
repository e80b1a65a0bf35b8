// @vitest-environment jsdom
import { fireEvent, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import "../testing/setup";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { abilityWords } from "./abilityWords";
import { arrivalWords } from "./arrivalWords";
import { formatClock, weekdayOf, type CalendarOfSeason, type Worker } from "./calendar";
import { CalendarPaper } from "./CalendarPaper";
import { DayPaper } from "./DayPaper";
import { calendarWords as words } from "./calendarWords";
import type { PlannedTask, WorkOfSeason } from "./tasks";

const ada: Worker = {
  id: "ada",
  name: "Ada",
  hours: [0, 0, 0, 0, 0, 4, 4],
  visits: [{ day: "2028-04-05", hours: 2 }],
  away: [{ from: "2028-05-01", to: "2028-05-07" }],
  pace: 1,
  leaves: ["MESH"],
};
const posts: PlannedTask = {
  key: "posts",
  stage: "POSTS",
  rate: {
    key: "p",
    label: "Setting a post",
    minutes: 45,
    unit: "post",
    source: "a guess",
    stage: "POSTS",
    people: 1,
  },
  about: "f",
  place: "f",
  easy: false,
  name: "North fence",
  quantity: 4,
  hours: 3,
  waits: [],
};
const mesh: PlannedTask = {
  ...posts,
  key: "mesh",
  stage: "MESH",
  rate: { ...posts.rate, label: "Hanging mesh" },
};
const gate: PlannedTask = {
  ...posts,
  key: "gate",
  rate: { ...posts.rate, label: "Hanging a gate", people: 2 },
};
const work: WorkOfSeason = { stages: [], tasks: [posts, mesh, gate], done: [], learned: [] };

const told: CalendarOfSeason = {
  calendar: {
    begins: "2028-04-01",
    finish: "2028-04-09",
    inUsualRain: "2028-04-16",
    stints: [
      { task: "posts", day: "2028-04-01", from: 0, minutes: 65, workers: ["ada"] },
      { task: "mesh", day: "2028-04-09", from: 65, minutes: 60, workers: ["ada", "bo"] },
      { task: "posts", day: "2028-04-09", from: 0, minutes: 30, workers: ["bo"] },
    ],
    days: [
      { day: "2028-04-01", tools: ["Spade", "String"], cautions: ["Wet concrete burns."] },
      { day: "2028-04-09", tools: [], cautions: [] },
    ],
    tasks: [
      {
        task: "posts",
        first: "2028-04-01",
        last: "2028-04-01",
        slack: 3,
        kept: false,
        late: 0,
        held: { cause: "BEGINNING", until: "2028-04-01" },
      },
      {
        task: "mesh",
        first: "2028-04-09",
        last: "2028-04-09",
        slack: 0,
        kept: true,
        late: 8,
        held: {
          cause: "CURE",
          task: "posts",
          cure: { days: 4, reason: "Concrete cures." },
          until: "2028-04-09",
        },
      },
    ],
    unplaced: [{ task: "gate", why: "TOO_FEW", needed: 2, people: 1 }],
    busiest: 4,
    wished: false,
    hires: [],
  },
  moved: [{ task: "posts", from: "2028-04-01", to: "2028-04-02" }],
};

const planned = {
  ...plan,
  workers: [ada, { ...ada, id: "bo", name: "Bo", leaves: [], visits: [], away: [] }],
  keptDays: [{ id: "k", task: "mesh", day: "2028-04-09" }],
  rainDays: [{ id: "r", day: "2028-04-02" }],
  workSeasons: [{ id: "w", season: 2028, begins: "2028-04-01", ends: "2028-04-05", order: [] }],
};

function shown(more: Record<string, unknown> = {}, part: Parameters<typeof deskFor>[0] = { plan: planned }) {
  const fetched = answering({ "/tasks": work, "/work-calendar": told, ...more });
  const desk = deskFor(part);
  atDesk(desk.desk, <CalendarPaper />);
  return { ...desk, fetched };
}

describe("the calendar of the work", () => {
  it("tells day by day who does what, from when to when, and why not sooner", async () => {
    shown();
    const row = await screen.findByRole("row", { name: /Hanging mesh/ });
    expect(row).toHaveTextContent(
      "Ada, BoHanging mesh, North fence1:052:052.0 h8 days later than wanted; waits until 9 Apr: Concrete cures.not a dayLeave it open",
    );
    expect(screen.getAllByRole("row", { name: /Setting a post/ })[0]).toHaveTextContent("3 days");
    expect(screen.getByRole("row", { name: "Sun 9 Apr 2" })).toBeInTheDocument();
    expect(screen.getByTestId("calendar-told")).toHaveTextContent(
      `${words.finish("9 Apr")} ${words.wet("16 Apr")} ${words.busiest("4.0 h")} ${words.tooLate("5 Apr")} ${words.areLate(1)}`,
    );
    expect(screen.getByTestId("unplaced")).toHaveTextContent(
      "Hanging a gate, North fence: it takes 2 people at once, and only 1 does.",
    );
    expect([formatClock(0), formatClock(605), weekdayOf("2028-02-29")]).toEqual(["0:00", "10:05", "Tue"]);
  });

  it("settles a task for its day, and leaves one open again", async () => {
    const { submit } = shown();
    await userEvent.click(
      await screen.findByRole("button", {
        name: words.keepNamed("Setting a post, North fence", "Sat 1 Apr"),
      }),
    );
    expect(submit.mock.lastCall?.[0]).toMatchObject({
      kind: "PutKeptDay",
      keptDay: { task: "posts", day: "2028-04-01" },
    });
    await userEvent.click(screen.getByRole("button", { name: words.freeNamed("Hanging mesh, North fence") }));
    expect(submit.mock.lastCall?.[0]).toEqual({ kind: "RemoveKeptDay", keptDay: "k" });
  });

  it("shows what rain moves before it moves it, and gives a dry day back", async () => {
    const { submit, fetched } = shown();
    const rain = within(await screen.findByTestId("rain"));
    await userEvent.selectOptions(rain.getByLabelText(words.rainOn), "2028-04-01");
    await vi.waitFor(() => {
      expect(fetched.mock.calls.some(([url]) => url.endsWith("&rain=2028-04-01"))).toBe(true);
    });
    await rain.findByText(words.moved("Setting a post, North fence", "Sat 1 Apr", "Sun 2 Apr"));
    expect(submit).not.toHaveBeenCalled();
    await userEvent.click(rain.getByRole("button", { name: words.rained("Sat 1 Apr") }));
    expect(submit.mock.lastCall?.[0]).toMatchObject({ kind: "PutRainDay", rainDay: { day: "2028-04-01" } });
    await userEvent.click(rain.getByRole("button", { name: words.giveBackNamed("Sun 2 Apr") }));
    expect(submit.mock.lastCall?.[0]).toEqual({ kind: "RemoveRainDay", rainDay: "r" });
  });

  it("keeps the hours, days and limits of those who work; what is no number is said at its field", async () => {
    const { submit } = shown();
    const crew = within(await screen.findByTestId("crew"));
    const [saturday] = crew.getAllByLabelText("Sat");
    if (!saturday) throw new Error("no Saturday");
    await userEvent.clear(saturday);
    await userEvent.type(saturday, "all day{Enter}");
    crew.getByText(words.noNumber);
    expect(submit).not.toHaveBeenCalled();
    await userEvent.clear(saturday);
    await userEvent.type(saturday, "5,5{Enter}");
    expect(submit.mock.lastCall?.[0]).toMatchObject({
      kind: "PutWorker",
      worker: { id: "ada", hours: [0, 0, 0, 0, 0, 5.5, 4] },
    });
    const [pace] = crew.getAllByLabelText(words.pace);
    if (!pace) throw new Error("no pace");
    await userEvent.clear(pace);
    await userEvent.type(pace, "50{Enter}");
    expect(submit.mock.lastCall?.[0]).toMatchObject({ worker: { pace: 0.5 } });
    await userEvent.click(crew.getByText(abilityWords.summary(1)));
    const [posting] = crew.getAllByLabelText("Set posts");
    if (!posting) throw new Error("no stage");
    await userEvent.click(posting);
    expect(submit.mock.lastCall?.[0]).toMatchObject({ worker: { leaves: ["MESH", "POSTS"] } });
    const [lifts] = crew.getAllByLabelText(abilityWords.lifts.METRIC);
    if (!lifts) throw new Error("no weight");
    await userEvent.type(lifts, "12,5{Enter}");
    expect(submit.mock.lastCall?.[0]).toMatchObject({ worker: { ability: { saws: true, lifts: 12.5 } } });
    const [saws] = crew.getAllByLabelText(abilityWords.saws);
    if (!saws) throw new Error("no saw");
    await userEvent.click(saws);
    expect(submit.mock.lastCall?.[0]).toMatchObject({ worker: { ability: { saws: false } } });
    crew.getByText(words.awayFrom("1 May", "7 May"));
    crew.getByText(words.hoursOn("5 Apr", 2));
    const [from] = crew.getAllByLabelText(words.from);
    if (!from) throw new Error("no day");
    await userEvent.type(from, "2028-06-03");
    const [away] = crew.getAllByRole("button", { name: words.addAway });
    if (!away) throw new Error("no button");
    await userEvent.click(away);
    expect(submit.mock.lastCall?.[0]).toMatchObject({
      worker: { away: [{ from: "2028-05-01" }, { from: "2028-06-03", to: "2028-06-03" }] },
    });
    await userEvent.click(crew.getByRole("button", { name: words.deleteNamed("Bo") }));
    expect(submit.mock.lastCall?.[0]).toEqual({ kind: "RemoveWorker", worker: "bo" });
  });

  it("begins with somebody who gardens, on weekends", async () => {
    const nothing = { ...told.calendar, stints: [], tasks: [], unplaced: [], finish: undefined };
    const { submit } = shown({ "/work-calendar": { calendar: nothing, moved: [] } }, { plan });
    await userEvent.click(await screen.findByRole("button", { name: words.addWorker }));
    expect(submit.mock.lastCall?.[0]).toMatchObject({
      kind: "PutWorker",
      worker: { name: plan.gardeners[0]?.name, hours: [0, 0, 0, 0, 0, 4, 4], pace: 1 },
    });
    expect(screen.queryByTestId("rain")).not.toBeInTheDocument();
  });

  it("takes an order in which all is done sooner, and the days between which work is done", async () => {
    const best = {
      calendar: { ...told.calendar, finish: "2028-04-08" },
      order: ["mesh", "posts"],
      noSooner: "2028-04-02",
    };
    const { submit } = shown({
      "/work-calendar/better": { job: "j", state: "DONE", revision: 1, done: 1, steps: 1, best: [best] },
    });
    const better = within(await screen.findByTestId("better-order"));
    await userEvent.click(better.getByRole("button", { name: words.better }));
    await better.findByText(`${words.sooner("8 Apr", "9 Apr")} ${words.noSooner("2 Apr")}`);
    await userEvent.click(better.getByRole("button", { name: words.take }));
    expect(submit.mock.lastCall?.[0]).toMatchObject({
      kind: "PutWorkSeason",
      workSeason: { id: "w", season: 2028, begins: "2028-04-01", order: ["mesh", "posts"] },
    });
    const ends = screen.getByLabelText(words.ends);
    await userEvent.clear(ends);
    await userEvent.tab();
    expect(submit.mock.lastCall?.[0]).toEqual({
      kind: "PutWorkSeason",
      workSeason: { id: "w", season: 2028, begins: "2028-04-01", order: [] },
    });
  });
});

describe("the day sheet", () => {
  it("shows the next day of work, its tasks by who does them, and what to mind; others are chosen", async () => {
    const board = { kind: "BOARDS", stages: ["MESH"], label: "Cedar", kilograms: 9 };
    const goods = [
      { kind: "BAGS", stages: ["POSTS"], label: "Post mix", quantity: 3, kilograms: 36.3 },
      { ...board, quantity: 4, length: 2.4, mark: "A" },
      { ...board, quantity: 2, length: 1, mark: "C" },
    ];
    answering({
      "/tasks": {
        ...work,
        tasks: [
          { ...posts, easy: true, lift: { what: "Post mix", kilograms: 36.3, byTwo: true } },
          { ...mesh, lift: { what: "Cedar", kilograms: 9, byTwo: false } },
          gate,
        ],
      },
      "/work-calendar/staging": [
        { place: "f", name: "North fence", goods },
        { place: "g", name: "Bed", goods: [{ ...board, quantity: 2, length: 1.2, mark: "B" }] },
      ],
      "/work-calendar": told,
      "/journal": {},
    });
    const { desk } = deskFor({ plan: planned });
    atDesk(desk, <DayPaper />);
    expect(await screen.findByText("Setting a post")).toBeInTheDocument();
    expect(screen.getAllByRole("listitem").map(({ textContent }) => textContent)).toContain(
      "0:00 to 1:05Setting a postNorth fence: part of 4 posts" +
        "3 × Post mix" +
        "Lift with two: Post mix weighs up to 36 kg." +
        "A helper can do this without being shown how." +
        "goes on: Bo, Sun 9 Apr",
    );
    screen.getByRole("heading", { name: "Ada" });
    expect(screen.getByTestId("tools")).toHaveTextContent("Take along: Spade; String.");
    expect(screen.queryByText(/^Boards marked/)).toBeNull();
    expect(screen.getByTestId("cautions")).toHaveTextContent("Wet concrete burns.");
    await userEvent.selectOptions(screen.getByLabelText(words.sheetDay), "2028-04-09");
    await screen.findByRole("heading", { name: "Ada, Bo" });
    screen.getByRole("button", { name: /^Tick off: Hanging mesh/ });
    expect(screen.queryByTestId("cautions")).not.toBeInTheDocument();
    expect(screen.queryByTestId("tools")).not.toBeInTheDocument();
    expect(await screen.findByText("Boards marked A (4), C (2)")).toBeVisible();
  });

  it("is ticked off in one press, without a signal as well", async () => {
    const fetched = answering({ "/tasks": work, "/work-calendar": told, "/journal": {} });
    const { desk } = deskFor({ plan: planned });
    atDesk(desk, <DayPaper />);
    await screen.findByText("Setting a post");
    await userEvent.selectOptions(screen.getByLabelText(words.sheetDay), "2028-04-09");
    await userEvent.click(screen.getByRole("button", { name: /^Tick off: Setting a post/ }));
    await vi.waitFor(() => {
      const sent = fetched.mock.calls.find(([, init]) => init?.body !== undefined);
      expect(JSON.parse(String(sent?.[1]?.body))).toMatchObject({ done: { task: "posts" } });
    });
  });

  it("says what is missing where nobody works", async () => {
    answering({
      "/tasks": work,
      "/work-calendar": { calendar: { ...told.calendar, stints: [], days: [] }, moved: [] },
    });
    atDesk(deskFor({ plan }).desk, <DayPaper />);
    await screen.findByText(words.noDay);
  });
});

describe("what has to arrive first", () => {
  const waiting = {
    ...plan,
    workers: [ada],
    deliveries: [
      { id: "soil", name: "Soil", season: 2028, day: "2028-04-10", stages: ["POSTS" as const] },
      { id: "old", name: "Old soil", season: 2027, day: "2027-04-10", stages: ["POSTS" as const] },
    ],
    incomes: [
      { id: "in", day: "2028-03-01", amount: { amount: "150.00", currency: "EUR" } },
      { id: "before", day: "2027-12-31", amount: { amount: "99.00", currency: "EUR" } },
    ],
  };

  async function opened() {
    answering({ "/work-calendar": told, "/tasks": work });
    const { desk, submit } = deskFor({ plan: waiting, season: 2028 });
    atDesk(desk, <CalendarPaper />);
    const arrivals = within(screen.getByTestId("arrivals"));
    await userEvent.click(arrivals.getByText(/^What has to arrive first/));
    return { arrivals, submit };
  }

  it("is told for the season, and its days are changed", async () => {
    const { arrivals, submit } = await opened();
    expect(arrivals.getByText("What has to arrive first: 1 delivery, money on 1 day")).toBeVisible();
    expect(arrivals.queryByDisplayValue("Old soil")).toBeNull();
    expect(arrivals.getByText(/€150.00 on 1 Mar/)).toBeVisible();
    const [day] = arrivals.getAllByLabelText(arrivalWords.day);
    fireEvent.change(day ?? document.body, { target: { value: "2028-04-17" } });
    fireEvent.blur(day ?? document.body);
    expect(submit.mock.lastCall?.[0]).toEqual({
      kind: "PutDelivery",
      delivery: { ...waiting.deliveries[0], day: "2028-04-17" },
    });
    await userEvent.click(arrivals.getByLabelText("Hang mesh"));
    expect(submit.mock.lastCall?.[0]).toMatchObject({ delivery: { stages: ["POSTS", "MESH"] } });
    await userEvent.click(arrivals.getByLabelText(arrivalWords.removeNamed("Soil")));
    expect(submit.mock.lastCall?.[0]).toEqual({ kind: "RemoveDelivery", delivery: "soil" });
    await userEvent.click(arrivals.getByLabelText(arrivalWords.moneyGoneNamed("€150.00", "1 Mar")));
    expect(submit.mock.lastCall?.[0]).toEqual({ kind: "RemoveIncome", income: "in" });
  });

  it("is added, and stays to be mended where it is refused", async () => {
    const { arrivals, submit } = await opened();
    await userEvent.type(arrivals.getAllByLabelText(arrivalWords.name).at(-1) ?? document.body, "Boards");
    fireEvent.change(arrivals.getAllByLabelText(arrivalWords.day).at(-1) ?? document.body, {
      target: { value: "2028-03-20" },
    });
    await userEvent.selectOptions(arrivals.getByLabelText(arrivalWords.firstStage), "MESH");
    submit.mockImplementation((_change, refused) => refused?.("Not so."));
    await userEvent.click(arrivals.getByRole("button", { name: arrivalWords.add }));
    expect(submit.mock.lastCall?.[0]).toMatchObject({
      kind: "PutDelivery",
      delivery: { name: "Boards", season: 2028, day: "2028-03-20", stages: ["MESH"] },
    });
    expect(arrivals.getByText("Not so.")).toBeVisible();
    expect(arrivals.getAllByLabelText(arrivalWords.name).at(-1)).toHaveValue("Boards");
    fireEvent.change(arrivals.getByLabelText(arrivalWords.moneyDay), { target: { value: "2028-05-01" } });
    await userEvent.type(arrivals.getByLabelText(arrivalWords.amount("EUR")), "75.5");
    await userEvent.click(arrivals.getByRole("button", { name: arrivalWords.addMoney }));
    expect(submit.mock.lastCall?.[0]).toMatchObject({
      kind: "PutIncome",
      income: { day: "2028-05-01", amount: { amount: "75.5", currency: "EUR" } },
    });
  });
});

it("says what is waited for", () => {
  expect(words.why.DELIVERY("", "17 Apr", "", "Soil")).toBe("waits until 17 Apr for this: Soil");
  expect(words.why.MONEY("", "1 May")).toBe("the money for it is there on 1 May");
  expect(words.why.MACHINE("", "1 May", "", "Auger")).toBe("done on 1 May, when this is there: Auger");
  const more = { lift: "Board (up to 31 kg)", machine: "Auger" };
  expect(words.trouble.TOO_HEAVY(1, 1, "", more)).toBe(
    "nobody else is there to help, and this is too heavy for one: Board (up to 31 kg)",
  );
  expect(words.trouble.TOO_HEAVY(1, 2, "", more)).toBe(
    "even together they don’t lift this: Board (up to 31 kg)",
  );
  expect(words.trouble.NO_MACHINE(1, 1, "", more)).toBe(
    "it does not fit into the days for which this is booked: Auger",
  );
});
