// @vitest-environment jsdom
import "../testing/setup";
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { Choice } from "../parts/Choice";
import { TERMS } from "./terms";

function choice() {
  render(
    <>
      <button type="button">before</button>
      <Choice
        label="Courses"
        explain="course"
        value="1"
        options={[{ value: "1", label: "1" }]}
        onChange={() => undefined}
      />
    </>,
  );
  return screen.getByRole("button", { name: "What does this mean?" });
}

describe("a word that may be new", () => {
  it("is explained while the pointer is on its mark", async () => {
    const mark = choice();
    expect(screen.queryByText(TERMS.course.says)).toBeNull();
    await userEvent.hover(mark);
    expect(await screen.findByText(TERMS.course.says)).toBeVisible();
    await userEvent.unhover(mark);
    expect(screen.queryByText(TERMS.course.says)).toBeNull();
  });

  it("is explained to whoever gets there by Tab, and the field keeps its own name", async () => {
    choice();
    await userEvent.click(screen.getByRole("button", { name: "before" }));
    await userEvent.tab();
    expect(await screen.findByText(TERMS.course.says)).toBeVisible();
    expect(screen.getByRole("combobox")).toHaveAccessibleName("Courses");
    await userEvent.keyboard("{Escape}");
    expect(screen.queryByText(TERMS.course.says)).toBeNull();
  });

  it("is explained in two sentences at most", () => {
    for (const { says } of Object.values(TERMS)) expect(says.split(/[.:] /).length).toBeLessThanOrEqual(3);
  });
});
