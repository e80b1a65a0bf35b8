// @vitest-environment jsdom
import "../testing/setup";
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { allNamed } from "../capabilities";
import { alwaysAnswering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { ArchesOnTheSheet } from "./ArchesOnTheSheet";
import { ArchesSection } from "./ArchesSection";
import { corners, type Arch, type ArchProposal, type ArchTold } from "./arches";
import { archLayer } from "./layers";
import { words } from "./words";

const [first, second] = plan.beds;
if (!first || !second) throw new Error("the garden has beds");

const rose: Arch = {
  id: "rose",
  name: "Rose arch",
  from: { x: 1, y: 2 },
  to: { x: 3, y: 2 },
  panel: 4.877,
  width: 1.27,
  lifetime: { from: 2028 },
};

const told: ArchTold = {
  arch: "rose",
  beds: [first.id, second.id],
  span: 2,
  rise: 1.8,
  headroom: 2.02,
  picked: 1.25,
  widest: 1.85,
  side: [
    { x: -1, y: 0 },
    { x: 0, y: 1.8 },
    { x: 1, y: 0 },
  ],
  feet: [],
  kilograms: 16.1,
  hold: { wind: "gale", pull: 177, stake: { thick: 0.016, deep: 0.61 }, each: 364, stakes: 4 },
};

const arched = { ...plan, arches: [rose] };

describe("arches", () => {
  it("are proposed between beds, with their headroom, and put up by a click", async () => {
    const change = { kind: "PutArch", arch: rose };
    const proposal = { beds: [first.id, second.id], span: 2, headroom: 1.9, high: false, change };
    const fetched = alwaysAnswering([proposal as ArchProposal]);
    const { desk, submit } = deskFor();
    atDesk(desk, <ArchesSection />);
    screen.getByText(words.none);
    await userEvent.click(screen.getByRole("button", { name: words.ask }));
    const offer = await screen.findByRole("button", { name: words.between(first.name, second.name) });
    expect(screen.getByTestId("arch-proposals").textContent).toContain(words.low);
    await userEvent.click(offer);
    expect(submit).toHaveBeenCalledWith(change, expect.anything());
    expect(String(fetched.mock.calls[0]?.[0])).toContain("/arches/proposals?season=2028");
  });

  it("say so where no two beds lie opposite each other", async () => {
    alwaysAnswering([]);
    const { desk } = deskFor();
    atDesk(desk, <ArchesSection />);
    await userEvent.click(screen.getByRole("button", { name: words.ask }));
    await screen.findByText(words.nowhere);
  });

  it("tell their headroom and where they stand, and are edited by numbers", async () => {
    alwaysAnswering([told]);
    const { desk, submit } = deskFor({ plan: arched });
    atDesk(desk, <ArchesSection />);
    await screen.findByText(/2.02 m of headroom/);
    expect(screen.getByText(/picks what hangs on the first 1.25 m of the panel/)).toBeInTheDocument();
    const form = within(screen.getByTestId("arch"));
    await userEvent.click(form.getByText("Rose arch"));
    form.getByText(words.stands([first.name, second.name]));
    form.getByText(words.widest("1.85 m"));
    form.getByRole("img", { name: words.sideView("Rose arch", "1.80 m", "2.00 m") });
    await userEvent.clear(form.getByLabelText(words.panel));
    await userEvent.type(form.getByLabelText(words.panel), "5 m{Enter}");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutArch", arch: { ...rose, panel: 5 } },
      expect.anything(),
    );
    await userEvent.click(form.getByRole("button", { name: words.takeDown("Rose arch") }));
    expect(submit).toHaveBeenLastCalledWith({ kind: "RemoveArch", arch: "rose" }, expect.anything());
  });

  it("are drawn as wide as their panel, where they are dragged, and moved by their ends", async () => {
    expect(corners(rose)).toEqual([
      { x: 1, y: 2.635 },
      { x: 3, y: 2.635 },
      { x: 3, y: 1.365 },
      { x: 1, y: 1.365 },
    ]);
    const { desk } = deskFor({ plan: arched });
    const places = [
      { x: 1, y: 3 },
      { x: 3, y: 3 },
    ];
    const { container } = atDesk(
      desk,
      <svg>
        <ArchesOnTheSheet
          view={{ scale: 10, x: 0, y: 100 }}
          moved={new Map([["rose", { kind: "PLACES", places, closed: false }]])}
          selected={new Set()}
        />
      </svg>,
    );
    await waitFor(() => {
      expect(container.querySelector("path")?.getAttribute("d")).toContain("M10.0 63.7");
    });
    expect(allNamed(arched)).toContain(rose);
    const ground = { plan: arched, season: 2028 } as Parameters<typeof archLayer.edit>[0];
    const straight = { kind: "PLACES" as const, places: [rose.from, rose.to], closed: false };
    expect(archLayer.edit(ground, "rose", { ...straight, places }, straight)).toEqual({
      kind: "PutArch",
      arch: { ...rose, from: places[0], to: places[1] },
    });
  });
});
