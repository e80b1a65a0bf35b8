// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it, vi } from "vitest";
import "../testing/setup";
import type { Thing } from "../sheet/things";
import { answering } from "../testing/answers";
import { atDesk, deskFor } from "../testing/desk";
import { JournalPaper } from "./JournalPaper";
import type { JournalEntry, JournalPage } from "./journal";
import { NextTime } from "./NextTime";
import { words } from "./words";

const entry = (part: Partial<JournalEntry>): JournalEntry => ({
  id: crypto.randomUUID(),
  day: "2028-07-04",
  about: false,
  ...part,
});
const line = (part: Partial<JournalEntry>, takenBack = false) => ({
  entry: entry(part),
  takenBack,
  by: "rosa",
  at: "2028-07-04T10:00:00Z",
  photo: false,
});
const page: JournalPage = {
  lines: [
    line({ harvest: { crop: "carrot", kilograms: 2.5, pieces: 30 }, place: "beans" }),
    line({ loss: { cause: "FROST" }, about: true, note: "All of them" }),
    line({ note: "Wrong" }, true),
  ],
  count: 3,
  page: 0,
  pages: 1,
  crops: [{ crop: "carrot", name: "Carrot", planned: 12, picked: { kilograms: 2.5, litres: 0, pieces: 30 } }],
};

async function opened(told = page, over: Parameters<typeof deskFor>[0] = {}) {
  const fetched = answering({ "/journal": told, "/reversal": {} });
  const { desk, submit } = deskFor(over);
  atDesk(desk, <JournalPaper />);
  await screen.findByTestId("journal-entry");
  const posted = () =>
    fetched.mock.calls
      .filter(([url, init]) => init?.body !== undefined || url.endsWith("/reversal"))
      .map(([url, init]) => ({
        url: String(url),
        body: init?.body === undefined ? undefined : (JSON.parse(String(init.body)) as unknown),
      }));
  return { form: within(screen.getByTestId("journal-entry")), posted, submit };
}

it("tells what was picked, lost and noticed, and what of it counts no more", async () => {
  const { posted } = await opened();
  const picked = await screen.findByRole("row", { name: /Carrot picked/ });
  expect(picked).toHaveTextContent("2.5 kg, 30 pcs");
  expect(screen.getByRole("row", { name: /about 4 Jul/ })).toHaveTextContent(
    "several crops lost: Frost or winter. All of them",
  );
  expect(screen.getByRole("row", { name: /Wrong/ })).toHaveTextContent(words.takenBack);
  await userEvent.click(screen.getByText(words.yearTitle));
  expect(screen.getByTestId("picked")).toHaveTextContent("Carrot2.5 kg, 30 pcs12 kg");
  await userEvent.click(within(picked).getByRole("button", { name: /^Take back/ }));
  await vi.waitFor(() => {
    expect(posted().map(({ url }) => url)).toEqual([
      expect.stringMatching(/\/journal\/[0-9a-f-]+\/reversal$/),
    ]);
  });
});

it("takes a harvest by weight and by the basket, and says where a figure can't be read", async () => {
  const { form, posted } = await opened();
  await userEvent.selectOptions(form.getByLabelText(words.what), "carrot");
  await userEvent.type(form.getByLabelText(words.weight), "two");
  await userEvent.click(form.getByRole("button", { name: words.write }));
  form.getByText(words.noWeight);
  expect(posted()).toEqual([]);
  await userEvent.clear(form.getByLabelText(words.weight));
  await userEvent.type(form.getByLabelText(words.volume), "a basket{Enter}");
  form.getByText(words.noVolume);
  await userEvent.clear(form.getByLabelText(words.volume));
  await userEvent.type(form.getByLabelText(words.volume), "4 L");
  await userEvent.type(form.getByLabelText(words.weight), "2 lb{Enter}");
  await vi.waitFor(() => {
    expect(posted()).toHaveLength(1);
  });
  const sent = posted()[0]?.body as JournalEntry;
  expect(sent.harvest?.crop).toBe("carrot");
  expect(sent.harvest?.kilograms).toBeCloseTo(0.907, 3);
  expect(sent.harvest?.litres).toBe(4);
  expect(sent.day).toBe(new Date().toLocaleDateString("sv"));
  await vi.waitFor(() => {
    expect(form.getByLabelText(words.weight)).toHaveValue("");
  });
});

it("takes a loss with its cause in a bed, and notes a disease that stays in its soil", async () => {
  const { form, posted, submit } = await opened();
  await userEvent.selectOptions(form.getByLabelText(words.kind), words.kinds.loss);
  await userEvent.selectOptions(form.getByLabelText(words.cause), "Clubroot");
  await userEvent.selectOptions(form.getByLabelText(words.where), "Beans");
  await userEvent.click(form.getByRole("button", { name: words.write }));
  await vi.waitFor(() => {
    expect(posted()).toHaveLength(1);
  });
  expect(posted()[0]?.body).toMatchObject({ place: "beans", loss: { cause: "CLUBROOT" } });
  await vi.waitFor(() => {
    expect(submit).toHaveBeenCalledTimes(1);
  });
  expect(submit.mock.lastCall?.[0]).toMatchObject({
    kind: "PutSoilDisease",
    soilDisease: { disease: "CLUBROOT", bed: "beans" },
  });
});

