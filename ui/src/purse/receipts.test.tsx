// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { LedgerPage } from "../api/types";
import { atDesk, deskFor, plan } from "../testing/desk";
import { upTo } from "./PurseCharts";
import { BudgetShares } from "./BudgetShares";
import { Receipts } from "./Receipts";

const euro = (amount: string) => ({ amount, currency: "EUR" });
const empty: LedgerPage = {
  forecast: {
    budget: euro("1000.00"),
    planned: euro("180.00"),
    paid: euro("0.00"),
    committed: euro("0.00"),
    toCome: euro("180.00"),
    held: euro("100.00"),
    left: euro("820.00"),
    state: "WITHIN",
    byPart: [
      {
        part: "FILL",
        planned: euro("180.00"),
        paid: euro("0.00"),
        committed: euro("0.00"),
        toCome: euro("180.00"),
      },
    ],
    bySeason: [
      {
        season: 2027,
        planned: euro("120.00"),
        paid: euro("0.00"),
        committed: euro("0.00"),
        toCome: euro("120.00"),
      },
      {
        season: 2028,
        planned: euro("60.00"),
        paid: euro("5.00"),
        committed: euro("0.00"),
        toCome: euro("36.00"),
      },
    ],
    shares: [],
    surprises: [],
  },
  entries: [],
  count: 0,
  page: 0,
  pages: 1,
};
const one: LedgerPage = {
  ...empty,
  count: 1,
  entries: [
    {
      id: "r1",
      date: "2027-04-03",
      shop: "Timber & Twine",
      enteredAt: "2027-04-03T10:00:00Z",
      lines: [{ text: "Twine", quantity: 2, amount: euro("9.00"), cost: euro("8.10"), part: "OTHER" }],
      discount: euro("0.90"),
      tax: euro("0.00"),
      total: euro("8.10"),
      paper: euro("9.10"),
      difference: euro("1.00"),
      reversed: false,
      ordered: false,
      settled: false,
    },
  ],
};

const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { "Content-Type": "application/json" } });

function answering(...answers: Response[]) {
  const fetched = vi.fn<(path: string, init: RequestInit) => Promise<Response>>();
  answers.forEach((answer) => fetched.mockResolvedValueOnce(answer));
  fetched.mockImplementation(() => Promise.resolve(json(empty)));
  vi.stubGlobal("fetch", fetched);
  atDesk(deskFor().desk, <Receipts />);
  return fetched;
}

async function type(label: string, text: string) {
  const field = screen.getByLabelText(label);
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
}

describe("shares of the budget", () => {
  it("are set for a part or a season, and tell what is left of them", async () => {
    const fill = { part: "FILL" as const, amount: euro("150.00") };
    const budget = { ...plan.budget, shares: [fill] };
    const { desk, submit } = deskFor({ plan: { ...plan, budget } });
    const forecast = { ...empty.forecast, shares: [{ ...fill, left: euro("-30.00") }] };
    atDesk(desk, <BudgetShares forecast={forecast} />);
    await userEvent.click(screen.getByText("Shares of the budget, by part and by season"));
    expect(screen.getByText("−€30.00 left")).toHaveClass("text-snag");
    await userEvent.type(screen.getByLabelText("Share of 2028, EUR"), "62,5{Enter}");
    const season = { season: 2028, amount: euro("62.5") };
    expect(submit.mock.calls[0]?.[0]).toEqual({
      kind: "SetBudget",
      budget: { ...budget, shares: [fill, season] },
    });
    await userEvent.clear(screen.getByLabelText("Share of fill, EUR"));
    await userEvent.tab();
    expect(submit.mock.calls[1]?.[0]).toMatchObject({ budget: { shares: [] } });
  });
});

