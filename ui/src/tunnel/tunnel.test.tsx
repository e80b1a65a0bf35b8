// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { layers, standingThings } from "../capabilities";
import { without } from "../edits/changes";
import { alwaysAnswering, answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { BowsOnTheSheet } from "./BowsOnTheSheet";
import { bowLayer, tunnelLayer } from "./layers";
import { TunnelsOnTheSheet } from "./TunnelsOnTheSheet";
import { TunnelsSection } from "./TunnelsSection";
import { sides, type TunnelTold, type WalkInTunnel } from "./tunnels";
import { words } from "./words";

const house: WalkInTunnel = {
  id: "house",
  name: "Film house",
  place: { centre: { x: 5, y: 4 }, length: 6, width: 3.4, turn: 0 },
  form: "CIRCLE",
  pipe: "PE_20",
  rise: 2.1,
  weather: "SHELTERED",
  footing: "BOARDS",
  cover: "FILM",
  doors: 2,
  doorWidth: 0.9,
  doorAside: 0.2,
  wires: 0,
  hoseRail: false,
  lifetime: { from: 2028 },
};

const told: TunnelTold = {
  tunnel: "house",
  beds: [],
  cut: [],
  bows: 8,
  apart: 0.857,
  bow: 6.14,
  tightest: 1.7,
  bears: 0.58,
  legs: 0.4,
  side: [
    { x: -1.7, y: 0 },
    { x: 0, y: 2.1 },
    { x: 1.7, y: 0 },
  ],
  feet: [
    [
      { x: 2, y: 2.3 },
      { x: 2, y: 5.7 },
    ],
    [
      { x: 8, y: 2.3 },
      { x: 8, y: 5.7 },
    ],
  ],
  hold: { wind: "gale", pull: 196, stake: { thick: 0.035, deep: 0.61 }, each: 801, stakes: 16 },
  onBoards: 8,
  onStakes: 8,
  doorHeight: 2,
  aisles: [{ at: { x: 5, y: 4 }, aside: 0.1, headroom: 2.08 }],
  floor: 20.4,
  openings: 3.6,
  air: 0.176,
  sheet: { roll: 10, bought: 6.6, width: 6.75, length: 6.6, fromStrip: true },
  fallAlong: 0.05,
  fallAcross: 0,
  kilograms: 74,
  cautions: ["What snow and wind it bears is for the maker's table."],
};

async function opened(tunnel: WalkInTunnel = house) {
  answering({ "/tunnels": [told] });
  const { desk, submit } = deskFor({ plan: { ...plan, tunnels: [tunnel] } });
  atDesk(desk, <TunnelsSection />);
  await screen.findByTestId("tunnel-figures");
  const form = within(screen.getByTestId("tunnel"));
  await userEvent.click(form.getByText("Film house"));
  return { form, submit };
}

const put = (tunnel: WalkInTunnel) => [{ kind: "PutTunnel", tunnel }, expect.anything()];

describe("a walk-in tunnel", () => {
  it("tells what it takes and how one stands and breathes in it", async () => {
    const { form } = await opened();
    const figures = form.getByTestId("tunnel-figures");
    expect(figures).toHaveTextContent("Least headroom where one walks: 2.08 m, 0.10 m from the middle.");
    expect(figures).toHaveTextContent("Doors and sides open 3.60 m², 18 % of the floor.");
    expect(figures).toHaveTextContent("8 bows of 6.14 m");
    expect(figures).toHaveTextContent("8 feet on boards of beds, 8 on stakes.");
    expect(figures).toHaveTextContent("A gale pulls at a foot as hard as 20 kg. 16 stakes");
    expect(figures).toHaveTextContent("82 kg each in the softest ground");
    expect(figures).toHaveTextContent("both ends come out of what is cut off along it");
    expect(figures).toHaveTextContent("The ground falls 0.05 m along it");
    expect(figures).toHaveTextContent("maker's table");
    expect(form.getByTestId("tunnel-end")).toHaveAccessibleName(
      "The end of Film house with its door: 3.40 m wide, 2.10 m high",
    );
  });

  it("is edited by numbers and choices", async () => {
    const { form, submit } = await opened();
    const rise = form.getByLabelText(words.rise);
    await userEvent.clear(rise);
    await userEvent.type(rise, "2.3{Enter}");
    expect(submit).toHaveBeenLastCalledWith(...put({ ...house, rise: 2.3 }));
    const aside = form.getByLabelText(words.doorAside);
    await userEvent.clear(aside);
    await userEvent.type(aside, "-0.4{Enter}");
    expect(submit).toHaveBeenLastCalledWith(...put({ ...house, doorAside: -0.4 }));
    await userEvent.selectOptions(form.getByLabelText(words.doors), "1");
    expect(submit).toHaveBeenLastCalledWith(...put({ ...house, doors: 1 }));
    await userEvent.selectOptions(form.getByLabelText(words.form), "ELLIPSE");
    expect(submit).toHaveBeenLastCalledWith(...put({ ...house, form: "ELLIPSE" }));
    await userEvent.selectOptions(form.getByLabelText(words.pipe), "WIRE_4");
    expect(submit).toHaveBeenLastCalledWith(...put({ ...house, pipe: "WIRE_4" }));
    await userEvent.selectOptions(form.getByLabelText(words.weather), "SNOWY");
    expect(submit).toHaveBeenLastCalledWith(...put({ ...house, weather: "SNOWY" }));
    await userEvent.selectOptions(form.getByLabelText(words.footing), "STAKES");
    expect(submit).toHaveBeenLastCalledWith(...put({ ...house, footing: "STAKES" }));
    await userEvent.selectOptions(form.getByLabelText(words.cover), "FLEECE");
    expect(submit).toHaveBeenLastCalledWith(...put({ ...house, cover: "FLEECE" }));
    await userEvent.click(form.getByLabelText(words.hoseRail));
    expect(submit).toHaveBeenLastCalledWith(...put({ ...house, hoseRail: true }));
  });

  it("has sides that roll up, or not", async () => {
    const { form, submit } = await opened();
    expect(form.queryByLabelText(words.hip)).toBeNull();
    await userEvent.click(form.getByLabelText(words.rolls));
    expect(submit).toHaveBeenLastCalledWith(...put({ ...house, hip: 0.9 }));
  });

  it("lets its sides down again", async () => {
    const { form, submit } = await opened({ ...house, hip: 1 });
    expect(form.getByLabelText(words.hip)).toHaveValue("1.00 m");
    await userEvent.click(form.getByLabelText(words.rolls));
    expect(submit).toHaveBeenLastCalledWith(...put(without(house, "hip")));
  });

  it("says what is no number of wires, and keeps what was typed", async () => {
    const { form, submit } = await opened();
    const wires = form.getByLabelText(words.wires);
    await userEvent.clear(wires);
    await userEvent.type(wires, "a few{Enter}");
    expect(await form.findByText(words.notWires)).toBeVisible();
    expect(wires).toHaveValue("a few");
    expect(submit).not.toHaveBeenCalled();
    await userEvent.clear(wires);
    await userEvent.type(wires, "4{Enter}");
    expect(submit).toHaveBeenLastCalledWith(...put({ ...house, wires: 4 }));
  });

  it("is built round the beds that are selected", async () => {
    const fetched = alwaysAnswering({ kind: "PutTunnel", tunnel: house });
    const [bed] = plan.beds;
    const { desk, submit } = deskFor({ selection: new Set([bed?.id ?? ""]) });
    atDesk(desk, <TunnelsSection />);
    await userEvent.click(screen.getByRole("button", { name: words.build(1) }));
    expect(fetched).toHaveBeenCalledWith(
      expect.stringContaining("tunnels/proposals"),
      expect.objectContaining({ body: JSON.stringify({ beds: [bed?.id] }) }),
    );
    expect(submit).toHaveBeenCalledWith({ kind: "PutTunnel", tunnel: house }, expect.anything());
  });

  it("stands on the plot as its sides with a gap for each door", () => {
    expect(sides(house)).toHaveLength(2);
    const [round] = sides({ ...house, doors: 1 });
    expect(round).toHaveLength(6);
    expect(round?.[0]).toEqual({ x: 8, y: 4.65 });
    expect(round?.at(-1)).toEqual({ x: 8, y: expect.closeTo(3.75, 9) as number });
    // A quarter turn clockwise: its length points down.
    const turned = sides({ ...house, doors: 1, place: { ...house.place, turn: 90 } });
    expect(turned[0]?.[0]?.y).toBeCloseTo(1, 9);
    const things = standingThings({ ...plan, tunnels: [house] });
    expect(things.filter(({ id }) => id === "house").map(({ kind }) => kind)).toEqual(["TUNNEL", "TUNNEL"]);
  });

  it("is drawn with its bows over the beds, and goes under the hand", async () => {
    answering({ "/tunnels": [told] });
    const { desk } = deskFor({ plan: { ...plan, tunnels: [house] } });
    const view = { x: 0, y: 0, scale: 10, height: 100 } as never;
    atDesk(
      desk,
      <svg>
        <TunnelsOnTheSheet view={view} moved={new Map()} selected={new Set(["house"])} />
        <BowsOnTheSheet view={view} moved={new Map()} selected={new Set()} />
      </svg>,
    );
    expect(screen.getByTestId("tunnel-drawn")).toHaveAttribute("stroke", "var(--color-mark)");
    await screen.findByTestId("tunnel-bows");
    expect(layers).toContain(tunnelLayer);
    expect(layers.indexOf(bowLayer)).toBeGreaterThan(layers.indexOf(tunnelLayer));
    const moved = { ...house.place, centre: { x: 6, y: 4 } };
    expect(
      tunnelLayer.edit(
        desk,
        "house",
        { kind: "BOX", outline: moved, corners: null },
        { kind: "BOX", outline: house.place, corners: null },
      ),
    ).toEqual({ kind: "PutTunnel", tunnel: { ...house, place: moved } });
    expect(tunnelLayer.remove(desk, "house")).toEqual({ kind: "RemoveTunnel", tunnel: "house" });
  });
});
