// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import type { Quote, Sundry } from "../api/types";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan, report } from "../testing/desk";
import { PriceBook } from "./PriceBook";
import { PursePanel } from "./PursePanel";
import { PutOff } from "./PutOff";

const skip: Sundry = {
  id: "s1",
  name: "Skip",
  season: 2027,
  part: "GROUND",
  quantity: 1,
  price: { amount: "240.00", currency: "EUR" },
  acquired: "BOUGHT",
};
const line = {
  season: 2027,
  part: "GROUND" as const,
  item: "sundry/s1",
  quantity: 1,
  price: { amount: "240.00", currency: "EUR" },
  amount: { amount: "240.00", currency: "EUR" },
  acquired: "BOUGHT" as const,
  beds: [],
  places: [],
};

function shown() {
  const at = deskFor({
    plan: { ...plan, sundries: [skip] },
    report: {
      ...report,
      bill: [...report.bill, line],
      purse: {
        ...report.purse,
        kept: { amount: "39.90", currency: "EUR" },
        saved: { amount: "60.00", currency: "EUR" },
      },
    },
  });
  atDesk(at.desk, <PursePanel />);
  return at;
}

describe("the purse", () => {
  it("puts down what no drawing shows, in the season that is looked at", async () => {
    const { submit } = shown();
    await userEvent.click(screen.getByRole("button", { name: "+ Skip" }));
    expect(submit.mock.calls.at(-1)?.[0]).toMatchObject({
      kind: "PutSundry",
      sundry: { name: "Skip 1", season: 2028, part: "GROUND", quantity: 1, acquired: "BOUGHT" },
    });
  });

  it("takes quantities with a comma, and hands on what is none for the program to refuse", async () => {
    const { submit } = shown();
    const quantity = screen.getByLabelText("Quantity");
    await userEvent.clear(quantity);
    await userEvent.type(quantity, "2,5{Enter}");
    expect(submit.mock.calls.at(-1)?.[0]).toMatchObject({ sundry: { id: "s1", quantity: 2.5 } });
    await userEvent.clear(quantity);
    await userEvent.type(quantity, "a few{Enter}");
    expect(submit.mock.calls.at(-1)?.[0]).toMatchObject({ sundry: { quantity: 0 } });
  });

  it("leaves the price out when it is emptied", async () => {
    const { submit } = shown();
    const price = screen.getByLabelText("Each, EUR");
    await userEvent.clear(price);
    await userEvent.type(price, "{Enter}");
    expect(submit.mock.calls.at(-1)?.[0]).not.toHaveProperty("sundry.price");
  });

  it("says at the field why a price was not taken", async () => {
    const { submit } = shown();
    submit.mockImplementation((_, refused) => refused?.("EUR -5.00 is less than nothing"));
    const price = screen.getByLabelText("Each, EUR");
    await userEvent.clear(price);
    await userEvent.type(price, "-5{Enter}");
    expect(screen.getByRole("alert")).toHaveTextContent("less than nothing");
  });

  it("opens a line of the bill to its arithmetic and shows its beds on the sheet", async () => {
    const { desk } = shown();
    await userEvent.click(screen.getByRole("button", { name: /Cedar board|cedar/i }));
    expect(screen.getByText(/3 × €20\.00 = €60\.00/)).toBeInTheDocument();
    expect(screen.getByText(/for Beans/)).toBeInTheDocument();
    expect(desk.select).toHaveBeenCalledWith(["beans"]);
  });

  it("shows what a file of prices would change before it is taken over", async () => {
    const change = { kind: "Batch", label: "Prices from a file", changes: [] };
    const reading = {
      taken: [
        {
          item: "soil/bag",
          before: { amount: "5.00", currency: "EUR" },
          amount: { amount: "4.50", currency: "EUR" },
        },
      ],
      same: 3,
      rejected: [{ row: 7, text: "soil/moon 5", reason: "There is nothing sold as soil/moon" }],
      change,
      headings: ["key", "price", "Hof"],
      columns: { key: "key", price: "price" },
      complete: true,
    };
    const asked: string[] = [];
    vi.stubGlobal("fetch", (path: string) => {
      if (!path.includes("/prices")) return new Promise(() => undefined);
      asked.push(path);
      return Promise.resolve(new Response(JSON.stringify(reading)));
    });
    const { submit } = shown();
    await userEvent.upload(screen.getByLabelText("File of prices"), new File(["key,price"], "prices.csv"));
    const found = await screen.findByTestId("price-reading");
    expect(found).toHaveTextContent("1 new or changed, 3 the same, 1 not taken.");
    expect(found).toHaveTextContent("Bag of soil€5.00 → €4.50");
    expect(found).toHaveTextContent("Row 7 (soil/moon 5): There is nothing sold as soil/moon");
    expect(submit).not.toHaveBeenCalled();
    await userEvent.click(screen.getByText("Which column holds what"));
    await userEvent.selectOptions(screen.getByLabelText("Column with the shop"), "Hof");
    expect(asked.at(-1)).toContain("/prices?key=key&price=price&shop=Hof");
    await userEvent.click(await screen.findByRole("button", { name: "Take over 1 price" }));
    expect(submit).toHaveBeenCalledWith(change);
    vi.unstubAllGlobals();
  });

  it("asks for the columns of a file whose headings it does not know", async () => {
    const unread = {
      taken: [],
      same: 0,
      rejected: [],
      headings: ["Artikel", "Preis"],
      columns: {},
      complete: false,
    };
    answering({ "/prices": unread });
    shown();
    await userEvent.upload(
      screen.getByLabelText("File of prices"),
      new File(["Artikel;Preis"], "prices.csv"),
    );
    expect(await screen.findByText(/Say which column holds the thing/)).toBeInTheDocument();
    expect(screen.getByLabelText("Column with the price")).toHaveTextContent("noneArtikelPreis");
    expect(screen.queryByTestId("price-reading")).not.toBeInTheDocument();
    vi.unstubAllGlobals();
  });

  it("tells the cost of the soil, what stays and what was saved", () => {
    shown();
    expect(screen.getByTestId("worth")).toHaveTextContent(
      "€12.50 for a square metre of soil in 2028. €39.90 of all is for what stays with you, left out there. €60.00 saved by what comes free.",
    );
  });
});

