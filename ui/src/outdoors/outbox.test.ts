import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Away, Problem } from "../api/client";
import { Outbox, type Entry } from "./outbox";

const boards: Entry = { key: "boards", path: "/ticks", body: { ticked: true }, words: "Bought: boards" };
const bags: Entry = { ...boards, key: "bags", words: "Bought: bags" };

function shelf(kept: Record<string, string> = {}) {
  return {
    kept,
    getItem: (key: string) => kept[key] ?? null,
    setItem: (key: string, value: string) => {
      kept[key] = value;
    },
  };
}

const away = () => Promise.reject(new Away("no signal"));

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

describe("the outbox", () => {
  it("sends at once, and tells what went through", async () => {
    const send = vi.fn(() => Promise.resolve());
    const told = vi.fn();
    const outbox = new Outbox(shelf(), send);
    outbox.whenSent(told);
    outbox.add(boards);
    expect(outbox.snapshot().entries).toEqual([boards]);
    await vi.runAllTimersAsync();
    expect(send).toHaveBeenCalledWith(boards);
    expect(told).toHaveBeenCalledWith(boards);
    expect(outbox.snapshot().entries).toEqual([]);
  });

  it("waits out a place without a signal and sends the newest of each thing, in order", async () => {
    let signal = false;
    const send = vi.fn<(entry: Entry) => Promise<void>>(() => (signal ? Promise.resolve() : away()));
    const outbox = new Outbox(shelf(), send);
    outbox.add(boards);
    outbox.add(bags);
    await vi.advanceTimersByTimeAsync(60_000);
    const back = { ...boards, body: { ticked: false } };
    outbox.add(back);
    expect(outbox.snapshot().entries).toEqual([bags, back]);
    signal = true;
    await vi.advanceTimersByTimeAsync(3000);
    expect(outbox.snapshot().entries).toEqual([]);
    expect(send.mock.calls.slice(-2).map(([entry]) => entry)).toEqual([bags, back]);
  });

  it("keeps what was changed while it was on its way", async () => {
    let arrive = () => {};
    const send = vi.fn<(entry: Entry) => Promise<void>>(
      () =>
        new Promise((resolve) => {
          arrive = resolve;
        }),
    );
    const outbox = new Outbox(shelf(), send);
    outbox.add(boards);
    const back = { ...boards, body: { ticked: false } };
    outbox.add(back);
    arrive();
    await vi.advanceTimersByTimeAsync(1);
    expect(outbox.snapshot().entries).toEqual([back]);
    arrive();
    await vi.advanceTimersByTimeAsync(1);
    expect(send.mock.calls.map(([entry]) => entry)).toEqual([boards, back]);
    expect(outbox.snapshot().entries).toEqual([]);
  });

  it("outlasts a reload", async () => {
    const kept = shelf();
    const first = new Outbox(kept, away);
    first.add(boards);
    await vi.advanceTimersByTimeAsync(10);
    const send = vi.fn(() => Promise.resolve());
    const second = new Outbox(shelf({ ...kept.kept }), send);
    expect(second.snapshot().entries).toEqual([boards]);
    await second.flush();
    expect(send).toHaveBeenCalledWith(boards);
  });

  it("keeps what another window has put in", async () => {
    const kept = shelf();
    const one = new Outbox(kept, away);
    const other = new Outbox(kept, away);
    one.add(boards);
    other.add(bags);
    await vi.advanceTimersByTimeAsync(10);
    expect(other.snapshot().entries).toEqual([boards, bags]);
  });

  it("keeps what is refused with the reason until it is dropped, and goes on with the rest", async () => {
    const send = vi.fn((entry: Entry) =>
      entry.key === "boards"
        ? Promise.reject(new Problem(404, { detail: "There is no such garden." }))
        : Promise.resolve(),
    );
    const outbox = new Outbox(shelf(), send);
    outbox.add(boards);
    outbox.add(bags);
    await vi.runAllTimersAsync();
    expect(outbox.snapshot().entries).toEqual([{ ...boards, refused: "There is no such garden." }]);
    outbox.drop("boards");
    expect(outbox.snapshot().entries).toEqual([]);
  });

  it("waits for somebody who is signed out, and tells so", async () => {
    let signedIn = false;
    const outbox = new Outbox(shelf(), () =>
      signedIn ? Promise.resolve() : Promise.reject(new Problem(401, {})),
    );
    outbox.add(boards);
    await vi.advanceTimersByTimeAsync(10);
    expect(outbox.snapshot()).toEqual({ entries: [boards], signedOut: true });
    signedIn = true;
    await vi.advanceTimersByTimeAsync(3000);
    expect(outbox.snapshot()).toEqual({ entries: [], signedOut: false });
  });

  it("begins anew where what is kept can’t be read", () => {
    expect(new Outbox(shelf({ "fairacre.outbox": "{" }), away).snapshot().entries).toEqual([]);
  });
});
