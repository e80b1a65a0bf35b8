import { useCallback, useEffect, useRef, useState } from "react";
import { NavigationType, useLocation, useNavigate, useNavigationType, useSearchParams } from "react-router";
import { isTradeStep, type TradeStep } from "./desk";

/** The part of the ground that is looked at: its middle and how much of it is seen across, metres. */
export interface Look {
  x: number;
  y: number;
  across: number;
}

/** So much of an id tells it from the others of a garden. */
const SHORT = 8;
/** A wheel turns faster than a browser takes addresses, milliseconds. */
const CALM = 300;

/**
 * Where one is in a garden, as it stands in the address: `?step=frames&season=2028&picked=1f2e3d4c&at=5.2,4.1,12`. Step, season
 * and paper are places to go back to; what is picked and looked at belongs to the place.
 */
export function useAddress() {
  const [params] = useSearchParams();
  const change = useChange();
  const step = params.get("step");
  const season = /^\d{4}$/.exec(params.get("season") ?? "");

  function go(name: "step" | "season" | "paper", value: string) {
    if ((params.get(name) ?? "") === value && (name !== "step" || !params.has("paper"))) return;
    // A step is of the sheet.
    change((before) => withParam(name === "step" ? withParam(before, "paper", "") : before, name, value));
  }

  return {
    step: isTradeStep(step) ? step : ("ground" as const),
    season: season ? Number(season[0]) : null,
    paper: params.get("paper"),
    setStep: (next: TradeStep) => {
      go("step", next);
    },
    /** Null goes back to the sheet. */
    setPaper: (next: string | null) => {
      go("paper", next ?? "");
    },
    setSeason: (next: number) => {
      go("season", String(next));
    },
  };
}

/** The things that the address names, of those that there are; and the function that picks others. */
export function usePicked(known: readonly string[]): [ReadonlySet<string>, (ids: readonly string[]) => void] {
  const [address, write] = useCalmParam("picked");
  const [picked, setPicked] = useState<ReadonlySet<string> | null>(null);
  useGoneBack(() => {
    setPicked(null);
  });
  const pick = useCallback(
    (ids: readonly string[]) => {
      setPicked(new Set(ids));
      write(ids.map((id) => id.slice(0, SHORT)).join("."));
    },
    [write],
  );
  return [picked ?? named(address, known), pick];
}

function named(address: string, known: readonly string[]): ReadonlySet<string> {
  const shorts = new Set(address.split("."));
  return new Set(known.filter((id) => shorts.has(id.slice(0, SHORT))));
}

/** The look that the address names, null for the whole plot; and the function that looks elsewhere. */
export function useLook(): [Look | null, (look: Look | null) => void] {
  const [address, write] = useCalmParam("at");
  const [look, setLook] = useState(() => read(address));
  useGoneBack(() => {
    setLook(read(address));
  });
  const turn = useCallback(
    (next: Look | null) => {
      setLook(next);
      write(next ? [next.x, next.y, next.across].map((metres) => metres.toFixed(2)).join(",") : "");
    },
    [write],
  );
  return [look, turn];
}

function read(address: string): Look | null {
  const [x = NaN, y = NaN, across = NaN] = address.split(",").map(Number);
  return [x, y, across].every(Number.isFinite) && across > 0 ? { x, y, across } : null;
}

/**
 * The function that changes the address. It starts from what stands in the browser's bar: a page that is still being drawn
 * knows only the address before the last.
 */
function useChange() {
  const navigate = useNavigate();
  return (change: (before: URLSearchParams) => URLSearchParams, options?: { replace: boolean }) => {
    const search = change(new URLSearchParams(window.location.search)).toString();
    void navigate({ search }, options);
  };
}

/** What waits to be written. There is one address: all that changed goes there at once. */
const waiting = new Map<string, string>();
let timer: ReturnType<typeof setTimeout> | undefined;

/** A parameter of the address, and the function that puts another value there once the hand rests. */
function useCalmParam(name: string): [string, (value: string) => void] {
  const [params] = useSearchParams();
  const change = useChange();
  const latest = useRef(change);
  useEffect(() => {
    latest.current = change;
  });
  useEffect(
    () => () => {
      waiting.clear();
    },
    [],
  );
  const write = useCallback(
    (value: string) => {
      waiting.set(name, value);
      clearTimeout(timer);
      timer = setTimeout(() => {
        const changed = [...waiting];
        waiting.clear();
        if (changed.length === 0) return;
        latest.current(
          (before) => changed.reduce((after, [key, next]) => withParam(after, key, next), before),
          { replace: true },
        );
      }, CALM);
    },
    [name],
  );
  return [params.get(name) ?? "", write];
}

/** Tells when somebody went back or forward, and where they are is what the address says. */
function useGoneBack(tell: () => void) {
  const { key } = useLocation();
  const type = useNavigationType();
  const [seen, setSeen] = useState(key);
  if (seen !== key) {
    setSeen(key);
    if (type === NavigationType.Pop) tell();
  }
}

function withParam(before: URLSearchParams, name: string, value: string): URLSearchParams {
  const after = new URLSearchParams(before);
  if (value === "") after.delete(name);
  else after.set(name, value);
  return after;
}
