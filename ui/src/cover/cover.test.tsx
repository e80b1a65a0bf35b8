// @vitest-environment jsdom
import "../testing/setup";
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { allNamed } from "../capabilities";
import { words as everyBed } from "../over/words";
import { alwaysAnswering, answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { CoversOnTheSheet } from "./CoversOnTheSheet";
import { CoversSection } from "./CoversSection";
import type { BedCover, CoverTold } from "./covers";
import { words } from "./words";

const [first, second] = plan.beds;
if (!first || !second) throw new Error("the garden has beds");

const cover: BedCover = {
  id: "lights",
  name: "Lights",
  kind: "COLD_FRAME",
  length: 2.4,
  width: 1.2,
  sections: 2,
  low: 0.2,
  high: 0.4,
  walls: "PLYWOOD_18",
  pane: "TWIN_WALL_6",
  fabric: "INSECT_NET",
  places: [{ bed: first.id, lifetime: {} }],
  lifetime: { from: 2028 },
};

const told: CoverTold = {
  cover: "lights",
  section: 1.2,
  slope: 1.242,
  tilt: 9.46,
  prop: 0.643,
  lidKilograms: 7.2,
  sectionKilograms: 21.6,
  sideEnds: [0.203, 0.397],
  sheets: [{ name: "Front", from: "Plywood, 18 mm", length: 1.2, width: 0.2, count: 2 }],
  battens: [{ length: 1.1, count: 4 }],
  net: 0,
  on: [
    {
      bed: first.id,
      joints: [
        [
          { x: 2, y: 1 },
          { x: 2, y: 2 },
        ],
      ],
      front: [
        { x: 1, y: 1 },
        { x: 3, y: 1 },
      ],
      faces: "south",
      off: 12.4,
    },
  ],
  fits: [second.id],
  cautions: ["Open it in the sun."],
};

const covered = { ...plan, bedCovers: [cover] };

async function opened(over: BedCover = cover, answer: CoverTold = told) {
  alwaysAnswering([answer]);
  const { desk, submit } = deskFor({ plan: { ...plan, bedCovers: [over] } });
  atDesk(desk, <CoversSection />);
  await screen.findByTestId("cover-figures");
  const form = within(screen.getByTestId("bed-cover"));
  await userEvent.click(form.getByText("Lights"));
  return { form, submit };
}

describe("covers", () => {
  it("are built for the beds that are selected", async () => {
    const change = { kind: "PutBedCover", bedCover: cover };
    const fetched = alwaysAnswering(change);
    const { desk, submit } = deskFor({ selection: new Set([first.id]) });
    atDesk(desk, <CoversSection />);
    screen.getByText(words.none);
    await userEvent.click(screen.getByRole("button", { name: words.build("Net cage", 1) }));
    await waitFor(() => {
      expect(submit).toHaveBeenCalledWith(change, expect.anything());
    });
    expect(String(fetched.mock.calls[0]?.[0])).toContain("/covers/proposals?season=2028");
    expect(fetched.mock.calls[0]?.[1]?.body).toBe(JSON.stringify({ kind: "NET_CAGE", beds: [first.id] }));
  });

  it("tell what they weigh and are cut from, and which way their lids look", async () => {
    const { form } = await opened();
    const figures = form.getByTestId("cover-figures").textContent;
    expect(figures).toContain(words.section("1.20 m", "22 kg"));
    expect(figures).toContain(words.lid("1.242 m", 9.46, "7 kg"));
    expect(figures).toContain(words.prop("0.643 m"));
    expect(figures).toContain(words.aslant("0.203 m", "0.397 m"));
    expect(form.getByRole("row", { name: "Front Plywood, 18 mm 1.20 m × 0.20 m 2" })).toBeTruthy();
    expect(form.getByTestId("bed-place").textContent).toContain("front south, 12° off the sun at noon");
    form.getByRole("img", { name: words.view("Lights", "1.20 m", "0.40 m") });
    form.getByText("Open it in the sun.");
  });

  it("are altered by their figures and materials", async () => {
    const { form, submit } = await opened();
    const put = (part: Partial<BedCover>) => [
      { kind: "PutBedCover", bedCover: { ...cover, ...part } },
      expect.anything(),
    ];
    await userEvent.clear(form.getByLabelText(words.low));
    await userEvent.type(form.getByLabelText(words.low), "25 cm{Enter}");
    expect(submit).toHaveBeenLastCalledWith(...put({ low: 0.25 }));
    await userEvent.selectOptions(form.getByLabelText(words.sections), words.inSections(3));
    expect(submit).toHaveBeenLastCalledWith(...put({ sections: 3 }));
    await userEvent.selectOptions(form.getByLabelText(words.pane), "Acrylic, 3 mm");
    expect(submit).toHaveBeenLastCalledWith(...put({ pane: "ACRYLIC_3" }));
    await userEvent.selectOptions(form.getByLabelText(words.make), "Net cage");
    expect(submit).toHaveBeenLastCalledWith(...put({ kind: "NET_CAGE" }));
    await userEvent.click(form.getByRole("button", { name: everyBed.overThese }));
    expect(submit).toHaveBeenLastCalledWith(
      ...put({ places: [...cover.places, { bed: second.id, lifetime: {} }] }),
    );
    await userEvent.click(form.getByRole("button", { name: words.takeAway("Lights") }));
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "RemoveBedCover", bedCover: "lights" },
      expect.anything(),
    );
  });

  it("ask of each kind only what it has", async () => {
    const cage = await opened(
      { ...cover, kind: "NET_CAGE" },
      { ...told, slope: 0, tilt: 0, prop: 0, net: 5, sideEnds: [], sheets: [] },
    );
    cage.form.getByLabelText(words.fabric);
    expect(cage.form.queryByLabelText(words.low)).toBeNull();
    expect(cage.form.queryByLabelText(words.pane)).toBeNull();
    cage.form.getByText("5.00 m² of net.");
  });

  it("say at the bed that they don't stand on it", async () => {
    const { form } = await opened(cover, {
      ...told,
      on: [{ bed: first.id, misfit: "SIZE", joints: [], front: [], off: 0 }],
    });
    expect(form.getByTestId("bed-place").textContent).toContain(words.wrongSize);
  });

  describe("show how their sheets are cut", () => {
    const cut = {
      season: 2028,
      part: "STRUCTURES",
      good: "PLYWOOD_18",
      label: "Plywood, 18 mm",
      least: false,
      cost: { amount: "80.00", currency: "EUR" },
      bound: { amount: "70.00", currency: "EUR" },
      pieces: [{ mark: "A", name: "Lights: Front", length: 1.2, width: 0.2, count: 2, into: ["lights"] }],
      sheets: [
        {
          length: 2.5,
          width: 1.25,
          times: 1,
          cuts: [
            { mark: "A", x: 0, y: 0, along: 1.2, across: 0.2 },
            { mark: "A", x: 1.203, y: 0, along: 1.2, across: 0.2 },
          ],
        },
      ],
    };

    /** @param best how the search for the cheapest stands */
    async function cutting(best: object) {
      answering({
        "/cutting/sheets/best": { job: "job", steps: 1, ...best },
        "/cutting/sheets": [cut],
        "/covers": [told],
      });
      const { desk } = deskFor({ plan: covered });
      atDesk(desk, <CoversSection />);
      await userEvent.click(screen.getByText(everyBed.sheets));
      return within(await screen.findByTestId("cut-sheets"));
    }

    it("by the quick rule, while the cheapest way is looked for", async () => {
      const shown = await cutting({ state: "RUNNING", done: 0, best: [] });
      shown.getByRole("img", { name: everyBed.sheet("2.50 m × 1.25 m", "A, A") });
      shown.getByText(/1 sheet for/);
      shown.getByText(new RegExp(everyBed.quick.slice(0, 20)));
      await screen.findByText(/0 of 1 kinds of sheets done/);
      await userEvent.click(screen.getByRole("button", { name: everyBed.stop }));
    });

    it("as cheaply as was found in the end", async () => {
      await cutting({
        state: "DONE",
        done: 1,
        best: [{ ...cut, cost: { amount: "72.00", currency: "EUR" } }],
      });
      await screen.findByText(/72\.00.*none can cost less than.*70\.00/);
      expect(screen.queryByRole("button", { name: everyBed.stop })).toBeNull();
    });

    it("as far as it came when it was stopped", async () => {
      await cutting({ state: "STOPPED", done: 0, best: [] });
      await screen.findByText(everyBed.stopped);
    });
  });

  it("are drawn on their beds, but on none that is being moved", async () => {
    alwaysAnswering([told]);
    const { desk } = deskFor({ plan: covered });
    const view = { scale: 10, x: 0, y: 100 };
    const { container } = atDesk(
      desk,
      <svg>
        <CoversOnTheSheet view={view} moved={new Map()} selected={new Set()} />
      </svg>,
    );
    await waitFor(() => {
      expect(container.querySelectorAll("[data-joint]")).toHaveLength(1);
    });
    expect(container.querySelectorAll("[data-front]")).toHaveLength(1);
    expect(allNamed(covered)).toContain(cover);
  });
});
