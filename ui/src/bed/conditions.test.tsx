// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { describe, expect, it, vi } from "vitest";
import type { Wish } from "../api/types";
import { atDesk, deskFor } from "../testing/desk";
import { ConditionFields } from "./ConditionFields";

const changed = vi.fn();

function Kept() {
  const [conditions, setConditions] = useState<Wish["conditions"]>({ keep: [], leaveOut: [] });
  return (
    <ConditionFields
      conditions={conditions}
      onChange={(next) => {
        changed(next);
        setConditions(next);
      }}
    />
  );
}

const type = (label: string, text: string) => userEvent.type(screen.getByLabelText(label), `${text}{Enter}`);

describe("limits of arrangements", () => {
  it("are a sum, numbers of beds, a width, and manners that are left out; each can be taken off", async () => {
    atDesk(deskFor().desk, <Kept />);
    await userEvent.click(screen.getByText("Limits"));
    await type("At most, EUR", "1.250,50");
    await type("Least beds", "4");
    await type("Most beds", "6");
    await type("Widest bed", "90 cm");
    await userEvent.click(screen.getByRole("checkbox", { name: "Comb for wheels" }));
    const all = {
      keep: [],
      leaveOut: ["COMB"],
      budget: { amount: "1250.50", currency: "EUR" },
      leastBeds: 4,
      mostBeds: 6,
      widest: 0.9,
    };
    expect(changed).toHaveBeenLastCalledWith(all);
    await userEvent.clear(screen.getByLabelText("Most beds"));
    await userEvent.keyboard("{Enter}");
    await userEvent.click(screen.getByRole("checkbox", { name: "Comb for wheels" }));
    const { mostBeds, ...others } = all;
    expect(mostBeds).toBe(6);
    expect(changed).toHaveBeenLastCalledWith({ ...others, leaveOut: [] });
  });

  it("say at their field what is no sum and no number, and keep what was typed", async () => {
    changed.mockClear();
    atDesk(deskFor().desk, <Kept />);
    await userEvent.click(screen.getByText("Limits"));
    await type("Most beds", "six");
    expect(screen.getByLabelText("Most beds")).toHaveAccessibleDescription("Write a number of beds.");
    expect(screen.getByLabelText("Most beds")).toHaveValue("six");
    await type("At most, EUR", "much");
    expect(screen.getByLabelText("At most, EUR")).toHaveAccessibleDescription("Write a sum.");
    expect(changed).not.toHaveBeenCalled();
  });
});
