// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, expect, it, vi } from "vitest";
import "../testing/setup";
import { Problem } from "../api/client";
import { sendEntry } from "../outdoors/files";
import { outbox } from "../outdoors/useOutbox";
import { answering } from "../testing/answers";
import { atDesk, deskFor } from "../testing/desk";
import { JournalPaper } from "./JournalPaper";
import type { JournalEntry, JournalPage } from "./journal";
import { words } from "./words";

const kept = new Map<string, Blob>();
vi.mock("idb-keyval", () => ({
  get: (key: string) => Promise.resolve(kept.get(key)),
  set: (key: string, file: Blob) => Promise.resolve(kept.set(key, file)),
  del: (key: string) => Promise.resolve(kept.delete(key)),
}));

const BYTES = [0xff, 0xd8, 0xff, 7];
const photo = () => new File([new Uint8Array(BYTES)], "bed.jpg", { type: "image/jpeg" });
const line = (part: Partial<JournalEntry>, withPhoto = false) => ({
  entry: { id: crypto.randomUUID(), day: "2028-07-04", about: false, ...part },
  takenBack: false,
  at: "2028-07-04T10:00:00Z",
  photo: withPhoto,
});
const page = (...lines: JournalPage["lines"]): JournalPage => ({
  lines,
  count: lines.length,
  page: 0,
  pages: 1,
  crops: [],
});

beforeEach(() => {
  kept.clear();
  for (const { key } of outbox().snapshot().entries) outbox().drop(key);
});

async function opened(told = page(), over: Parameters<typeof deskFor>[0] = {}) {
  const fetched = answering({ "/journal": told, "/photo": {} });
  atDesk(deskFor(over).desk, <JournalPaper />);
  const form = within(await screen.findByTestId("journal-entry"));
  const sent = () =>
    fetched.mock.calls
      .map(([url, init]) => ({ url, ...(init as { method?: string; body?: unknown } | undefined) }))
      .filter(({ method }) => method !== undefined && method !== "GET");
  return { fetched, form, sent };
}

const bytesOf = (body: unknown) => [...new Uint8Array(body as ArrayBuffer)];
const ofEntry = (body: unknown) => JSON.parse(String(body)) as JournalEntry;

it("sends a photo behind the harvest that it shows", async () => {
  const { form, sent } = await opened();
  await userEvent.type(form.getByLabelText(words.weight), "2");
  await userEvent.upload(form.getByLabelText(words.choosePhoto), photo());
  form.getByText("bed.jpg");
  await userEvent.click(form.getByRole("button", { name: words.write }));
  await vi.waitFor(() => {
    expect(sent()).toHaveLength(2);
  });
  const [entry, put] = sent();
  expect(put?.method).toBe("PUT");
  expect(put?.url).toMatch(new RegExp(`/journal/${ofEntry(entry?.body).id}/photo$`));
  expect(bytesOf(put?.body)).toEqual(BYTES);
  await vi.waitFor(() => {
    expect(form.queryByText("bed.jpg")).toBeNull();
  });
});

it("says why a photo was not taken, and that the entry is written down all the same", async () => {
  const { fetched, form } = await opened();
  const answer = fetched.getMockImplementation();
  fetched.mockImplementation((url, init) =>
    url.endsWith("/photo")
      ? Promise.resolve(
          new Response(JSON.stringify({ status: 422, field: "photo", detail: "It is HEIC." }), {
            status: 422,
            headers: { "Content-Type": "application/problem+json" },
          }),
        )
      : (answer?.(url, init) ?? Promise.reject(new Error("nothing"))),
  );
  await userEvent.type(form.getByLabelText(words.weight), "2");
  await userEvent.upload(form.getByLabelText(words.choosePhoto), photo());
  await userEvent.click(form.getByRole("button", { name: words.write }));
  await form.findByText(words.withoutPhoto("It is HEIC."));
});

it("keeps both in the browser while there is no signal, and sends them in order once there is", async () => {
  const { fetched, form, sent } = await opened();
  const answer = fetched.getMockImplementation();
  fetched.mockImplementation(() => Promise.reject(new TypeError("no signal")));
  await userEvent.type(form.getByLabelText(words.weight), "2");
  await userEvent.upload(form.getByLabelText(words.choosePhoto), photo());
  await userEvent.click(form.getByRole("button", { name: words.write }));
  await vi.waitFor(() => {
    expect(outbox().snapshot().entries).toHaveLength(2);
  });
  expect(kept.size).toBe(1);
  fetched.mockClear();
  fetched.mockImplementation((url, init) => answer?.(url, init) ?? Promise.reject(new Error("nothing")));
  await vi.waitFor(
    () => {
      expect(outbox().snapshot().entries).toEqual([]);
    },
    { timeout: 8000 },
  );
  const [entry, put] = sent();
  expect(entry?.method).toBe("POST");
  expect(put?.url).toContain(ofEntry(entry?.body).id);
  expect(bytesOf(put?.body)).toEqual(BYTES);
  expect(kept.size).toBe(0);
});