describe("putting work off", () => {
  it("asks for the selected beds alone, or for all if none is", async () => {
    const { desk, submit } = deskFor({ season: 2027, selection: new Set(["beans"]) });
    atDesk(desk, <PutOff />);
    await userEvent.click(screen.getByText("Put work of 2027 off"));
    await userEvent.click(screen.getByLabelText("Its walks and drains"));
    await userEvent.click(screen.getByRole("button", { name: "Put it off" }));
    const asked = { kind: "PutOff", season: 2027, to: 2028, sundries: false };
    expect(submit.mock.calls[0]?.[0]).toEqual({ ...asked, beds: ["beans"], walks: true });
    await userEvent.click(screen.getByLabelText("The selected beds (1)"));
    await userEvent.click(screen.getByRole("button", { name: "Put it off" }));
    expect(submit.mock.calls[1]?.[0]).toEqual({ ...asked, beds: [], walks: true });
  });

  it("is tried while it is open, and no longer once it is closed or left", async () => {
    const { desk } = deskFor({ season: 2027 });
    const { unmount } = atDesk(desk, <PutOff />);
    const summary = screen.getByText("Put work of 2027 off");
    await userEvent.click(summary);
    expect(desk.tryOut).toHaveBeenLastCalledWith(expect.objectContaining({ kind: "PutOff", to: 2028 }));
    await userEvent.click(summary);
    expect(desk.tryOut).toHaveBeenLastCalledWith(null);
    await userEvent.click(summary);
    unmount();
    expect(desk.tryOut).toHaveBeenLastCalledWith(null);
    expect(desk.tryOut).toHaveBeenCalledTimes(4);
  });

  it("keeps the beds that were chosen, whatever is selected meanwhile", async () => {
    const { desk, submit } = deskFor({ season: 2027, selection: new Set(["beans"]) });
    const { atDesk: change } = atDesk(desk, <PutOff />);
    await userEvent.click(screen.getByText("Put work of 2027 off"));
    change({ ...desk, selection: new Set() });
    expect(screen.getByLabelText("The selected beds (1)")).toBeChecked();
    change({ ...desk, selection: new Set(["kale"]) });
    await userEvent.click(screen.getByRole("button", { name: "Put off what is selected now instead (1)" }));
    expect(desk.tryOut).toHaveBeenLastCalledWith(expect.objectContaining({ beds: ["kale"] }));
    change({ ...desk, selection: new Set() });
    await userEvent.click(screen.getByRole("button", { name: "Put it off" }));
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ kind: "PutOff", beds: ["kale"] });
  });

  it("is tried again after something else was looked at", async () => {
    const preview = { appraisal: report, difference: { amount: "0.00", currency: "EUR" } };
    const { desk } = deskFor({ season: 2027 });
    const { atDesk: change } = atDesk(desk, <PutOff />);
    await userEvent.click(screen.getByText("Put work of 2027 off"));
    change({ ...desk, preview });
    expect(desk.tryOut).toHaveBeenCalledTimes(1);
    change({ ...desk, preview: null });
    expect(desk.tryOut).toHaveBeenCalledTimes(2);
    expect(desk.tryOut).toHaveBeenLastCalledWith(expect.objectContaining({ kind: "PutOff" }));
  });

  it("says so where the season is none that comes later", async () => {
    const { desk } = deskFor({ season: 2027 });
    atDesk(desk, <PutOff />);
    await userEvent.click(screen.getByText("Put work of 2027 off"));
    for (const wrong of ["next year", "2027"]) {
      await userEvent.clear(screen.getByLabelText("To the season"));
      await userEvent.type(screen.getByLabelText("To the season"), `${wrong}{Enter}`);
      expect(screen.getByText("Give a year after 2027.")).toBeInTheDocument();
      expect(screen.getByLabelText("To the season")).toHaveValue(wrong);
      expect(screen.getByRole("button", { name: "Put it off" })).toBeDisabled();
    }
    await userEvent.clear(screen.getByLabelText("To the season"));
    await userEvent.type(screen.getByLabelText("To the season"), "2030{Enter}");
    expect(desk.tryOut).toHaveBeenLastCalledWith(expect.objectContaining({ to: 2030 }));
    expect(screen.queryByText("Give a year after 2027.")).not.toBeInTheDocument();
  });

  it("shows both budgets before it is done", async () => {
    const later = { ...report, bySeason: [{ season: 2028, planned: { amount: "950.00", currency: "EUR" } }] };
    const preview = { appraisal: later, difference: { amount: "0.00", currency: "EUR" } };
    const { desk, submit } = deskFor({ season: 2027, preview, judged: report });
    atDesk(desk, <PutOff />);
    await userEvent.click(screen.getByText("Put work of 2027 off"));
    expect(screen.getByText("2028").closest("tr")).toHaveTextContent("20280.00950.00");
    await userEvent.click(screen.getByRole("button", { name: "Put it off" }));
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "PutOff",
      to: 2028,
      beds: plan.beds.map(({ id }) => id),
    });
  });
});

