// @vitest-environment jsdom
import "../testing/setup";
import { fireEvent, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it, vi } from "vitest";
import { atDesk, deskFor, plan } from "../testing/desk";
import type { Desk } from "../workspace/desk";
import { SkyFields } from "./SkyFields";
import { asTime, compassPoint, momentAt, type DaySun, type SunMap } from "./sun";
import { SunOnTheSheet } from "./SunOnTheSheet";
import { SunPanel } from "./SunPanel";
import { SunPaper } from "./SunPaper";
import { words } from "./words";

function answering(answer: unknown) {
  const fetched = vi.fn<typeof fetch>(() =>
    Promise.resolve(
      new Response(JSON.stringify(answer), { headers: { "Content-Type": "application/json" } }),
    ),
  );
  vi.stubGlobal("fetch", fetched);
  return fetched;
}

const [bed] = plan.beds;

it("the sun of each bed is told month by month, with what it is good for", async () => {
  if (!bed) throw new Error("the garden has beds");
  const hours = Array.from({ length: 24 }, (_, half) => half / 2);
  const fetched = answering({
    days: [],
    open: [8.2, 16.4],
    fullSun: 6,
    openLight: [4.4, 41.2],
    beds: [
      {
        bed: bed.id,
        hours,
        least: hours,
        growing: 6.25,
        exposure: "fruiting crops",
        light: hours,
        growingLight: 27.4,
        taken: [],
      },
    ],
    unknown: ["Old pear"],
  });
  const { desk } = deskFor({ plan });
  atDesk(desk, <SunPaper />);
  const row = await screen.findByRole("row", { name: new RegExp(bed.name) });
  const cells = within(row)
    .getAllByRole("cell")
    .map((cell) => cell.textContent);
  // The mean of 2.0 and 2.5 hours for March.
  expect(cells.join(" ")).toContain("2.3");
  expect(row.textContent).toContain("6.3");
  expect(cells.at(-1)).toBe("27");
  screen.getByText(words.aboutLight("4", "41"));
  expect(row.textContent).toContain("fruiting crops");
  screen.getByText(words.about("8.2", "16.4"));
  screen.getByText(words.unknown(["Old pear"]));
  expect(String(fetched.mock.calls[0]?.[0])).toContain("/sun?season=2028");
});

const hours = Array.from({ length: 24 }, () => 8);
const DAYS = Array.from({ length: 24 }, (_, half) =>
  half === 11 ? "2028-06-23" : `2028-01-${String(half + 1).padStart(2, "0")}`,
);
const day: DaySun = {
  day: "2028-06-23",
  moments: [690, 720, 750].map((minute) => ({
    minute,
    clock: minute + 66,
    altitude: 60,
    azimuth: 180,
    hidden: minute === 750,
    shadows: [
      {
        outline: [
          { x: 0, y: 0 },
          { x: 1, y: 0 },
          { x: 0, y: minute / 100 },
        ],
        shade: 0.5,
      },
    ],
  })),
};
const map: SunMap = {
  cell: 0.5,
  up: 16,
  coarse: false,
  cells: [
    { x: 0.25, y: 0.25, hours: 7, exposure: "FULL_SUN" },
    { x: 0.75, y: 0.25, hours: 2, exposure: "SHADE" },
  ],
  grades: [
    { exposure: "FULL_SUN", least: 6, label: "fruiting crops", share: 0.5 },
    { exposure: "SHADE", least: 0, label: "too dark", share: 0.5 },
  ],
};

function sunny(others: Record<string, unknown> = {}) {
  const answers: Record<string, unknown> = { "/sun/day": day, "/sun/map": map, ...others };
  vi.stubGlobal(
    "fetch",
    vi.fn<typeof fetch>((url) => {
      const path = /\/sun[^?]*/.exec(String(url))?.[0] ?? "";
      const answer =
        path in answers
          ? answers[path]
          : {
              days: DAYS,
              open: [8, 16],
              fullSun: 6,
              openLight: [],
              beds: plan.beds.map(({ id }) => ({
                bed: id,
                hours,
                least: hours,
                growing: 8,
                exposure: "fruiting crops",
                light: [],
                taken: plan.features.slice(0, 1).map((feature) => ({ thing: feature.id, hours: 1.25 })),
              })),
              unknown: [],
            };
      return Promise.resolve(
        new Response(JSON.stringify(answer), { headers: { "Content-Type": "application/json" } }),
      );
    }),
  );
}

