import { describe, expect, it } from "vitest";
import { deskFor } from "../testing/desk";
import { otherwise } from "./Ghosts";

describe("outlines of another season", () => {
  it("show what is not there now or stands otherwise, and nothing that stays as it is", () => {
    const { desk } = deskFor();
    // In 2027 the old bed still stands; beans stand as they do in 2028, and kale is not built yet.
    expect(otherwise(desk, 2027).map(({ id }) => id)).toEqual(["old"]);
    expect(otherwise(desk, 2029)).toEqual([]);
    const later = deskFor({ things: new Map([...desk.things].filter(([id]) => id !== "kale")) }).desk;
    expect(otherwise(later, 2028).map(({ id }) => id)).toEqual(["kale"]);
  });

  it("show what another version has otherwise in the same season", () => {
    const { desk } = deskFor();
    expect(otherwise(desk, 2028, desk.plan)).toEqual([]);
    const beds = desk.plan.beds.map((bed) =>
      bed.id === "beans"
        ? {
            ...bed,
            revisions: bed.revisions.map((revision) => ({
              ...revision,
              outline: { ...revision.outline, length: revision.outline.length + 0.5 },
            })),
          }
        : bed,
    );
    expect(otherwise(desk, 2028, { ...desk.plan, beds }).map(({ id }) => id)).toEqual(["beans"]);
  });
});
