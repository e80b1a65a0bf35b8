// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { SeasonSoil } from "../api/types";
import { atDesk, deskFor } from "../testing/desk";
import { SoilSupplies } from "./SoilSupplies";

const euro = (amount: string) => ({ amount, currency: "EUR" });
const soil: SeasonSoil = {
  season: 2027,
  topUp: false,
  supply: {
    good: "GARDEN_MIX",
    onHand: 0,
    volume: 1000,
    bags: { lots: [{ item: "soil/bag", quantity: 20, used: 20 }], total: euro("200.00") },
    loose: { lots: [{ item: "soil/other", quantity: 1, used: 1 }], total: euro("140.00") },
    looseIsChosen: true,
    looseFrom: 15,
    loads: { barrows: 12, trailers: 3, skips: 1, vehicles: [] },
    barrowHours: 1,
    leastTonnes: 1.2,
    mostTonnes: 1.6,
    settlesLeast: 50,
    settlesMost: 100,
  },
};

function answering(supplies: SeasonSoil[]) {
  const body = new Response(JSON.stringify(supplies), { headers: { "Content-Type": "application/json" } });
  vi.stubGlobal("fetch", vi.fn().mockResolvedValue(body));
  atDesk(deskFor().desk, <SoilSupplies />);
}

afterEach(() => {
  vi.unstubAllGlobals();
});

describe("how soil comes to the beds", () => {
  it("sets bags against loose, and the cheaper stands out", async () => {
    answering([soil]);
    const rows = within(await screen.findByTestId("supply")).getAllByRole("row");
    expect(rows[0]).toHaveTextContent("bags20 × Bag of soil€200.00");
    expect(rows[1]).toHaveTextContent("bulk, tipped1 × Another soil€140.00");
    expect(rows[1]).toHaveClass("font-semibold");
    expect(rows[0]).not.toHaveClass("font-semibold");
  });

  it("tells the trips of an own vehicle, and of all goods of a season together", async () => {
    const van = { vehicle: "Van", trips: 3, byPayload: true };
    const loads = { ...soil.supply.loads, vehicles: [van] };
    const compost = { ...soil, supply: { ...soil.supply, good: "COMPOST" as const } };
    answering([{ ...soil, supply: { ...soil.supply, loads } }, compost]);
    expect((await screen.findAllByTestId("supply"))[0]).toHaveTextContent(
      "Van: 3 trips, by its payload: a full bed would be too heavy",
    );
    expect(screen.getByTestId("carried-together")).toHaveTextContent(
      "All goods of 2027: 24 barrows, about 2.0 h, or 6 loads of a small trailer",
    );
  });

  it("tells the trips, the load and what settles", async () => {
    answering([soil]);
    const supply = await screen.findByTestId("supply");
    expect(supply).toHaveTextContent("2027: Garden mix, 1.00 m³");
    expect(supply).toHaveTextContent("Bulk is cheaper from 15 bags on");
    expect(supply).toHaveTextContent("12 barrows: about 1.0 h for 30 m there and back");
    expect(supply).toHaveTextContent(
      "1.2 t to 1.6 t, the wetter the more: 3 loads of a small trailer within its payload",
    );
    expect(supply).toHaveTextContent(
      "Settles by 50 L to 100 L in the first year: plan that much more for 2028",
    );
    expect(screen.getByText(/plate/)).toBeInTheDocument();
  });

  it("tells what is on hand, and that a top-up is one", async () => {
    const none = { lots: [] };
    const topUp = { ...soil.supply, good: "COMPOST" as const, onHand: 1000, bags: none, loose: none };
    answering([{ ...soil, topUp: true, supply: topUp }]);
    const supply = await screen.findByTestId("supply");
    expect(supply).toHaveTextContent("2027: Compost, 1.00 m³, the yearly top-up");
    expect(supply).toHaveTextContent("1.00 m³ of it is on hand: nothing to buy.");
    expect(within(supply).queryByRole("row")).toBeNull();
  });

  it("without a price nothing is called cheaper", async () => {
    const bags = { lots: soil.supply.bags.lots };
    const loose = { lots: soil.supply.loose.lots };
    answering([{ ...soil, supply: { ...soil.supply, bags, loose } }]);
    const rows = within(await screen.findByTestId("supply")).getAllByRole("row");
    for (const row of rows) expect(row).not.toHaveClass("font-semibold");
    expect(rows[0]).toHaveTextContent("no price");
  });
});