describe("receipts", () => {
  afterEach(() => {
    vi.unstubAllGlobals();
  });

  it("say when one doesn't add up, and take it back by an entry of its own", async () => {
    const fetched = answering(json(one));
    expect(await screen.findByText(/Doesn’t add up/)).toHaveTextContent("the paper says");
    await userEvent.click(screen.getByText("Timber & Twine"));
    await userEvent.click(screen.getByRole("button", { name: "Take this receipt back" }));
    expect(fetched.mock.calls.some(([path]) => path.endsWith("/ledger/r1/reversal"))).toBe(true);
  });

  it("take a percentage as a discount, which the program works out", async () => {
    const fetched = answering(json(empty), json(empty));
    await userEvent.click(await screen.findByText("Enter a receipt or an order"));
    await type("All, EUR", "9,50");
    await type("Discount or %", "2,5 %");
    await userEvent.click(screen.getByRole("button", { name: "Enter it" }));
    const sent = fetched.mock.calls.find(([, init]) => init?.method === "POST")?.[1].body as string;
    expect(JSON.parse(sent)).toMatchObject({ percentOff: 2.5, receipt: { discount: euro("0") } });
  });

  it("are entered with commas, and a doubtful one is kept until it is meant", async () => {
    const asked = json({ detail: "One is entered already.", field: "again", next: "Look for it." }, 422);
    const fetched = answering(json(empty), asked);
    await userEvent.click(await screen.findByText("Enter a receipt or an order"));
    await type("Shop", "Barn Supplies");
    await type("What", "Twine");
    await type("All, EUR", "9,50");
    await userEvent.click(screen.getByRole("button", { name: "Enter it" }));
    expect(await screen.findByRole("alert")).toHaveTextContent("One is entered already. Look for it.");
    expect(screen.getByLabelText("Shop")).toHaveValue("Barn Supplies");
    await userEvent.click(screen.getByRole("button", { name: "It is another one: enter it" }));
    const sent = fetched.mock.calls.filter(([, init]) => init.method === "POST");
    expect(JSON.parse(sent.at(-1)?.[1].body as string)).toMatchObject({
      again: true,
      receipt: {
        shop: "Barn Supplies",
        lines: [{ text: "Twine", quantity: 1, amount: euro("9.50"), part: "OTHER" }],
      },
    });
  });

  it("are read from pasted lines, and what can't be read is told", async () => {
    const line = { text: "Rope", quantity: 2, amount: euro("27.00"), part: "OTHER" };
    const rejected = [{ row: 3, text: "Thanks", reason: "it doesn't end in an amount" }];
    answering(json(empty), json({ lines: [line], paper: euro("27.00"), rejected }));
    await userEvent.click(await screen.findByText("Enter a receipt or an order"));
    await userEvent.click(screen.getByText("Paste its lines, or read a file"));
    await userEvent.type(screen.getByLabelText(/Lines as in an order mail/), "2 x Rope 27.00");
    await userEvent.click(screen.getByRole("button", { name: "Take these lines" }));
    expect(await screen.findByText(/Thanks/)).toHaveTextContent(
      "Line 3, “Thanks”: it doesn't end in an amount",
    );
    expect(screen.getByLabelText("What")).toHaveValue("Rope");
    expect(screen.getByLabelText("Pieces")).toHaveValue("2");
    expect(screen.getByLabelText("Paper’s total")).toHaveValue("27.00");
  });

  it("pay for orders, whose lines stand in the form already", async () => {
    const [receipt] = one.entries;
    if (!receipt) throw new Error("there is none");
    const fetched = answering(json({ ...one, entries: [{ ...receipt, id: "o1", ordered: true }] }));
    await userEvent.click(await screen.findByText("Timber & Twine, ordered"));
    await userEvent.click(screen.getByRole("button", { name: "It is paid: enter its receipt" }));
    expect(screen.getByLabelText("What")).toHaveValue("Twine");
    await userEvent.click(screen.getByRole("button", { name: "Enter it" }));
    const sent = fetched.mock.calls.filter(([, init]) => init.method === "POST");
    expect(JSON.parse(sent.at(-1)?.[1].body as string)).toMatchObject({
      receipt: { settles: "o1", ordered: false, shop: "Timber & Twine", discount: euro("0.90") },
    });
  });

  it("keep a picture that is refused out, and say that the receipt itself is entered", async () => {
    const refused = json({ detail: "It is no picture.", field: "scan", next: "Choose another." }, 422);
    const fetched = answering(json(empty), json(empty), refused);
    await userEvent.click(await screen.findByText("Enter a receipt or an order"));
    await type("Shop", "Barn Supplies");
    await userEvent.upload(
      screen.getByLabelText(/Photo or PDF of the paper/),
      new File(["x"], "x.png", { type: "image/png" }),
    );
    await userEvent.click(screen.getByRole("button", { name: "Enter it" }));
    expect(await screen.findByRole("alert")).toHaveTextContent(
      "It is no picture. Choose another. The receipt itself is entered",
    );
    expect(fetched.mock.calls.some(([path, init]) => path.endsWith("/scan") && init.method === "PUT")).toBe(
      true,
    );
  });

  it.each([
    ["820.00", "€820.00 left, €100.00 of it held back for surprises."],
    ["60.00", "€60.00 left of the €100.00 held back for surprises."],
    ["-5.00", "−€5.00 left: the budget does not suffice."],
  ])("leave %s, and what of it is held back", async (left, told) => {
    answering(json({ ...empty, forecast: { ...empty.forecast, left: euro(left) } }));
    expect(await screen.findByTestId("contingency")).toHaveTextContent(told);
  });

  it("have a column for what is ordered once something is", async () => {
    answering(json({ ...empty, forecast: { ...empty.forecast, committed: euro("20.00") } }));
    expect(within(await screen.findByTestId("forecast")).getByText("Ordered")).toBeVisible();
  });

  it("tell the five largest surprises at once and the smaller ones on asking", async () => {
    const surprises = Array.from({ length: 7 }, (_, i) => ({
      item: `thing-${String(i)}`,
      label: `Thing ${String(i)}`,
      planned: euro("10.00"),
      paid: euro("12.00"),
      more: euro("2.00"),
    }));
    answering(json({ ...empty, forecast: { ...empty.forecast, surprises } }));
    expect(await screen.findByText(/^Thing 4/)).toBeVisible();
    expect(screen.getByText(/^Thing 5/)).not.toBeVisible();
    await userEvent.click(screen.getByText("2 smaller ones"));
    expect(screen.getByText(/^Thing 5/)).toBeVisible();
  });

  it("as a chart stand on the seasons before", () => {
    const season = (year: number, paid: number, ordered: number, toCome: number) => ({
      season: year,
      paid,
      ordered,
      toCome,
    });
    expect(
      upTo([season(2027, 5, 10, 15), season(2028, 0, 0, 7), season(2029, 1, 0, 0)]).map(
        ({ before }) => before,
      ),
    ).toEqual([0, 30, 37]);
  });

  it("stand part by part beside what was planned", async () => {
    answering(json(empty));
    const table = await screen.findByTestId("forecast");
    expect(within(table).getByText("fill").closest("tr")).toHaveTextContent("180.00");
  });

  it("stand season by season as well", async () => {
    answering(json(empty));
    const table = within(await screen.findByTestId("forecast-by-season"));
    expect(table.getByText("2028").closest("tr")).toHaveTextContent("202860.005.0036.00");
  });
});
