// @vitest-environment jsdom
import "../testing/setup";
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { LengthField } from "./LengthField";

function setup(fault?: string) {
  const onCommit = vi.fn();
  render(<LengthField label="Length" value={2.4} units="METRIC" onCommit={onCommit} fault={fault} />);
  return { onCommit, field: screen.getByLabelText("Length") };
}

describe("a length field", () => {
  it("takes any unit with Enter", async () => {
    const { onCommit, field } = setup();
    await userEvent.clear(field);
    await userEvent.type(field, "4' 3\"{Enter}");
    expect(onCommit).toHaveBeenCalledExactlyOnceWith(1.2954);
  });

  it("says at the field what it can't read, and keeps what was typed", async () => {
    const { onCommit, field } = setup();
    await userEvent.clear(field);
    await userEvent.type(field, "wide{Enter}");
    expect(screen.getByRole("alert")).toHaveTextContent("3'6\"");
    expect(field).toHaveValue("wide");
    expect(onCommit).not.toHaveBeenCalled();
  });

  it("gives up with Escape", async () => {
    const { onCommit, field } = setup();
    await userEvent.clear(field);
    await userEvent.type(field, "9{Escape}");
    expect(field).toHaveValue("2.40 m");
    await userEvent.tab();
    expect(onCommit).not.toHaveBeenCalled();
  });

  it("shows what the program says of it", () => {
    const { field } = setup("4000 m is out of range");
    expect(field).toHaveAccessibleDescription("4000 m is out of range");
    expect(field).toBeInvalid();
  });
});
