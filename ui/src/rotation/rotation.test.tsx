// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { RotationPaper } from "./RotationPaper";
import { seasonOfDay } from "../workspace/seasons";
import { grownIn, hueOf, type YearsPlan } from "./years";
import { words } from "./words";

const carrots = {
  id: "carrots",
  name: "Carrots",
  crop: "carrot",
  bed: "beans",
  part: { from: 0, to: 0.5, low: 0, high: 1 },
  layout: "ROWS_ALONG" as const,
  raising: "SOWN" as const,
  interplanted: false,
  from: "2028-04-01",
  until: "2028-08-01",
};

const found: YearsPlan = {
  solved: true,
  plantings: [{ ...carrots, id: "new", name: "Carrot", from: "2029-04-01", until: "2029-08-01" }],
  removed: ["carrots"],
  wishes: [
    { crop: "carrot", name: "Carrot", want: "MUST", season: 2028, wanted: 30, got: 12 },
    { crop: "carrot", name: "Carrot", want: "MUST", season: 2029, wanted: 30, got: 31 },
  ],
  cost: 1000,
  bound: 980,
  unmet: ["Carrot: the beds can't give so much of it every year."],
  edit: {
    kind: "Batch",
    label: "Plan the years 2028 to 2031",
    changes: [{ kind: "RemovePlanting", planting: "carrots" }],
  },
};

function told(state: string, best: YearsPlan[]) {
  return { job: "job", state, revision: 7, done: best.length, steps: 2, best };
}

describe("the rotation", () => {
  it("shows beds by years, what is locked, and what lasts", async () => {
    const planted = {
      ...plan,
      plantings: [
        carrots,
        { ...carrots, id: "old", name: "Rhubarb", from: "2027-04-01", until: "2035-04-01" },
      ],
      plantingLocks: [{ id: "lock", planting: "carrots" }],
    };
    atDesk(deskFor({ plan: planted, step: "crops" }).desk, <RotationPaper />);
    const row = await screen.findByRole("row", { name: /Beans/ });
    expect(row).toHaveTextContent(/Rhubarb.*RhubarbCarrotslocked.*Rhubarb/);
  });

  it("notes what grew before the garden began, and forgets it", async () => {
    const submit = vi.fn();
    const year = plan.firstSeason - 1;
    const before = {
      ...carrots,
      id: "before",
      from: `${String(year)}-05-01`,
      until: `${String(year)}-09-15`,
    };
    const planted = { ...plan, plantings: [before] };
    atDesk(deskFor({ plan: planted, step: "crops", submit }).desk, <RotationPaper />);
    const edit = { kind: "PutPlanting", planting: { ...before, id: "noted" } };
    const asked = answering({ "/plantings/noted": edit });
    await userEvent.selectOptions(await screen.findByLabelText(words.noteAt("Beans", year - 1)), "Carrot");
    expect(asked.mock.lastCall?.[0]).toContain(`season=${String(year - 1)}`);
    expect(JSON.parse(asked.mock.lastCall?.[1]?.body ?? "")).toEqual({ crop: "carrot", beds: ["beans"] });
    expect(submit.mock.lastCall?.[0]).toEqual(edit);
    await userEvent.click(screen.getByRole("button", { name: words.forget("Carrots", year) }));
    expect(submit.mock.lastCall?.[0]).toEqual({ kind: "RemovePlanting", planting: "before" });
  });

  it("plans the years, shows what would be, says what can't be met, and takes it", async () => {
    const submit = vi.fn();
    const asked = answering({ "/years": told("DONE", [found]) });
    const planted = { ...plan, plantings: [carrots] };
    atDesk(deskFor({ plan: planted, step: "crops", submit }).desk, <RotationPaper />);
    await userEvent.click(screen.getByRole("button", { name: words.plan }));
    const outcome = await screen.findByTestId("years-found");
    const question = asked.mock.calls.find(([path]) => String(path).endsWith("/years"));
    expect(JSON.parse(String(question?.[1]?.body))).toMatchObject({ first: 2028, years: 4, cover: true });
    expect(outcome).toHaveTextContent(words.within("2.0"));
    expect(outcome).toHaveTextContent("Carrot: the beds can't give so much");
    expect(outcome).toHaveTextContent(words.takes(1, 1));
    expect(within(outcome).getByRole("row", { name: /Carrot, 30 kg/ })).toHaveTextContent("12 kg31 kg");
    expect(screen.getByRole("row", { name: /Beans/ })).toHaveTextContent(`Carrot${words.planned}`);
    expect(screen.queryByText("Carrots")).not.toBeInTheDocument();
    await userEvent.click(within(outcome).getByRole("button", { name: words.take }));
    expect(submit.mock.lastCall?.[0]).toEqual(found.edit);
    await userEvent.click(within(outcome).getByRole("button", { name: words.leave }));
    expect(screen.queryByTestId("years-found")).not.toBeInTheDocument();
    expect(screen.getByText("Carrots")).toBeInTheDocument();
  });

  it("says that nothing would change, and that no other plan is better", async () => {
    const asked = answering({
      "/years": told("DONE", [
        {
          ...found,
          bound: 1000,
          removed: [],
          unmet: [],
          edit: { kind: "Batch", label: "Plan 2028", changes: [] },
        },
      ]),
    });
    atDesk(deskFor({ step: "crops" }).desk, <RotationPaper />);
    await userEvent.click(screen.getByLabelText(words.cover));
    await userEvent.click(screen.getByRole("button", { name: words.plan }));
    const outcome = await screen.findByTestId("years-found");
    expect(JSON.parse(String(asked.mock.calls[0]?.[1]?.body))).toMatchObject({ cover: false });
    expect(outcome).toHaveTextContent(words.best);
    expect(outcome).toHaveTextContent(words.nothingNew);
    expect(within(outcome).getByRole("button", { name: words.take })).toBeDisabled();
  });

  it("counts seasons from the day on which the gardener's year begins", () => {
    expect(seasonOfDay("2028-06-30", "--07-01")).toBe(2027);
    expect(seasonOfDay("2028-07-01", "--07-01")).toBe(2028);
    expect(seasonOfDay("2028-01-01", undefined)).toBe(2028);
    expect(grownIn([carrots], "beans", 2027, "--07-01")).toHaveLength(1);
    expect(hueOf("Carrot family")).toBe(hueOf("Carrot family"));
    expect(hueOf("Carrot family")).not.toBe(hueOf("Cabbages"));
  });
});