it("may be about a bed, about what grows in one, or about anything else on the plot", async () => {
  const { plan } = deskFor().desk;
  const carrots = plan.plantings[0] as (typeof plan.plantings)[number];
  const plantings = [
    { ...carrots, id: "now", name: "Carrots", bed: "beans", from: "2028-04-01", until: "2028-08-01" },
    { ...carrots, id: "before", name: "Kale", bed: "beans", from: "2027-04-01", until: "2028-01-01" },
  ];
  const fence: Thing = {
    id: "f",
    name: "North fence",
    kind: "fence",
    geometry: { kind: "SPOT", place: { x: 1, y: 1 }, radius: 0.1 },
    under: false,
  };
  const things = new Map([
    ["f", fence],
    ["s", { ...fence, id: "s", name: "Shed", kind: "shed" }],
  ]);
  const { form, posted } = await opened(page, { plan: { ...plan, plantings }, season: 2028, things });
  const where = form.getByLabelText(words.where);
  const labels = within(where).getAllByRole("option");
  expect(labels.map(({ textContent }) => textContent)).toEqual([
    words.wholeGarden,
    "Beans",
    "Kale",
    "Carrots in Beans",
    "North fence (fence)",
    "Shed",
  ]);
  await userEvent.selectOptions(where, "North fence (fence)");
  await userEvent.type(form.getByLabelText(words.weight), "1");
  await userEvent.click(form.getByRole("button", { name: words.write }));
  await vi.waitFor(() => {
    expect(posted()[0]?.body).toMatchObject({ place: "f" });
  });
});

it("tells the diseases of the soil, and forgets one that is not so", async () => {
  const { plan } = deskFor().desk;
  const soilDiseases = [{ id: "d", disease: "CLUBROOT" as const, bed: "beans", found: "2027-09-01" }];
  const { submit } = await opened(page, { plan: { ...plan, soilDiseases } });
  const told = within(screen.getByTestId("diseased-soil"));
  told.getByText(/Clubroot in Beans, found in 2027. Cabbage family: not there for 7 years./);
  await userEvent.click(told.getByRole("button"));
  expect(submit.mock.lastCall?.[0]).toEqual({ kind: "RemoveSoilDisease", soilDisease: "d" });
});

it("keeps an entry in the browser where there is no signal", async () => {
  const { form } = await opened();
  vi.stubGlobal("fetch", () => Promise.reject(new TypeError("no network")));
  await userEvent.type(form.getByLabelText(words.weight), "1");
  await userEvent.click(form.getByRole("button", { name: words.write }));
  await form.findByText(words.waits);
  expect(window.localStorage.getItem("fairacre.outbox")).toContain("kilograms");
  window.localStorage.clear();
});

it("is turned page by page", async () => {
  const { posted } = await opened({ ...page, pages: 3 });
  await userEvent.click(await screen.findByRole("button", { name: words.older }));
  screen.getByText(words.pageOf(1, 3));
  expect(posted()).toEqual([]);
});

it("brings a note up next season at the step that it is written for", async () => {
  const { form, posted } = await opened();
  await userEvent.selectOptions(form.getByLabelText(words.kind), "note");
  await userEvent.type(form.getByLabelText(words.note), "Sow later");
  await userEvent.selectOptions(form.getByLabelText(words.remind), "CROPS");
  await userEvent.click(form.getByRole("button", { name: words.write }));
  await vi.waitFor(() => {
    expect(posted().at(-1)?.body).toMatchObject({ note: "Sow later", nextTime: "CROPS" });
  });
  expect(form.getByLabelText(words.remind)).toHaveValue("");
});

it("shows at each step what was noted for it in earlier seasons, until it is settled", async () => {
  const sow = { ...entry({ note: "Sow later", day: "2027-12-31" }), nextTime: "CROPS" };
  const dig = { ...entry({ note: "Dig deeper", day: "2026-01-01" }), nextTime: "GROUND" };
  const fetched = answering({ "/next-time": [sow, dig], "/reversal": {} });
  const { desk } = deskFor({ season: 2028 });
  atDesk(desk, <NextTime step="crops" />);
  const shown = within(await screen.findByTestId("next-time"));
  expect(shown.getAllByRole("listitem").map(({ textContent }) => textContent)).toEqual([
    `${words.notedIn("Sow later", 2027)} ${words.heeded}`,
  ]);
  await userEvent.click(shown.getByRole("button", { name: words.heededNamed("Sow later") }));
  await vi.waitFor(() => {
    expect(fetched.mock.calls.map(([url]) => url)).toContain(
      `/api/gardens/garden/journal/${sow.id}/reversal`,
    );
  });
});

it("shows nothing at a step for which nothing was noted", async () => {
  const dig = { ...entry({ note: "Dig deeper" }), nextTime: "GROUND" };
  const fetched = answering({ "/next-time": [dig] });
  atDesk(deskFor({ season: 2028 }).desk, <NextTime step="crops" />);
  await vi.waitFor(() => {
    expect(fetched).toHaveBeenCalled();
  });
  expect(screen.queryByTestId("next-time")).toBeNull();
});
