import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Ticks, type Tick } from "./ticks";

const boards: Tick = { season: 2027, item: "boards", ticked: true };

function shelf(kept: Record<string, string> = {}) {
  return {
    kept,
    getItem: (key: string) => kept[key] ?? null,
    setItem: (key: string, value: string) => {
      kept[key] = value;
    },
  };
}

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

describe("ticks", () => {
  it("count at once and go through", async () => {
    const send = vi.fn(() => Promise.resolve());
    const ticks = new Ticks("list", send, vi.fn(), shelf());
    ticks.tick(boards);
    expect(ticks.isTicked(2027, "boards", [])).toBe(true);
    await vi.runAllTimersAsync();
    expect(send).toHaveBeenCalledWith(boards);
    expect(ticks.count).toBe(0);
  });

  it("wait out a shop without a signal and are sent again, the newest of each thing", async () => {
    let away = true;
    const send = vi.fn<(tick: Tick) => Promise<void>>(() =>
      away ? Promise.reject(new Error("away")) : Promise.resolve(),
    );
    const ticks = new Ticks("list", send, vi.fn(), shelf());
    ticks.tick(boards);
    ticks.tick({ ...boards, item: "bags" });
    await vi.advanceTimersByTimeAsync(60_000);
    ticks.tick({ ...boards, ticked: false });
    expect(ticks.count).toBe(2);
    expect(ticks.isTicked(2027, "boards", ["boards"])).toBe(false);
    away = false;
    await vi.advanceTimersByTimeAsync(3000);
    expect(ticks.count).toBe(0);
    expect(send.mock.calls.slice(-2).map(([tick]) => tick)).toEqual([
      { ...boards, item: "bags" },
      { ...boards, ticked: false },
    ]);
  });

  it("outlast a reload", async () => {
    const kept = shelf();
    const first = new Ticks("list", () => Promise.reject(new Error("away")), vi.fn(), kept);
    first.tick(boards);
    await vi.advanceTimersByTimeAsync(10);
    first.stop();
    const send = vi.fn(() => Promise.resolve());
    const second = new Ticks("list", send, vi.fn(), shelf(kept.kept));
    expect(second.isTicked(2027, "boards", [])).toBe(true);
    await vi.runAllTimersAsync();
    expect(send).toHaveBeenCalledWith(boards);
  });

  it("begin anew where what is kept can’t be read", () => {
    const ticks = new Ticks("list", () => Promise.resolve(), vi.fn(), shelf({ list: "{" }));
    expect(ticks.count).toBe(0);
  });
});
