// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { atDesk, deskFor } from "../testing/desk";
import { BedsPanel } from "./BedsPanel";

function both() {
  const made = deskFor({ selection: new Set(["beans", "kale"]) });
  atDesk(made.desk, <BedsPanel />);
  return made;
}

describe("several beds at once", () => {
  it("show what they share and leave empty what differs", () => {
    both();
    expect(screen.getByLabelText("Length of all 2")).toHaveValue("2.40 m");
    expect(screen.getByLabelText("Width of all 2")).toHaveValue("");
  });

  it("take one size as one edit, each where it stands", async () => {
    const { submit } = both();
    await userEvent.type(screen.getByLabelText("Width of all 2"), "1.2{Enter}");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      kind: "Batch",
      label: "Resize 2 beds",
      changes: [
        { kind: "ReshapeBed", bed: "beans", outline: { width: 1.2, centre: { x: 3, y: 2.1 } } },
        { kind: "ReshapeBed", bed: "kale", outline: { width: 1.2, centre: { x: 3, y: 4.8 } } },
      ],
    });
  });

  it("are named by a pattern, numbered from the top of the sheet down", async () => {
    const { submit } = both();
    await userEvent.type(screen.getByLabelText(/^Names, #/), "Row # (east){Enter}");
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      label: "Rename 2 beds",
      changes: [
        { kind: "RenameBed", bed: "kale", name: "Row 1 (east)" },
        { kind: "RenameBed", bed: "beans", name: "Row 2 (east)" },
      ],
    });
  });

  it("are tended by somebody or not, all of them", async () => {
    const { submit } = both();
    await userEvent.click(screen.getByLabelText("Maren"));
    expect(submit.mock.calls[0]?.[0]).toMatchObject({
      changes: [
        { kind: "TendBed", bed: "beans", gardeners: ["ada"] },
        { kind: "TendBed", bed: "kale", gardeners: ["ada"] },
      ],
    });
  });
});
