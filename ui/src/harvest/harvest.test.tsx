// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import type { Food, HarvestTold } from "./harvest";
import { HarvestPaper } from "./HarvestPaper";
import { HouseholdSection } from "./HouseholdSection";
import { words } from "./words";

const wish = { id: "wish", crop: "carrot", want: "MAY" as const };

function months(...some: number[]): number[] {
  return Array.from({ length: 12 }, (_, index) => some[index - 5] ?? 0);
}

const carrots: Food = {
  crop: "carrot",
  name: "Carrot",
  want: "MUST",
  wanted: 30,
  harvest: { usual: 12, low: 7, high: 18 },
  enough: "SHORT",
  eaten: 12,
  plants: 96,
  area: 3.4,
  picked: months(8, 4),
  eatenByMonth: months(5, 5, 2),
  stored: 3.2,
  storedOn: "2028-07-08",
};

const told: HarvestTold = {
  months: Array.from({ length: 12 }, (_, index) => `2028-${String(index + 1).padStart(2, "0")}-01`),
  eaters: 3,
  foods: [carrots],
};

describe("what we eat", () => {
  it("grows by crops that are eaten, and says how many eat", async () => {
    const submit = vi.fn();
    atDesk(deskFor({ submit }).desk, <HouseholdSection />);
    await userEvent.click(screen.getByText(words.title));
    expect(screen.getByText(words.nothing)).toBeInTheDocument();
    await userEvent.click(screen.getByRole("button", { name: words.addIt("Carrot") }));
    expect(submit.mock.lastCall?.[0]).toMatchObject({
      kind: "PutCropWish",
      cropWish: { crop: "carrot", want: "MAY" },
    });
    const eaters = screen.getByLabelText(words.eaters);
    await userEvent.clear(eaters);
    await userEvent.type(eaters, "2,5{Enter}");
    expect(submit.mock.lastCall?.[0]).toMatchObject({ kind: "PutHousehold", household: { eaters: 2.5 } });
    await userEvent.type(eaters, "many{Enter}");
    expect(screen.getByText(words.noNumber)).toBeInTheDocument();
    expect(eaters).toHaveValue("2many");
  });

  it("tells the usual amount, takes another one, and gives it up again", async () => {
    const submit = vi.fn();
    const wished = { ...plan, cropWishes: [{ ...wish, kilograms: 12 }] };
    atDesk(deskFor({ plan: wished, submit }).desk, <HouseholdSection />);
    await userEvent.click(screen.getByText(words.title));
    const amount = screen.getByLabelText(words.amount("Carrot"));
    expect(amount).toHaveAttribute("placeholder", words.usual("20 kg"));
    await userEvent.clear(amount);
    await userEvent.type(amount, "20 lb{Enter}");
    const taken: unknown = submit.mock.lastCall?.[0];
    expect(taken).toMatchObject({ kind: "PutCropWish", cropWish: { id: "wish" } });
    expect((taken as { cropWish: { kilograms: number } }).cropWish.kilograms).toBeCloseTo(9.0718474);
    await userEvent.clear(amount);
    await userEvent.type(amount, "{Enter}");
    expect(submit.mock.lastCall?.[0]).toEqual({ kind: "PutCropWish", cropWish: wish });
    await userEvent.selectOptions(screen.getByLabelText(words.want("Carrot")), "not here");
    expect(submit.mock.lastCall?.[0]).toMatchObject({ cropWish: { want: "NEVER" } });
    await userEvent.click(screen.getByTitle(words.takeOff("Carrot")));
    expect(submit.mock.lastCall?.[0]).toEqual({ kind: "RemoveCropWish", cropWish: "wish" });
    // All that is eaten of the catalogue is wished for.
    expect(screen.queryByLabelText(words.add)).not.toBeInTheDocument();
  });
});

describe("the harvest", () => {
  it("is told against what is eaten, month by month, with what is to be stored", async () => {
    answering({ "/harvest": told });
    atDesk(deskFor({ step: "crops" }).desk, <HarvestPaper />);
    const rows = await screen.findAllByRole("row");
    const text = rows.map((row) => row.textContent).join("|");
    expect(text).toContain("Carrothas to grow30 kg12 kg7.0 kg to 18 kgtoo little96");
    expect(text).toContain("3.2 kg about 8 Jul");
    const chart = within(screen.getByTestId("harvest-chart")).getByRole("img");
    expect(chart).toHaveAccessibleName(expect.stringContaining("June: 8.0 kg picked, 5.0 kg eaten"));
    expect(screen.getByText(words.few).parentElement).toHaveTextContent("Carrot.");
    expect(screen.queryByText(words.much)).not.toBeInTheDocument();
  });

  it("says so if there is none", async () => {
    answering({ "/harvest": { ...told, foods: [] } });
    atDesk(deskFor({ step: "crops" }).desk, <HarvestPaper />);
    expect(await screen.findByText(words.nobodyYet)).toBeInTheDocument();
  });
});
