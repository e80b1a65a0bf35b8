// @vitest-environment jsdom
import "../testing/setup";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { MemoryRouter, Route, Routes } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Shopping } from "../api/types";
import ShoppingPage from "./ShoppingPage";

const euro = (amount: string) => ({ amount, currency: "EUR" });
const list: Shopping = {
  garden: "Yard",
  list: {
    season: 2027,
    shops: [
      {
        shop: "Timber & Twine",
        things: [
          { item: "boards", label: "Cedar 2x10", part: "FRAMES", quantity: 4, amount: euro("120.00") },
        ],
      },
      { things: [{ item: "bags", label: "Garden mix", part: "FILL", quantity: 12.5 }] },
    ],
    total: euro("120.00"),
    unpriced: 1,
  },
  ticked: ["bags"],
  asOf: "2027-03-01T08:30:00Z",
};

function answering(shopping: Shopping, tick: () => Promise<Response>) {
  const fetch = vi.fn((path: string) =>
    path.endsWith("/ticks")
      ? tick()
      : Promise.resolve(
          new Response(JSON.stringify(shopping), { headers: { "Content-Type": "application/json" } }),
        ),
  );
  vi.stubGlobal("fetch", fetch);
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter initialEntries={["/gardens/g/shopping?season=2027"]}>
        <Routes>
          <Route path="/gardens/:garden/shopping" element={<ShoppingPage />} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return fetch;
}

beforeEach(() => {
  window.localStorage.clear();
});
afterEach(() => {
  vi.unstubAllGlobals();
});

describe("the shopping list on a phone", () => {
  it("goes by shop, and knows what is in the cart", async () => {
    answering(list, () => Promise.resolve(new Response(null, { status: 204 })));
    expect(await screen.findByText("At Timber & Twine, as last time")).toBeInTheDocument();
    expect(screen.getByTestId("done")).toHaveTextContent("1 of 2");
    expect(screen.getByLabelText(/Garden mix/)).toBeChecked();
    expect(screen.getByText("no price")).toBeInTheDocument();
  });

  it("keeps a tick that went through, and takes it away again", async () => {
    answering(list, () => Promise.resolve(new Response(null, { status: 204 })));
    await userEvent.click(await screen.findByText("Cedar 2x10"));
    await vi.waitFor(() => {
      expect(window.localStorage.getItem("fairacre.outbox")).toBe("[]");
    });
    expect(screen.getByLabelText(/Cedar 2x10/)).toBeChecked();
    await userEvent.click(screen.getByText("Garden mix"));
    await vi.waitFor(() => {
      expect(screen.getByTestId("done")).toHaveTextContent("1 of 2");
    });
    expect(screen.getByLabelText(/Garden mix/)).not.toBeChecked();
  });

  it("ticks with a tap anywhere on the row, without a signal too", async () => {
    const fetch = answering(list, () => Promise.reject(new TypeError("no network")));
    const row = await screen.findByText("Cedar 2x10");
    await userEvent.click(row);
    expect(screen.getByLabelText(/Cedar 2x10/)).toBeChecked();
    expect(screen.getByTestId("done")).toHaveTextContent("2 of 2");
    const waiting = await screen.findByRole("button", { name: /1 waits for a signal/ });
    await userEvent.click(waiting);
    expect(screen.getByRole("list", { name: "What waits to be sent" })).toHaveTextContent(
      "Bought: Cedar 2x10",
    );
    expect(fetch.mock.calls.some(([path]) => path === "/api/gardens/g/shopping/ticks")).toBe(true);
  });

  it("says so when nothing is left", async () => {
    answering({ ...list, list: { ...list.list, shops: [] } }, () => Promise.resolve(new Response(null)));
    expect(await screen.findByText("Nothing is left to buy for 2027.")).toBeInTheDocument();
    expect(within(document.body).queryByRole("checkbox")).toBeNull();
  });
});
