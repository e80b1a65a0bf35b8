// @vitest-environment jsdom
import "../testing/setup";
import { act, renderHook } from "@testing-library/react";
import { BrowserRouter, useLocation, useNavigate } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { useAddress, useLook, usePicked } from "./useAddress";

const beans = "aaaaaaaa-0000-4000-8000-000000000001";
const kale = "bbbbbbbb-0000-4000-8000-000000000002";

function at(address: string) {
  window.history.replaceState(null, "", address);
  const { result } = renderHook(
    () => ({
      where: useAddress(),
      picked: usePicked([beans, kale]),
      look: useLook(),
      search: new URLSearchParams(useLocation().search),
      navigate: useNavigate(),
    }),
    { wrapper: BrowserRouter },
  );
  return result;
}

function rest() {
  act(() => {
    vi.advanceTimersByTime(1000);
  });
}

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

describe("where one is", () => {
  it("begins on the ground, in no season of its own, with nothing picked and all of the plot", () => {
    const { where, picked, look } = at("/").current;
    expect(where.step).toBe("ground");
    expect(where.season).toBeNull();
    expect([...picked[0]]).toEqual([]);
    expect(look[0]).toBeNull();
  });

  it("is read from a link, and what it doesn't know is left out", () => {
    const { where, picked, look } = at(
      "/?step=fill&season=2028&picked=bbbbbbbb.cccccccc&at=5.2,-4,12",
    ).current;
    expect(where.step).toBe("fill");
    expect(where.season).toBe(2028);
    expect([...picked[0]]).toEqual([kale]);
    expect(look[0]).toEqual({ x: 5.2, y: -4, across: 12 });
    expect(at("/?step=moon&season=20x&at=1,2").current.where).toMatchObject({ step: "ground", season: null });
    expect(at("/?at=1,2,-3").current.look[0]).toBeNull();
  });

  it("is written once the hand rests, and Back leads to the step before", async () => {
    const result = at("/?step=beds");
    act(() => {
      result.current.picked[1]([beans]);
      result.current.look[1]({ x: 1, y: 2, across: 3 });
    });
    expect([...result.current.picked[0]]).toEqual([beans]);
    expect(result.current.search.get("picked")).toBeNull();
    rest();
    rest();
    expect(result.current.search.get("picked")).toBe("aaaaaaaa");
    expect(result.current.search.get("at")).toBe("1.00,2.00,3.00");
    act(() => {
      result.current.where.setStep("fill");
    });
    act(() => {
      result.current.picked[1]([kale]);
    });
    rest();
    expect(result.current.search.get("picked")).toBe("bbbbbbbb");
    await act(async () => {
      await result.current.navigate(-1);
      await vi.advanceTimersByTimeAsync(1000);
    });
    expect(result.current.where.step).toBe("beds");
    expect([...result.current.picked[0]]).toEqual([beans]);
    expect(result.current.look[0]).toEqual({ x: 1, y: 2, across: 3 });
  });

  it("keeps all of what is changed before the page is drawn again", () => {
    const result = at("/?at=1.00,2.00,3.00");
    act(() => {
      result.current.where.setSeason(2029);
      result.current.where.setStep("frames");
    });
    expect(result.current.where).toMatchObject({ step: "frames", season: 2029 });
    expect(result.current.search.get("at")).toBe("1.00,2.00,3.00");
  });
});
