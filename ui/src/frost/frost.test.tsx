// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { atDesk, deskFor, plan } from "../testing/desk";
import type { Desk } from "../workspace/desk";
import { FrostSection } from "./FrostSection";
import { words } from "./words";

const last = { early: "--04-17", middle: "--05-01", late: "--05-15" };
const first = { early: "--09-26", middle: "--10-10", late: "--10-24" };
const lastMiddle = `${words.frosts.last}, ${words.years.middle}`;

function opened(told: Parameters<typeof FrostSection>[0]["told"], frosts: typeof plan.frosts = []) {
  const submit = vi.fn<Desk["submit"]>();
  const { desk } = deskFor({ plan: { ...plan, frosts }, step: "crops", submit });
  atDesk(desk, <FrostSection told={told} />);
  return submit;
}

async function write(label: string, text: string) {
  const field = screen.getByLabelText(label);
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
}

describe("frost", () => {
  it("keeps the days that are told, and the one that is changed", async () => {
    const submit = opened({ basis: "GUESS", last, first });
    screen.getByText(words.basis.GUESS);
    await write(lastMiddle, "24 April");
    expect(submit.mock.lastCall?.[0]).toMatchObject({
      kind: "PutFrost",
      frost: { name: words.ownNotes, last: { ...last, middle: "--04-24" }, first },
    });
  });

  it("says what is no day, and keeps it to be mended", async () => {
    const submit = opened({ basis: "GUESS", last, first });
    await write(lastMiddle, "31 April");
    screen.getByText(words.noDay);
    expect(screen.getByLabelText(lastMiddle)).toHaveProperty("value", "31 April");
    expect(submit).not.toHaveBeenCalled();
  });

  it("shows why the garden did not take a day beside it", async () => {
    const submit = opened({ basis: "GUESS", last, first });
    await write(lastMiddle, "1 April");
    submit.mock.lastCall?.[1]?.("it comes before the day that stands before it");
    await screen.findByText(/comes before the day/);
  });

  it("may never come", async () => {
    const known = { id: "frost", name: "The coast", last, first };
    const submit = opened({ basis: "NOTED", last, first }, [known]);
    screen.getByText(words.basis.NOTED("The coast"));
    await userEvent.click(screen.getByText(words.title));
    await userEvent.click(screen.getByLabelText(words.never));
    expect(submit.mock.lastCall?.[0]).toEqual({
      kind: "PutFrost",
      frost: { id: "frost", name: "The coast", last: undefined, first: undefined },
    });
    await userEvent.click(screen.getByRole("button", { name: words.forget }));
    expect(submit.mock.lastCall?.[0]).toEqual({ kind: "RemoveFrost", frost: "frost" });
  });

  it("comes back with usual days", async () => {
    const submit = opened({ basis: "NOTED", last: undefined, first: undefined }, [
      { id: "frost", name: "The coast" },
    ]);
    await userEvent.click(screen.getByText(words.title));
    expect(screen.queryByLabelText(lastMiddle)).toBeNull();
    await userEvent.click(screen.getByLabelText(words.never));
    expect(submit.mock.lastCall?.[0]).toMatchObject({ frost: { last: { middle: "--05-01" } } });
  });
});
