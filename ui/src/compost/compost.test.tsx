// @vitest-environment jsdom
import "../testing/setup";
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { WayIn } from "../api/types";
import { capabilities, paidBesides, standingThings } from "../capabilities";
import { alwaysAnswering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { walls, type CompostBays } from "./bays";
import { CompostSection } from "./CompostSection";

const heaps: CompostBays = {
  id: "heaps",
  name: "Heaps",
  place: { centre: { x: 5, y: 4 }, length: 3, width: 1, turn: 0 },
  bays: 3,
  height: 1,
  within: 8,
  price: { amount: "85.00", currency: "EUR" },
  lifetime: { from: 2028 },
};
const composting = { ...plan, compost: [heaps] };

describe("compost bays", () => {
  it("stand on the plot and on the bill like what every garden has", () => {
    expect(capabilities.length).toBeGreaterThan(0);
    expect(standingThings(composting).at(-1)).toMatchObject({
      id: "heaps",
      kind: "COMPOST",
      places: [
        { x: 3.5, y: 3.5 },
        { x: 6.5, y: 3.5 },
        { x: 6.5, y: 4.5 },
        { x: 3.5, y: 4.5 },
      ],
    });
    expect(paidBesides(composting)).toContain(heaps);
  });

  it("have a wall between each two", () => {
    expect(walls(heaps)).toHaveLength(2);
    expect(walls(heaps)[0]?.[0].x).toBeCloseTo(4.5);
    expect(walls({ ...heaps, bays: 1 })).toEqual([]);
  });

  it("are added where the program finds room for them", async () => {
    const change = { kind: "PutCompostBays", compostBays: heaps };
    const fetched = alwaysAnswering(change);
    const { desk, submit } = deskFor();
    atDesk(desk, <CompostSection />);
    screen.getByText(/None yet/);
    await userEvent.click(screen.getByRole("button", { name: "Add compost bays" }));
    await waitFor(() => {
      expect(submit).toHaveBeenCalledWith(change, expect.anything());
    });
    expect(String(fetched.mock.calls[0]?.[0])).toContain("/compost/proposals?season=");
  });

  it("are put by numbers where the gardener wants them, with as many bays as the length has room for", async () => {
    alwaysAnswering({ kind: "PutCompostBays", compostBays: heaps });
    const { desk, submit } = deskFor();
    atDesk(desk, <CompostSection />);
    await userEvent.click(screen.getByRole("button", { name: "Bays by numbers" }));
    const length = screen.getByLabelText("Length");
    await userEvent.clear(length);
    await userEvent.type(length, "2.1");
    await userEvent.type(screen.getByLabelText("From plot's left"), "{Enter}");
    await waitFor(() => {
      expect(submit).toHaveBeenCalledWith(
        {
          kind: "PutCompostBays",
          compostBays: {
            ...heaps,
            bays: 2,
            place: { centre: { x: 1.05, y: 0.5 }, length: 2.1, width: 1, turn: 0 },
          },
        },
        expect.anything(),
      );
    });
  });

  it("tell what they hold and how far the furthest bed is, and are edited by numbers", async () => {
    alwaysAnswering([
      { id: "heaps", capacity: 2500, kilograms: 175, furthest: { bed: "beans", route: 7.25 } },
    ]);
    const { desk, submit } = deskFor({ plan: composting });
    atDesk(desk, <CompostSection />);
    expect((await screen.findByText(/holds/)).textContent).toContain("2.50 m³");
    const form = within(screen.getByTestId("compost"));
    await userEvent.click(form.getByText("Heaps"));
    expect(form.getByText(/furthest bed/).textContent).toContain("Beans");
    expect(form.getByText(/furthest bed/).textContent).toContain("Their walls weigh 175 kg.");
    await userEvent.clear(form.getByLabelText("No bed further than"));
    await userEvent.tab();
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutCompostBays", compostBays: expect.not.objectContaining({ within: 8 }) as CompostBays },
      expect.anything(),
    );
    await userEvent.clear(form.getByLabelText("Bays"));
    await userEvent.type(form.getByLabelText("Bays"), "many{Enter}");
    form.getByText("Write a number from 1 to 6.");
    await userEvent.click(form.getByRole("button", { name: "Delete Heaps" }));
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "RemoveCompostBays", compostBays: "heaps" },
      expect.anything(),
    );
  });

  it("are walled with what is chosen, or with something else at a price", async () => {
    alwaysAnswering([]);
    const { desk, submit } = deskFor({ plan: { ...plan, compost: [{ ...heaps, walls: "BOARDS" }] } });
    atDesk(desk, <CompostSection />);
    await userEvent.click(screen.getByText("Heaps"));
    screen.getByText(/Tidy. They last about 5 seasons/);
    await userEvent.selectOptions(screen.getByLabelText("Walls"), "PALLETS");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutCompostBays", compostBays: { ...heaps, walls: "PALLETS" } },
      expect.anything(),
    );
    await userEvent.selectOptions(screen.getByLabelText("Walls"), "something else");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutCompostBays", compostBays: heaps },
      expect.anything(),
    );
  });

  it("are put beside the gate that is chosen, where there are several", async () => {
    const change = { kind: "PutCompostBays", compostBays: heaps };
    const fetched = alwaysAnswering(change);
    const gate: WayIn = {
      id: "front",
      name: "Front gate",
      place: { x: 1, y: 0 },
      width: 1,
      swing: "INWARD",
      lifetime: {},
      sill: 0,
    };
    const waysIn = [gate, { ...gate, id: "back", name: "Back gate" }];
    const { desk, submit } = deskFor({ plan: { ...plan, waysIn } });
    atDesk(desk, <CompostSection />);
    await userEvent.selectOptions(screen.getByLabelText("New bays beside"), "Back gate");
    await userEvent.click(screen.getByRole("button", { name: "Add compost bays" }));
    await waitFor(() => {
      expect(submit).toHaveBeenCalledWith(change, expect.anything());
    });
    expect(String(fetched.mock.calls.at(-1)?.[0])).toContain("season=2028&gate=back");
  });
});
