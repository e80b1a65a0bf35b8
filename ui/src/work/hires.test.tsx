// @vitest-environment jsdom
import { fireEvent, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import "../testing/setup";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { CalendarPaper } from "./CalendarPaper";
import { hireWords as words } from "./hireWords";

const euros = (amount: string) => ({ amount, currency: "EUR" });
const auger = {
  id: "auger",
  name: "Auger",
  season: 2028,
  stages: ["POSTS" as const],
  daily: euros("60.00"),
  weekend: euros("90.00"),
  booked: [],
};
const digger = { ...auger, id: "digger", name: "Digger", booked: ["2028-04-08", "2028-04-09"] };
const calendar = {
  begins: "2028-04-01",
  stints: [],
  days: [],
  tasks: [],
  unplaced: [],
  busiest: 0,
  hires: [
    { hire: "auger", days: ["2028-04-01", "2028-04-02"], cost: euros("90.00"), idle: [] },
    { hire: "digger", days: ["2028-04-08"], cost: euros("90.00"), idle: ["2028-04-09"] },
  ],
};

async function opened() {
  answering({
    "/work-calendar": { calendar, moved: [] },
    "/tasks": { stages: [], tasks: [], done: [], learned: [] },
  });
  const { desk, submit } = deskFor({
    plan: { ...plan, hires: [auger, digger, { ...auger, id: "old", name: "Old", season: 2027 }] },
    season: 2028,
  });
  atDesk(desk, <CalendarPaper />);
  const hires = within(screen.getByTestId("hires"));
  await userEvent.click(hires.getByText(words.title(2)));
  await hires.findByText(words.needed(["Sat 1 Apr", "Sun 2 Apr"], "€90.00"));
  return { hires, submit };
}

it("tells on which days a machine is needed, and books them", async () => {
  const { hires, submit } = await opened();
  expect(hires.queryByDisplayValue("Old")).toBeNull();
  await userEvent.click(hires.getByRole("button", { name: words.bookNamed("Auger") }));
  expect(submit.mock.lastCall?.[0]).toEqual({
    kind: "PutHire",
    hire: { ...auger, booked: ["2028-04-01", "2028-04-02"] },
  });
});

it("says on which booked days nothing is done, and leaves days open again", async () => {
  const { hires, submit } = await opened();
  hires.getByText(words.idle(["Sun 9 Apr"]), { exact: false });
  hires.getByText(words.booked(["Sat 8 Apr", "Sun 9 Apr"], "€90.00"), { exact: false });
  await userEvent.click(hires.getByRole("button", { name: words.giveBackNamed("Digger") }));
  expect(submit.mock.lastCall?.[0]).toMatchObject({ hire: { id: "digger", booked: [] } });
  const day = hires.getAllByLabelText(words.bookDay)[1] ?? document.body;
  fireEvent.change(day, { target: { value: "2028-04-15" } });
  await userEvent.click(hires.getAllByRole("button", { name: words.addDay })[1] ?? document.body);
  expect(submit.mock.lastCall?.[0]).toMatchObject({
    hire: { id: "digger", booked: ["2028-04-08", "2028-04-09", "2028-04-15"] },
  });
});

it("changes prices and work, and does without", async () => {
  const { hires, submit } = await opened();
  const [weekend] = hires.getAllByLabelText(words.weekend("EUR"));
  await userEvent.clear(weekend ?? document.body);
  await userEvent.tab();
  expect(submit.mock.lastCall?.[0]).toEqual({
    kind: "PutHire",
    hire: { ...auger, weekend: undefined },
  });
  const [daily] = hires.getAllByLabelText(words.daily("EUR"));
  await userEvent.clear(daily ?? document.body);
  await userEvent.type(daily ?? document.body, "65,5{Enter}");
  expect(submit.mock.lastCall?.[0]).toMatchObject({ hire: { daily: euros("65.5") } });
  await userEvent.click(hires.getAllByLabelText("Hang mesh")[0] ?? document.body);
  expect(submit.mock.lastCall?.[0]).toMatchObject({ hire: { stages: ["POSTS", "MESH"] } });
  await userEvent.click(hires.getByRole("button", { name: words.removeNamed("Auger") }));
  expect(submit.mock.lastCall?.[0]).toEqual({ kind: "RemoveHire", hire: "auger" });
});

it("adds a machine, which stays to be mended where it is refused", async () => {
  const { hires, submit } = await opened();
  const name = hires.getAllByLabelText(words.name).at(-1) ?? document.body;
  await userEvent.type(name, "Tiller");
  await userEvent.type(hires.getAllByLabelText(words.daily("EUR")).at(-1) ?? document.body, "45");
  await userEvent.selectOptions(hires.getByLabelText(words.firstStage), "MESH");
  submit.mockImplementation((_change, refused) => refused?.("Not so."));
  await userEvent.click(hires.getByRole("button", { name: words.add }));
  expect(submit.mock.lastCall?.[0]).toMatchObject({
    kind: "PutHire",
    hire: { name: "Tiller", season: 2028, stages: ["MESH"], daily: euros("45"), booked: [] },
  });
  expect(hires.getByText("Not so.")).toBeVisible();
  expect(name).toHaveValue("Tiller");
});

it("plans for the fewest days of hire", async () => {
  const { submit } = await opened();
  await userEvent.selectOptions(screen.getByLabelText(words.aim), "FEWEST_HIRE_DAYS");
  expect(submit.mock.lastCall?.[0]).toMatchObject({
    kind: "PutWorkSeason",
    workSeason: { season: 2028, aim: "FEWEST_HIRE_DAYS" },
  });
});