it("says so where the photo is gone, and drops it with its entry", async () => {
  const waiting = { key: "k", path: "/photo", body: undefined, file: "k", words: "Photo" };
  await expect(sendEntry(waiting)).rejects.toBeInstanceOf(Problem);
  kept.set("k", photo());
  vi.stubGlobal("fetch", () => Promise.reject(new TypeError("no signal")));
  outbox().add(waiting);
  outbox().drop("k");
  await vi.waitFor(() => {
    expect(kept.size).toBe(0);
  });
});

it("shows photos small, opens them large, and adds and removes them", async () => {
  const shown = line({ note: "Hail" }, true);
  const bare = line({ note: "Slugs" });
  const { sent } = await opened(page(shown, bare));
  const image = await screen.findByRole("img", { name: words.photoOf("Hail") });
  const path = `/journal/${shown.entry.id}/photo`;
  expect(image.getAttribute("src")).toMatch(new RegExp(`${path}$`));
  expect(image.closest("a")?.getAttribute("href")).toMatch(new RegExp(`${path}\\?large=true$`));
  await userEvent.click(screen.getByRole("button", { name: words.removePhotoNamed("Hail") }));
  await userEvent.upload(screen.getByLabelText(words.addPhotoNamed("Slugs")), photo());
  await vi.waitFor(() => {
    expect(sent().map(({ method, url }) => [method, url.split("/journal/")[1]])).toEqual([
      ["DELETE", `${shown.entry.id}/photo`],
      ["PUT", `${bare.entry.id}/photo`],
    ]);
  });
});

it("counts seedlings, and says where a count is none", async () => {
  const { form, sent } = await opened(
    page(
      line({ germination: { crop: "carrot", sown: 60, up: 42 } }),
      line({ germination: { crop: "carrot", sown: 50 } }),
    ),
  );
  await screen.findByRole("row", { name: /Carrot: 42 of 60 seeds came up \(70\s%\)/ });
  screen.getByRole("row", { name: /Carrot: 50 seeds sown/ });
  await userEvent.selectOptions(form.getByLabelText(words.kind), "germination");
  await userEvent.selectOptions(form.getByLabelText(words.what), "carrot");
  await userEvent.type(form.getByLabelText(words.sown), "many");
  await userEvent.click(form.getByRole("button", { name: words.write }));
  form.getByText(words.noPieces);
  await userEvent.clear(form.getByLabelText(words.sown));
  await userEvent.type(form.getByLabelText(words.sown), "60");
  await userEvent.type(form.getByLabelText(words.up), "0{Enter}");
  await vi.waitFor(() => {
    expect(sent()).toHaveLength(1);
  });
  expect(ofEntry(sent()[0]?.body).germination).toEqual({ crop: "carrot", sown: 60, up: 0 });
});

it("takes the weather in the units of the garden [NIST: an inch is 25.4 mm; 23 °F are −5 °C]", async () => {
  const { form, sent } = await opened(page(line({ weather: { rain: 12.7, lowest: -5 } })), {
    units: "FEET_AND_INCHES",
  });
  await screen.findByRole("row", { name: /0.50 in of rain, down to 23 °F/ });
  await userEvent.selectOptions(form.getByLabelText(words.kind), "weather");
  await userEvent.type(form.getByLabelText(words.rain.FEET_AND_INCHES), "0.5");
  await userEvent.type(form.getByLabelText(words.highest.FEET_AND_INCHES), "warm");
  await userEvent.click(form.getByRole("button", { name: words.write }));
  form.getByText(words.noFigure);
  await userEvent.clear(form.getByLabelText(words.highest.FEET_AND_INCHES));
  await userEvent.type(form.getByLabelText(words.lowest.FEET_AND_INCHES), "23{Enter}");
  await vi.waitFor(() => {
    expect(sent()).toHaveLength(1);
  });
  expect(ofEntry(sent()[0]?.body).weather).toEqual({ rain: 12.7, lowest: -5 });
});
