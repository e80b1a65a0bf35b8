// @vitest-environment jsdom
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { HistoryEntry } from "../api/types";
import { follow, told } from "./following";

const edit = (kind: string, words: string, madeBy = "rosa"): HistoryEntry => ({
  id: 1,
  kind,
  revision: 4,
  madeBy,
  madeAt: "2027-03-01T10:00:00Z",
  words,
});

class Source extends EventTarget {
  static opened: Source[] = [];
  closed = false;

  constructor(readonly url: string) {
    super();
    Source.opened.push(this);
  }

  close() {
    this.closed = true;
  }
}

function see(state: "visible" | "hidden") {
  vi.spyOn(document, "visibilityState", "get").mockReturnValue(state);
  document.dispatchEvent(new Event("visibilitychange"));
}

beforeEach(() => {
  Source.opened = [];
  vi.stubGlobal("EventSource", Source);
});

afterEach(() => {
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

it("follows a garden from the revision it has, and tells what comes", () => {
  const onNews = vi.fn();
  const end = follow("g", () => 3, onNews);
  const [source] = Source.opened;
  expect(source?.url).toBe("/api/gardens/g/events?revision=3");
  const news = { revision: 4, edits: [edit("EDIT", "Moved Beans")] };
  source?.dispatchEvent(new MessageEvent("edited", { data: JSON.stringify(news) }));
  expect(onNews).toHaveBeenCalledWith(news);
  end();
  expect(source?.closed).toBe(true);
});

it("lets go while nobody sees the page, and comes back from where it is then", () => {
  let revision = 3;
  const end = follow("g", () => revision, vi.fn());
  see("hidden");
  expect(Source.opened[0]?.closed).toBe(true);
  revision = 9;
  see("visible");
  see("visible");
  expect(Source.opened.map((source) => source.url)).toEqual([
    "/api/gardens/g/events?revision=3",
    "/api/gardens/g/events?revision=9",
  ]);
  end();
  see("hidden");
  see("visible");
  expect(Source.opened).toHaveLength(2);
});

it("says who did what, in the order in which it was done", () => {
  const edits = [edit("UNDO", "Renamed a bed to Kale"), edit("EDIT", "Moved Beans")];
  expect(told(edits, "rosa")).toBe("In another window: moved Beans, took back: renamed a bed to Kale.");
  expect(told(edits, "ivo")).toBe("rosa: moved Beans, took back: renamed a bed to Kale.");
});
