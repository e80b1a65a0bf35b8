// @vitest-environment jsdom
import "../testing/setup";
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import { Arrangements } from "../bed/Arrangements";
import { ArrangementsPaper } from "../bed/ArrangementsPaper";
import { CuttingPaper } from "../frame/CuttingPaper";
import { ShoppingPaper } from "../shopping/ShoppingPaper";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import type { Desk } from "../workspace/desk";
import { VariantsPaper } from "../workspace/VariantsPaper";

afterEach(() => {
  vi.unstubAllGlobals();
});

const euros = (amount: string) => ({ amount, currency: "EUR" });
const cells = (row: HTMLElement) =>
  within(row)
    .getAllByRole("cell")
    .map(({ textContent }) => textContent.trim());

describe("papers", () => {
  it("of cutting say what each board is cut into, by the marks of the sheet", async () => {
    const cut = { stock: 3, pieces: [1.2, 1.2, 0.5], rest: 0.1, times: 4, fromShed: false };
    const pieces = [
      { mark: "A", length: 1.2, count: 8, beds: [] },
      { mark: "B", length: 0.5, count: 4, beds: [] },
    ];
    const one = { season: 2027, material: "larch", board: "2x10", pieces, cutList: { cuts: [cut] } };
    answering({ "/cutting": [one] });
    atDesk(deskFor().desk, <CuttingPaper />);
    expect(await screen.findByText("2 × A 1.20 m, B 0.50 m")).toBeVisible();
    expect(screen.getByRole("link", { name: "Cutting sheet 2027 (PDF)" })).toHaveAttribute(
      "href",
      `/api/gardens/${plan.id}/cutting.pdf?season=2027`,
    );
  });

  it("of shopping add up what each shop gets, and tell what is ticked", async () => {
    const thing = (item: string, label: string, amount: string) => ({
      item,
      label,
      part: "FRAMES",
      quantity: 2,
      each: euros("1.00"),
      amount: euros(amount),
    });
    const shops = [{ shop: "Yard", things: [thing("a", "Board", "2.50"), thing("b", "Screws", "0.75")] }];
    answering({
      "/shopping": { garden: "Back", list: { season: 2028, shops, total: euros("3.25") }, ticked: ["b"] },
    });
    atDesk(deskFor().desk, <ShoppingPaper />);
    const screws = (await screen.findByText("Screws")).closest("tr") as HTMLElement;
    expect(cells(screws)).toEqual(["frames", "Screws", "2", "1.00", "0.75", "bought"]);
    expect(screen.getAllByText("3.25").length).toBeGreaterThan(0);
    await userEvent.selectOptions(screen.getByLabelText("Group by"), "part of the work");
    expect(cells(screen.getByText("Screws").closest("tr") as HTMLElement)[0]).toBe("Yard");
  });

  it("of arrangements hold what the last search found side by side, to be taken over", async () => {
    const user = userEvent.setup();
    const found = (manner: string, beds: number) => ({
      manner,
      beds: Array.from({ length: beds }, () => []),
      growing: 12,
      walks: 8.5,
      edge: 30,
      detour: 2,
      sun: 7.4,
      cost: euros("310.00"),
      unpriced: 0,
      change: { kind: "RemoveBed", bed: manner },
    });
    const told = { job: "j", state: "DONE", done: 2, steps: 2, best: [found("ROWS", 6), found("COMB", 2)] };
    answering({ "/arrangements/ground": null, "/arrangements": told });
    const layouts = [
      { key: "ROWS", label: "Rows" },
      { key: "COMB", label: "Combs" },
    ];
    const { desk, submit } = deskFor();
    const with2 = { ...desk, catalogue: { ...desk.catalogue, layouts } as Desk["catalogue"] };
    atDesk(
      with2,
      <>
        <Arrangements />
        <ArrangementsPaper />
      </>,
    );
    expect(screen.getByText(/Nothing to compare yet/)).toBeVisible();
    await user.click(screen.getByRole("button", { name: "Try arrangements …" }));
    const search = screen.getByRole("button", { name: "Try them" });
    await waitFor(() => {
      expect(search).toBeEnabled();
    });
    await user.click(search);
    await user.click(await screen.findByRole("button", { name: "Arrangements as a page" }));
    expect(desk.read).toHaveBeenCalledWith("arrangements");
    await user.keyboard("{Escape}");
    const row = (await screen.findByText("Combs")).closest("tr") as HTMLElement;
    expect(cells(row).slice(0, 3)).toEqual(["Combs", "2", "12.00 m²"]);
    expect(cells(row)).toContain("7.4 h a day");
    await user.click(within(row).getByRole("button", { name: "Take over Combs with 2 beds" }));
    expect(submit).toHaveBeenCalledWith({ kind: "RemoveBed", bed: "COMB" });
  });

  it("of variants hold them side by side in figures, and become a spreadsheet", async () => {
    const version = { garden: "g", name: "Back", main: true, from: 2027, ground: [], beds: [[]], growing: 4 };
    const fetched = answering({
      "/variants": [{ ...version, edge: 8, planned: euros("12.00"), serious: 1, snags: 3 }],
      "/tables.xlsx": {},
    });
    URL.createObjectURL = () => "blob:x";
    URL.revokeObjectURL = () => undefined;
    atDesk(deskFor().desk, <VariantsPaper />);
    const row = (await screen.findByText("Back (the garden itself)")).closest("tr") as HTMLElement;
    expect(cells(row)).toEqual(["Back (the garden itself)", "", "1", "4.00 m²", "8.00 m", "12.00", "3", "1"]);
    await userEvent.click(screen.getByRole("button", { name: "XLSX" }));
    const [, asked] = fetched.mock.calls.find(([path]) => String(path).endsWith("tables.xlsx")) ?? [];
    expect(JSON.parse(asked?.body ?? "")).toMatchObject({
      name: `${plan.name}, Variants`,
      rows: [["Back (the garden itself)", "", 1, 4, 8, 12, 3, 1]],
    });
  });
});
