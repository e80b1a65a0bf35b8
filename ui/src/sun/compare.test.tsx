// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it, vi } from "vitest";
import { atDesk, deskFor, plan } from "../testing/desk";
import { SunCompare } from "./SunCompare";
import { words } from "./words";

const [bed] = plan.beds;
if (!bed) throw new Error("the garden has beds");

it("what if it stood elsewhere: the hours before and after, and done by a click", async () => {
  const change = { kind: "Remove" };
  const fetched = vi.fn<typeof fetch>((path) => {
    const answer = String(path).includes("comparisons")
      ? [
          {
            words: "Turn it by a quarter about its middle",
            change,
            total: -1.24,
            beds: [{ bed: bed.id, before: 7.5, after: 6.26 }],
          },
        ]
      : { beds: [{ bed: bed.id, hours: [], least: [], growing: 7.5, exposure: "", taken: [] }], days: [] };
    return Promise.resolve(
      new Response(JSON.stringify(answer), { headers: { "Content-Type": "application/json" } }),
    );
  });
  vi.stubGlobal("fetch", fetched);
  const { desk, submit } = deskFor();
  atDesk(desk, <SunCompare />);
  await userEvent.selectOptions(await screen.findByLabelText(words.compareWhat), bed.id);
  const list = await screen.findByText(/Turn it by a quarter/);
  expect(list.textContent).toContain("−1.2 h");
  screen.getByText(words.beforeAfter("7.5", "6.3"));
  expect(String(fetched.mock.calls.at(-1)?.[0])).toContain(`comparisons?season=2028&thing=${bed.id}`);
  await userEvent.click(screen.getByRole("button", { name: words.doIt }));
  expect(submit).toHaveBeenCalledWith(change, expect.anything());
});
