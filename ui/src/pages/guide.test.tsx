// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import { expect, it } from "vitest";
import { atDesk, deskFor } from "../testing/desk";
import { TRADE_STEPS } from "../workspace/desk";
import { STEP_LABELS } from "../workspace/stepLabels";
import { GuidePage } from "./GuidePage";

it("the guide tells every step in the order of the work, and what the program never decides", () => {
  atDesk(deskFor().desk, <GuidePage />);
  const [order] = screen.getAllByRole("list");
  const headings = within(order as HTMLElement)
    .getAllByRole("heading")
    .map(({ textContent }) => textContent);
  expect(headings).toEqual(TRADE_STEPS.map((step, index) => `${String(index + 1)} ${STEP_LABELS[step]}`));
  const never = screen.getByRole("region", { name: "What this program never decides" });
  for (const matter of [/law/, /cables and pipes/, /licensed trade/, /nobody has tested/])
    expect(within(never).getByText(matter)).toBeInTheDocument();
});
