// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { atDesk, deskFor, report, snag } from "../testing/desk";
import { setAside } from "./aside";
import { SnagSlip } from "./SnagSlip";

const entry = {
  id: "entry",
  rule: snag.rule,
  about: ["kale", "maren"],
  ...(snag.place && { place: snag.place }),
  weight: snag.weight,
  words: snag.words,
  reason: "Ada does that end",
};

describe("a snag that is put aside", () => {
  it("is kept as it is, with the reason, once one is given", async () => {
    const user = userEvent.setup();
    const { desk, submit } = deskFor();
    atDesk(desk, <SnagSlip />);
    await user.click(screen.getByRole("button", { name: /Kale: out of reach/ }));
    await user.click(screen.getByRole("button", { name: "Put aside …" }));
    expect(screen.getByRole("button", { name: "Put aside" })).toBeDisabled();
    await user.keyboard("Ada does that end{Enter}");
    expect(submit.mock.calls.map(([change]) => change)).toEqual([
      {
        kind: "PutSetAside",
        setAside: { ...entry, id: expect.any(String) as string },
      },
    ]);
  });

  it("stands below the others with its reason, and can be brought back", async () => {
    const user = userEvent.setup();
    const judged = { ...report, snags: [], aside: [{ entry, snag }] };
    const { desk, submit } = deskFor({ judged, report: judged });
    atDesk(desk, <SnagSlip />);
    const aside = within(screen.getByRole("region", { name: "Snags put aside" }));
    await user.click(aside.getByRole("button", { name: /Put aside/ }));
    expect(aside.getByText("“Ada does that end”")).toBeVisible();
    await user.click(aside.getByRole("button", { name: "Bring back" }));
    expect(submit.mock.calls.map(([change]) => change)).toEqual([
      { kind: "RemoveSetAside", setAside: "entry" },
    ]);
  });

  it("replaces what it was put aside as before, without the words of that", () => {
    const grown = {
      ...snag,
      extent: 0.7,
      words: `${snag.words} You had put it aside (“x”); it has grown since.`,
    };
    expect(setAside(grown, " Still so ", [entry])).toEqual({
      kind: "PutSetAside",
      setAside: { ...entry, extent: 0.7, reason: "Still so" },
    });
  });

  it("without beds, things or people is known by its place", () => {
    const where = { ...snag, beds: [], gardeners: [] };
    expect(setAside(where, "x", [])).toMatchObject({ setAside: { about: [], place: snag.place } });
  });
});
