// @vitest-environment jsdom
import "../testing/setup";
import { fireEvent, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import type { Desk } from "../workspace/desk";
import { daysAfter, daysBetween } from "./days";
import type { Planting, PlantingTold } from "./plantings";
import { words } from "./words";
import { inLanes, moved, yearOf, type BedGap, type GapFilling } from "./year";
import { YearPaper } from "./YearPaper";

const carrots: Planting = {
  id: "carrots",
  name: "Carrots",
  crop: "carrot",
  bed: "beans",
  part: { from: 0, to: 1, low: 0, high: 1 },
  layout: "ROWS_ALONG",
  raising: "SOWN",
  interplanted: false,
  from: "2028-04-01",
  until: "2028-07-01",
};
const told: PlantingTold = {
  planting: "carrots",
  count: 96,
  places: [],
  plantsApart: 0.05,
  rowsApart: 0.25,
  ripe: "2028-06-15",
  yield: 4.2,
  wanted: { seeds: 151, packets: 1, plants: 0 },
};
const gap: BedGap = { bed: "beans", part: carrots.part, from: "2028-07-01", until: "2028-10-10" };
const beets: GapFilling = {
  planting: { ...carrots, id: "beets", name: "Beets", crop: "beet", from: "2028-07-01", until: "2028-10-01" },
  ripe: "2028-09-11",
  count: 60,
  yield: 6,
};
const phacelia: GapFilling = {
  planting: { ...carrots, id: "phacelia", name: "Phacelia", from: "2028-07-01", until: "2028-10-10" },
  count: 900,
  yield: 0,
};

let submit: ReturnType<typeof vi.fn<Desk["submit"]>>;

async function opened(selection: string[] = []) {
  answering({ "/fillings": [beets, phacelia], "/gaps": [gap], "/plantings": [told] });
  submit = vi.fn<Desk["submit"]>();
  const select = vi.fn<Desk["select"]>();
  const { desk } = deskFor({
    plan: { ...plan, plantings: [carrots] },
    step: "crops",
    submit,
    select,
    selection: new Set(selection),
  });
  atDesk(desk, <YearPaper />);
  const band = await screen.findByRole("button", {
    name: words.band("Carrots", "1 Apr", "1 Jul", "Beans"),
  });
  return { band, select };
}

describe("days", () => {
  it("go over months, leap days and back", () => {
    expect(daysAfter("2028-02-28", 1)).toBe("2028-02-29");
    expect(daysAfter("2029-02-28", 1)).toBe("2029-03-01");
    expect(daysAfter("2029-01-01", -1)).toBe("2028-12-31");
    expect(daysBetween("2028-01-01", "2029-01-01")).toBe(366);
    expect(daysBetween("2028-03-30", "2028-03-25")).toBe(-5);
  });
});

describe("a year", () => {
  it("lies along its days, wherever it begins", () => {
    const year = yearOf(2029, "--01-01");
    expect(year.at("2029-01-01")).toBe(0);
    expect(year.at("2030-01-01")).toBe(1);
    expect(year.months).toHaveLength(12);
    const south = yearOf(2029, "--07-01");
    expect(south.at("2030-01-01")).toBeCloseTo(184 / 365);
    expect(south.months[0]).toBe("2029-07-01");
    expect(south.months.at(-1)).toBe("2030-06-01");
  });

  it("puts what grows at one time in lanes of its own", () => {
    const spell = (from: string, until: string) => ({ from, until });
    const { laned, lanes } = inLanes(
      [
        spell("2029-05-01", "2029-06-01"),
        spell("2029-04-01", "2029-05-01"),
        spell("2029-05-15", "2029-07-01"),
      ],
      ({ from }) => from,
      ({ until }) => until,
    );
    expect(laned.map(({ lane }) => lane)).toEqual([0, 0, 1]);
    expect(lanes).toBe(2);
  });

  it("moves a planting for as long as it was", () => {
    expect(moved(carrots, 7)).toMatchObject({ bed: "beans", from: "2028-04-08", until: "2028-07-08" });
    expect(moved(carrots, 0, "kale")).toMatchObject({ bed: "kale", from: "2028-04-01" });
  });
});

describe("the year of the beds", () => {
  beforeEach(() => {
    document.elementsFromPoint = () => [];
  });

  it("moves a planting by keys, along the months and from bed to bed", async () => {
    const { band } = await opened();
    band.focus();
    await userEvent.keyboard("{ArrowRight}");
    expect(submit.mock.lastCall?.[0]).toMatchObject({
      planting: { from: "2028-04-08", until: "2028-07-08" },
    });
    await userEvent.keyboard("{Shift>}{ArrowLeft}{/Shift}");
    expect(submit.mock.lastCall?.[0]).toMatchObject({ planting: { from: "2028-03-31" } });
    await userEvent.keyboard("{ArrowDown}");
    expect(submit.mock.lastCall?.[0]).toMatchObject({ planting: { bed: "kale", from: "2028-04-01" } });
    expect(screen.getByRole("status").textContent).toBe(words.movedTo("Carrots", "1 Apr", "1 Jul", "Kale"));
    const edits = submit.mock.calls.length;
    await userEvent.keyboard("{ArrowUp}");
    expect(submit.mock.calls.length, "there is no bed above the first").toBe(edits);
  });

  it("moves a planting that is dragged, and not one whose drag is given up", async () => {
    const { band, select } = await opened();
    band.setPointerCapture = () => undefined;
    Object.defineProperty(band.parentElement, "clientWidth", { value: 366 });
    const drag = (key?: string) => {
      fireEvent.pointerDown(band, { button: 0, clientX: 100, clientY: 10, pointerId: 1 });
      fireEvent.pointerMove(band, { clientX: 110, clientY: 10, pointerId: 1 });
      if (key) fireEvent.keyDown(window, { key });
      fireEvent.pointerUp(band, { clientX: 110, clientY: 10, pointerId: 1 });
      fireEvent.click(band);
    };
    drag("Escape");
    expect(submit).not.toHaveBeenCalled();
    drag();
    expect(submit.mock.lastCall?.[0]).toMatchObject({
      planting: { from: "2028-04-11", until: "2028-07-11" },
    });
    expect(select, "a drag is no click").not.toHaveBeenCalled();
    await userEvent.click(band);
    expect(select).toHaveBeenCalledWith(["carrots"]);
  });

  it("says why a move was not taken", async () => {
    const { band } = await opened();
    band.focus();
    await userEvent.keyboard("{ArrowRight}");
    submit.mock.lastCall?.[1]?.("the garden is read only");
    await screen.findByText("the garden is read only");
  });

  it("fills a gap with what still ripens or covers it", async () => {
    const { select } = await opened();
    const bare = words.bare("Beans", "1 Jul", "10 Oct");
    await userEvent.click(await screen.findByRole("button", { name: bare }));
    const aside = within(screen.getByRole("complementary", { name: words.beside }));
    expect((await aside.findByRole("button", { name: /Beets/ })).textContent).toContain(
      "sown 1 Jul, ripe 11 Sept; 60 plants, 6 kg",
    );
    await userEvent.click(aside.getByRole("button", { name: /Phacelia/ }));
    expect(submit.mock.lastCall?.[0]).toEqual({ kind: "PutPlanting", planting: phacelia.planting });
    expect(select).toHaveBeenLastCalledWith(["phacelia"]);
  });

  it("opens the form of what is selected beside the chart", async () => {
    await opened(["carrots"]);
    const aside = within(screen.getByRole("complementary", { name: words.beside }));
    aside.getByLabelText(words.until);
  });
});
