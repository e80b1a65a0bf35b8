// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { atDesk, deskFor, plan } from "../testing/desk";
import { SunPaper } from "./SunPaper";
import { words } from "./words";

function answering(answer: unknown) {
  const fetched = vi.fn<typeof fetch>(() =>
    Promise.resolve(
      new Response(JSON.stringify(answer), { headers: { "Content-Type": "application/json" } }),
    ),
  );
  vi.stubGlobal("fetch", fetched);
  return fetched;
}

const [bed] = plan.beds;

it("the sun of each bed is told month by month, with what it is good for", async () => {
  if (!bed) throw new Error("the garden has beds");
  const hours = Array.from({ length: 24 }, (_, half) => half / 2);
  const fetched = answering({
    days: [],
    open: [8.2, 16.4],
    beds: [{ bed: bed.id, hours, least: hours, growing: 6.25, exposure: "fruiting crops" }],
    unknown: ["Old pear"],
  });
  const { desk } = deskFor({ plan });
  atDesk(desk, <SunPaper />);
  const row = await screen.findByRole("row", { name: new RegExp(bed.name) });
  const cells = within(row)
    .getAllByRole("cell")
    .map((cell) => cell.textContent);
  // The mean of 2.0 and 2.5 hours for March.
  expect(cells.join(" ")).toContain("2.3");
  expect(row.textContent).toContain("6.3");
  expect(row.textContent).toContain("fruiting crops");
  screen.getByText(words.about("8.2", "16.4"));
  screen.getByText(words.unknown(["Old pear"]));
  expect(String(fetched.mock.calls[0]?.[0])).toContain("/sun?season=2028");
});