const view = { scale: 50, left: 0, top: 0, x: 0, y: 0 };

it("says how high the sun stands at an hour of a day, and by the clock", async () => {
  sunny();
  const show = vi.fn<Desk["show"]>();
  const { desk } = deskFor({ plan, step: "sun", show });
  atDesk(desk, <SunPanel />);
  const stands = await screen.findByTestId("sun-stands");
  expect(stands.textContent).toBe("The sun stands 60° high in the S. The clock shows 13:06.");
  expect(screen.getByLabelText(words.hour, { exact: false }).getAttribute("aria-valuetext")).toBe("12:00");
  fireEvent.change(screen.getByLabelText(words.hour, { exact: false }), { target: { value: "2" } });
  expect(show).toHaveBeenLastCalledWith({ sun: { what: "SHADOWS", half: 11, minute: 750 } });
  fireEvent.change(screen.getByLabelText(words.day, { exact: false }), { target: { value: "5" } });
  expect(show).toHaveBeenLastCalledWith({ sun: { what: "SHADOWS", half: 5, minute: 720 } });
  await userEvent.selectOptions(screen.getByLabelText(words.onTheSheet), "GROWING");
  expect(show).toHaveBeenLastCalledWith({ sun: { what: "GROWING", half: 11, minute: 720 } });
});

it("tells of each bed what takes of its sun, and shows its year as a band", async () => {
  sunny();
  const select = vi.fn<Desk["select"]>();
  const { desk } = deskFor({ plan, step: "sun", select });
  atDesk(desk, <SunPanel />);
  const list = within(await screen.findByTestId("beds-in-the-sun"));
  const [first] = await list.findAllByRole("button");
  if (!first) throw new Error("the garden has beds");
  expect(first.textContent).toContain("8.0 h");
  list.getAllByLabelText(words.band("8.0", "8.0"));
  await userEvent.click(first);
  expect(select).toHaveBeenCalled();
});

it("shows of many beds those with least sun, and all when asked", async () => {
  const beds = Array.from({ length: 21 }, (_, index) => ({
    bed: String(index),
    hours,
    least: hours,
    growing: 12 - index / 4,
    exposure: "fruiting crops",
    light: [],
    taken: [],
  }));
  sunny({ "/sun": { days: DAYS, open: [8, 16], fullSun: 6, openLight: [], beds, unknown: [] } });
  const { desk } = deskFor({ plan, step: "sun" });
  atDesk(desk, <SunPanel />);
  const list = within(await screen.findByTestId("beds-in-the-sun"));
  expect((await list.findAllByRole("listitem"))[0]?.textContent).toContain("7.0 h");
  expect(list.getAllByRole("listitem")).toHaveLength(12);
  await userEvent.click(screen.getByRole("button", { name: words.sunnier(9) }));
  expect(list.getAllByRole("listitem")).toHaveLength(21);
  await userEvent.click(screen.getByRole("button", { name: words.onlyDarkest }));
  expect(list.getAllByRole("listitem")).toHaveLength(12);
});

it("tells how an edit that is being tried changes the hours of beds", async () => {
  if (!bed) throw new Error("the garden has beds");
  sunny({ "/sun/tried": [{ bed: bed.id, before: 8, after: 6.6 }] });
  const { desk } = deskFor({ plan, step: "sun", tried: { kind: "RemoveSky", sky: "sky" } });
  atDesk(desk, <SunPanel />);
  const list = within(await screen.findByTestId("beds-in-the-sun"));
  await list.findByText(words.beforeAfter("8.0", "6.6"));
  screen.getByText(words.tried);
});

