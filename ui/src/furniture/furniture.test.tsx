// @vitest-environment jsdom
import "../testing/setup";
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { layers, standingThings } from "../capabilities";
import { alwaysAnswering, answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import type { Furniture, FurnitureTold } from "./furniture";
import { FurnitureOnTheSheet } from "./FurnitureOnTheSheet";
import { FurnitureSection } from "./FurnitureSection";
import { furnitureLayer } from "./layers";
import { words } from "./words";

const stand: Furniture = {
  id: "stand",
  name: "Stand",
  kind: "BARREL_STAND",
  place: { centre: { x: 3, y: 2 }, length: 0.7, width: 0.7, turn: 0 },
  height: 0.45,
  material: "softwood",
  slabs: false,
  boards: [],
  sheets: [],
  lifetime: { from: 2028 },
};

const told: FurnitureTold = {
  furniture: "stand",
  boards: [{ board: "2x6", length: 0.7, count: 4 }],
  sheets: [],
  mesh: 0,
  kilograms: 12.4,
  barrels: 1,
  pressure: 57,
  cautions: ["A full barrel that tips crushes."],
};

const own: Furniture = {
  ...stand,
  kind: "OWN",
  boards: [{ board: "2x6", length: 1.2, count: 2 }],
  sheets: [{ good: "PLYWOOD_18", length: 1, width: 0.5, count: 1 }],
};

async function opened(thing: Furniture) {
  const fetched = answering({ "/furniture": [told], "/pieces": { kind: "PutFurniture", furniture: own } });
  const { desk, submit } = deskFor({ plan: { ...plan, furniture: [thing] } });
  atDesk(desk, <FurnitureSection />);
  await screen.findByTestId("furniture-figures");
  const form = within(screen.getByTestId("furniture"));
  await userEvent.click(form.getByText("Stand"));
  return { form, submit, fetched };
}

const put = (part: Partial<Furniture>, of = stand) => [
  { kind: "PutFurniture", furniture: { ...of, ...part } },
  expect.anything(),
];

describe("furniture", () => {
  it("is built where there is room, or at a place of one's own", async () => {
    const change = { kind: "PutFurniture", furniture: stand };
    const fetched = alwaysAnswering(change);
    const { desk, submit } = deskFor({});
    atDesk(desk, <FurnitureSection />);
    screen.getByText(words.none);
    await userEvent.selectOptions(screen.getByLabelText(words.what), "Barrel stand");
    await userEvent.click(screen.getByRole("button", { name: words.add }));
    await waitFor(() => {
      expect(submit).toHaveBeenLastCalledWith(change, expect.anything());
    });
    expect(String(fetched.mock.calls[0]?.[0])).toContain(
      "/furniture/proposals?season=2028&kind=BARREL_STAND",
    );
    await userEvent.click(screen.getByRole("button", { name: words.byNumbers }));
    await userEvent.click(screen.getByRole("button", { name: words.putThere }));
    await waitFor(() => {
      expect(submit).toHaveBeenCalledTimes(2);
    });
    expect(submit.mock.calls[1]?.[0]).toMatchObject({ furniture: { place: { length: 1.2, width: 0.6 } } });
  });

  it("tells its pieces, its weight and what its feet press with", async () => {
    const { form, submit } = await opened(stand);
    const figures = form.getByTestId("furniture-figures").textContent;
    expect(figures).toContain("4 × 2x6, 0.70 m");
    expect(figures).toContain(words.weighs("12 kg"));
    expect(figures).toContain(words.barrels(1, "0.57 bar"));
    form.getByText("A full barrel that tips crushes.");
    form.getByRole("img", { name: words.view("Stand", "0.70 m", "0.45 m") });
    await userEvent.click(form.getByLabelText(words.slabs));
    expect(submit).toHaveBeenLastCalledWith(...put({ slabs: true }));
    await userEvent.clear(form.getByLabelText(words.height));
    await userEvent.type(form.getByLabelText(words.height), "60 cm{Enter}");
    expect(submit).toHaveBeenLastCalledWith(...put({ height: 0.6 }));
    await userEvent.click(form.getByRole("button", { name: words.takeAway("Stand") }));
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "RemoveFurniture", furniture: "stand" },
      expect.anything(),
    );
  });

  it("gives its pieces over to be altered", async () => {
    const { form, submit, fetched } = await opened(stand);
    await userEvent.click(form.getByRole("button", { name: words.own }));
    await waitFor(() => {
      expect(submit).toHaveBeenLastCalledWith(...put({}, own));
    });
    expect(fetched.mock.calls.map(([url]) => url).join(" ")).toContain("/furniture/stand/pieces");
  });

  it("of one's own lists pieces of board and of sheet", async () => {
    const { form, submit } = await opened(own);
    const board = within(form.getByTestId("board-row"));
    await userEvent.clear(board.getByLabelText(words.times));
    await userEvent.type(board.getByLabelText(words.times), "0{Enter}");
    form.getByText(words.notANumber(200));
    await userEvent.clear(board.getByLabelText(words.times));
    await userEvent.type(board.getByLabelText(words.times), "3{Enter}");
    expect(submit).toHaveBeenLastCalledWith(
      ...put({ boards: [{ board: "2x6", length: 1.2, count: 3 }] }, own),
    );
    const sheet = within(form.getByTestId("sheet-row"));
    await userEvent.clear(sheet.getByLabelText(words.pieceWidth));
    await userEvent.type(sheet.getByLabelText(words.pieceWidth), "40 cm{Enter}");
    expect(submit).toHaveBeenLastCalledWith(
      ...put({ sheets: [{ good: "PLYWOOD_18", length: 1, width: 0.4, count: 1 }] }, own),
    );
    await userEvent.click(form.getByRole("button", { name: words.removeRow(2) }));
    expect(submit).toHaveBeenLastCalledWith(...put({ sheets: [] }, own));
    await userEvent.click(form.getByRole("button", { name: words.addSheet }));
    expect(submit).toHaveBeenLastCalledWith(
      ...put({ sheets: [...own.sheets, { good: "PLYWOOD_18", length: 1, width: 0.5, count: 1 }] }, own),
    );
    expect(form.queryByLabelText(words.slabs)).toBeNull();
  });

  it("stands on the plot, is drawn, picked up and stretched", () => {
    const built = { ...plan, furniture: [stand] };
    expect(standingThings(built)).toContainEqual(expect.objectContaining({ id: "stand", kind: "BENCH" }));
    expect(layers).toContain(furnitureLayer);
    const { desk } = deskFor({ plan: built });
    const { container } = atDesk(
      desk,
      <svg>
        <FurnitureOnTheSheet view={{ scale: 10, x: 0, y: 100 }} moved={new Map()} selected={new Set()} />
      </svg>,
    );
    expect(container.querySelector("path, polygon")).not.toBeNull();
  });
});