describe("what shops ask", () => {
  const quote = (id: string, date: string, amount: string, tax = 0, pinned = false): Quote => ({
    id,
    item: "cedar/board",
    amount: { amount, currency: "EUR" },
    date,
    tax,
    pinned,
  });

  it("is noted with its shop, day and tax, pinned and forgotten", async () => {
    const asked = [quote("a", "2027-01-01", "20.00", 19), quote("b", "2027-02-01", "30.00", 0, true)];
    const told = [
      { quote: "b", gross: { amount: "30.00", currency: "EUR" }, counts: true },
      { quote: "a", gross: { amount: "23.80", currency: "EUR" }, counts: false },
    ];
    const { desk, submit } = deskFor({
      plan: { ...plan, quotes: asked },
      report: { ...report, asked: told },
    });
    atDesk(desk, <PriceBook />);
    expect(screen.getByText("2 prices asked")).toBeVisible();
    await userEvent.click(screen.getByText("2 prices asked"));
    expect(screen.getByText("€23.80 with 19 %")).toBeVisible();
    await userEvent.type(screen.getByLabelText("Price, EUR"), "25,5{Enter}");
    await userEvent.type(screen.getByLabelText("At which shop"), "Barn Supplies{Enter}");
    await userEvent.click(screen.getByRole("button", { name: "Note it" }));
    await userEvent.click(screen.getAllByLabelText("Go by this one whatever is newer")[1] as HTMLElement);
    await userEvent.click(
      screen.getByRole("button", { name: /Forget the price of Cedar board of 2027-02-01/ }),
    );
    expect(submit.mock.calls.map(([change]) => change)).toMatchObject([
      { kind: "PutQuote", quote: { amount: { amount: "25.5" }, shop: "Barn Supplies", pinned: false } },
      {
        kind: "Batch",
        changes: [
          { kind: "PutQuote", quote: { id: "b", pinned: false } },
          { kind: "PutQuote", quote: { id: "a", pinned: true } },
        ],
      },
      { kind: "RemoveQuote", quote: "b" },
    ]);
  });
});