it("a coarse map is shown at once, and a finer one in its place when it is there", async () => {
  const told = { job: "j", state: "RUNNING", revision: 1, done: 3, steps: 12, best: [] };
  const fine = { ...map, cells: map.cells.slice(0, 1) };
  sunny({
    "/sun/map": { ...map, coarse: true },
    "/sun/maps": told,
    "/sun/maps/j": { ...told, state: "DONE", done: 12, best: [fine] },
  });
  const { desk } = deskFor({ plan, step: "sun" });
  const growing = {
    ...desk,
    shown: { ...desk.shown, sun: { what: "GROWING" as const, half: 11, minute: 720 } },
  };
  const { container } = atDesk(
    growing,
    <>
      <SunPanel />
      <svg>
        <SunOnTheSheet view={view} moved={new Map()} selected={new Set()} />
      </svg>
    </>,
  );
  await screen.findByText(words.finer(3, 12));
  expect(container.querySelectorAll("[data-sun]")).toHaveLength(2);
  await vi.waitFor(() => {
    expect(container.querySelectorAll("[data-sun]")).toHaveLength(1);
  });
  expect(screen.queryByText(words.finer(12, 12))).toBeNull();
});

it("the sheet shows the shadows of the moment while one looks at the sun, and nothing elsewhere", async () => {
  sunny();
  const { desk } = deskFor({ plan, step: "sun" });
  const { container } = atDesk(
    desk,
    <svg>
      <SunOnTheSheet view={view} moved={new Map()} selected={new Set()} />
    </svg>,
  );
  await vi.waitFor(() => {
    expect(container.querySelectorAll("[data-shadow]")).toHaveLength(1);
  });
  const { desk: other } = deskFor({ plan, step: "beds" });
  const { container: empty } = atDesk(
    other,
    <svg>
      <SunOnTheSheet view={view} moved={new Map()} selected={new Set()} />
    </svg>,
  );
  expect(empty.querySelectorAll("[data-shadow]")).toHaveLength(0);
});

it("the hours lie on the ground as hatches, with a legend that says how much of it has them", async () => {
  sunny();
  const { desk } = deskFor({ plan, step: "sun" });
  const growing = {
    ...desk,
    shown: { ...desk.shown, sun: { what: "GROWING" as const, half: 11, minute: 720 } },
  };
  const { container } = atDesk(
    growing,
    <>
      <SunPanel />
      <svg>
        <SunOnTheSheet view={view} moved={new Map()} selected={new Set()} />
      </svg>
    </>,
  );
  const legend = await screen.findByTestId("sun-legend");
  expect(legend.textContent).toContain("less: too dark 50 %");
  expect(container.querySelector("[data-sun=SHADE]")?.getAttribute("fill")).toBe("url(#sun-shade)");
});

it("the horizon is told by direction, and the clock by its zone", async () => {
  const { desk, submit } = deskFor({
    plan: { ...plan, skies: [{ id: "sky", horizon: [{ direction: 180, height: 10 }] }] },
    step: "sun",
  });
  atDesk(desk, <SkyFields />);
  await userEvent.click(screen.getByRole("button", { name: words.addSkyline }));
  expect(submit).toHaveBeenLastCalledWith(
    {
      kind: "PutSky",
      sky: {
        id: "sky",
        horizon: [
          { direction: 180, height: 10 },
          { direction: 90, height: 10 },
        ],
      },
    },
    expect.anything(),
  );
  const height = screen.getByLabelText(words.skyline.height);
  await userEvent.clear(height);
  await userEvent.type(height, "12,5{Enter}");
  expect(submit).toHaveBeenLastCalledWith(
    { kind: "PutSky", sky: { id: "sky", horizon: [{ direction: 180, height: 12.5 }] } },
    expect.anything(),
  );
  await userEvent.clear(height);
  await userEvent.type(height, "high{Enter}");
  expect((await screen.findByRole("alert")).textContent).toBe(words.writeDegrees);
  expect(submit).toHaveBeenCalledTimes(2);
  await userEvent.selectOptions(screen.getByLabelText(words.zone), "Europe/Berlin");
  expect(submit).toHaveBeenLastCalledWith(
    {
      kind: "PutSky",
      sky: { id: "sky", horizon: [{ direction: 180, height: 10 }], zone: "Europe/Berlin" },
    },
    expect.anything(),
  );
});

it("days, hours and directions are written as one says them", () => {
  expect(words.dayName("2028-06-23")).toBe("23 Jun");
  expect(asTime(605)).toBe("10:05");
  expect([0, 179, 200, 350].map(compassPoint)).toEqual(["N", "S", "SSW", "N"]);
  expect(momentAt(day, 100)?.minute).toBe(690);
  expect(momentAt({ day: "2028-12-23", moments: [] }, 720)).toBeUndefined();
});
