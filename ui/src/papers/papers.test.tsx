// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { atDesk, deskFor } from "../testing/desk";
import { aligned, sumOf, type Column } from "./columns";
import { csvOf, Paper } from "./Paper";
import { linesOf } from "./PaperTable";

interface Board {
  id: string;
  wood: string;
  length: number;
  cost: string;
}

const boards: Board[] = [
  { id: "beans", wood: "larch", length: 2.4, cost: "10.10" },
  { id: "kale", wood: "oak", length: 12, cost: "0.20" },
  { id: "old", wood: "larch", length: 3.625, cost: "5.00" },
];
const money = (amount: string) => ({ amount, currency: "EUR" });
const columns: Column<Board>[] = [
  { key: "id", head: "For", value: ({ id }) => id },
  { key: "wood", head: "Wood", value: ({ wood }) => wood, groups: true },
  { key: "length", head: "Length", value: ({ length }) => length, figures: true },
  {
    key: "cost",
    head: "Cost",
    value: ({ cost }) => Number(cost),
    text: ({ cost }) => cost,
    figures: true,
    sum: (rows) => sumOf(rows.map(({ cost }) => money(cost))),
  },
];

function open(rows: readonly Board[] = boards) {
  const { desk } = deskFor({ paper: "boards" });
  atDesk(
    desk,
    <Paper
      title="Boards"
      rows={rows}
      columns={columns}
      rowKey={({ id }) => id}
      concerns={({ id }) => [id]}
      empty="No boards."
    />,
  );
  return desk;
}

const shown = () =>
  within(screen.getByRole("table", { name: "Boards" }))
    .getAllByRole("row")
    .slice(1)
    .map((row) => row.textContent.replaceAll("\u2007", ""));

describe("a paper", () => {
  it("sorts by a column, one way and the other", async () => {
    open();
    await userEvent.click(screen.getByRole("button", { name: /Length/ }));
    expect(shown().slice(0, 3)).toEqual(["kaleoak120.20", "oldlarch3.6255.00", "beanslarch2.410.10"]);
    await userEvent.click(screen.getByRole("button", { name: /Length/ }));
    expect(shown()[0]).toBe("beanslarch2.410.10");
    expect(screen.getByRole("columnheader", { name: /Length/ })).toHaveAttribute("aria-sort", "ascending");
  });

  it("finds a word or a figure in any column, and says how many lines there are", async () => {
    open();
    await userEvent.type(screen.getByLabelText("Find"), "oak");
    expect(shown()).toEqual(["kaleoak120.20"]);
    expect(screen.getByRole("status")).toHaveTextContent("1 of 3 lines");
    await userEvent.clear(screen.getByLabelText("Find"));
    await userEvent.type(screen.getByLabelText("Find"), "3.62");
    expect(shown()).toEqual(["oldlarch3.6255.00"]);
  });

  it("puts lines into groups with what each comes to", async () => {
    open();
    await userEvent.selectOptions(screen.getByLabelText("Group by"), "wood");
    expect(shown()).toEqual([
      "larch 2",
      "beans2.410.10",
      "old3.6255.00",
      "larch together15.10",
      "oak 1",
      "kale120.20",
      "All together15.30",
    ]);
  });

  it("lights up on the small plan what a line is about", async () => {
    open();
    await userEvent.hover(screen.getByText("beans"));
    expect(screen.getByRole("figure")).toHaveTextContent("Beans");
  });

  it("goes back to the sheet, and says so when it is empty", async () => {
    const desk = open([]);
    expect(screen.getByText("No boards.")).toBeInTheDocument();
    await userEvent.click(screen.getByRole("button", { name: "Back to the sheet" }));
    expect(desk.read).toHaveBeenCalledWith(null);
  });

  it("prints", async () => {
    const print = vi.spyOn(window, "print").mockImplementation(() => undefined);
    open();
    await userEvent.click(screen.getByRole("button", { name: "Print" }));
    expect(print).toHaveBeenCalled();
  });
});

describe("figures of a paper", () => {
  it("stand below each other by their decimal point", () => {
    expect(aligned(["2.4", "12", "3.625", ""])).toEqual([
      "2.4\u2007\u2007",
      "12\u2007\u2007\u2007\u2007",
      "3.625",
      "\u2007\u2007\u2007\u2007",
    ]);
    expect(aligned([])).toEqual([]);
  });

  it("are added up to the cent", () => {
    expect(sumOf([money("0.10"), money("0.20"), undefined])).toBe("0.30");
    expect(sumOf([money("1999.99"), money("0.01")])).toBe("2,000.00");
    expect(sumOf([undefined])).toBe("");
  });

  it("go into a file as they are, and a text that is a formula stays a text", () => {
    const [one] = boards;
    const evil = one ? [{ ...one, id: '=HYPERLINK("x"), "y"' }] : [];
    expect(csvOf(evil, columns)).toBe('For,Wood,Length,Cost\r\n"\'=HYPERLINK(""x""), ""y""",larch,2.4,10.1');
  });

  it("leave out what holds buttons", () => {
    const [first] = columns;
    if (!first) throw new Error("there is no column");
    expect(csvOf(boards, [first, { ...first, key: "back", buttons: true }])).toBe(csvOf(boards, [first]));
  });

  it("have no sum of a single line", () => {
    expect(linesOf([1], undefined, true)).toEqual([{ kind: "row", row: 1 }]);
    expect(linesOf([1, 2], undefined, false)).toHaveLength(2);
  });
});
