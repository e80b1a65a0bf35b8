// @vitest-environment jsdom
import "../testing/setup";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { BrowserRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { GardensPage } from "./GardensPage";

const asked: string[] = [];
const plot = [
  { x: 0, y: 0 },
  { x: 10, y: 0 },
  { x: 10, y: 8 },
];
let gardens = [{ id: "g1", name: "Back yard", firstSeason: 2027, touchedAt: new Date().toISOString() }];
let deleted: { id: string; name: string; until: string }[] = [];

function answer(method: string, path: string, body: unknown): unknown {
  if (method !== "GET")
    asked.push(`${method} ${path} ${body === undefined ? "" : JSON.stringify(body)}`.trim());
  if (path === "/api/session") return { name: "rosa" };
  if (path === "/api/gardens") return gardens;
  if (path === "/api/gardens/deleted") return deleted;
  if (path === "/api/shared") return [];
  if (path.endsWith("/picture")) return { ground: [plot], beds: [plot] };
  if (method === "PUT") gardens = gardens.map((garden) => ({ ...garden, ...(body as { name: string }) }));
  if (method === "DELETE") {
    deleted = gardens.map(({ id, name }) => ({ id, name, until: "2026-12-05T10:00:00Z" }));
    gardens = [];
  }
  return {};
}

beforeEach(() => {
  asked.length = 0;
  vi.stubGlobal(
    "fetch",
    vi.fn((path: string, { method, body }: { method: string; body?: string }) =>
      Promise.resolve(
        new Response(
          JSON.stringify(answer(method, path, body === undefined ? undefined : JSON.parse(body))),
          {
            headers: { "Content-Type": "application/json" },
          },
        ),
      ),
    ),
  );
});

afterEach(() => {
  vi.unstubAllGlobals();
});

describe("the list of gardens", () => {
  it("shows each with its plan and its last edit, names it anew, and brings back what was deleted", async () => {
    const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    render(
      <QueryClientProvider client={client}>
        <BrowserRouter>
          <GardensPage />
        </BrowserRouter>
      </QueryClientProvider>,
    );
    expect(await screen.findByRole("img", { name: "Plan of Back yard" })).toBeInTheDocument();
    expect(screen.getByText(/edited today/)).toBeInTheDocument();

    await userEvent.click(screen.getByRole("button", { name: "Rename Back yard" }));
    await userEvent.keyboard("{Escape}");
    expect(asked).toEqual([]);
    await userEvent.click(screen.getByRole("button", { name: "Rename Back yard" }));
    await userEvent.keyboard("Front yard{Enter}");
    expect(await screen.findByRole("link", { name: "Front yard" })).toBeInTheDocument();
    await userEvent.click(screen.getByRole("button", { name: "Copy Front yard" }));

    await userEvent.click(screen.getByRole("button", { name: "Delete Front yard" }));
    const gone = within(await screen.findByRole("region", { name: "Deleted gardens" }));
    expect(gone.getByText("kept until 5 December 2026")).toBeInTheDocument();
    await userEvent.click(gone.getByRole("button", { name: "Bring Front yard back" }));
    expect(asked).toEqual([
      'PUT /api/gardens/g1/name {"name":"Front yard"}',
      "POST /api/gardens/g1/copy",
      "DELETE /api/gardens/g1",
      "POST /api/gardens/deleted/g1",
    ]);
  });
});
