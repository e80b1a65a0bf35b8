import { useCallback, useEffect, useState } from "react";
import { words } from "../words";
import { Problem, request } from "./client";
import type { components } from "./schema";

/* Work that takes long: it is asked for, looked after again and again, and can be stopped. */

type AnyTold =
  | components["schemas"]["ToldArrangement"]
  | components["schemas"]["ToldBetterCalendar"]
  | components["schemas"]["ToldBestCutting"]
  | components["schemas"]["ToldCutSheets"]
  | components["schemas"]["ToldSunMap"]
  | components["schemas"]["ToldYearsPlan"];

/** How a job stands, with the best that was found so far. */
export type Told<A> = Omit<AnyTold, "best"> & { best: A[] };

/** What is asked for: a path below the garden, and what goes with it. */
export interface Question {
  garden: string;
  what:
    "arrangements" | "cutting/best" | "cutting/sheets/best" | "sun/maps" | "work-calendar/better" | "years";
  query: string;
  body?: unknown;
}

const OFTEN = 250;
const AFTER_A_FAILURE = 2000;

export interface Solve<A> {
  told: Told<A> | undefined;
  /** Whether it waits or runs. */
  open: boolean;
  fault: string | undefined;
  stop: () => void;
}

/** Asks and looks after the answer until it is there; another question, or none, stops the work on the one before. */
export function useSolve<A>(question: Question | null): Solve<A> {
  const [state, setState] = useState<{ told?: Told<A>; fault?: string; of: Question | null }>({ of: null });
  const current = state.of === question ? state : undefined;

  useEffect(() => {
    if (!question) return;
    const path = `/api/gardens/${question.garden}`;
    let told: Told<A> | undefined;
    let over = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const look = async () => {
      try {
        told = told
          ? await request<Told<A>>("GET", `${path}/${question.what}/${told.job}`)
          : await request<Told<A>>("POST", `${path}/${question.what}${question.query}`, question.body);
        if (over) {
          stopped();
          return;
        }
        setState({ told, of: question, ...(told.fault ? { fault: told.fault } : {}) });
        if (isOpen(told)) timer = setTimeout(() => void look(), OFTEN);
      } catch (failure) {
        if (over) return;
        const refused = failure instanceof Problem;
        const fault = refused ? `${failure.message} ${failure.next}`.trim() : words.awayIdle;
        setState({ of: question, fault, ...(told ? { told } : {}) });
        if (!refused) timer = setTimeout(() => void look(), AFTER_A_FAILURE);
      }
    };
    const stopped = () => {
      if (told && isOpen(told)) void request("DELETE", `${path}/jobs/${told.job}`).catch(() => undefined);
    };
    void look();
    return () => {
      over = true;
      clearTimeout(timer);
      stopped();
    };
  }, [question]);

  const told = current?.told;
  const stop = useCallback(() => {
    if (question && told) {
      void request("DELETE", `/api/gardens/${question.garden}/jobs/${told.job}`).catch(() => undefined);
    }
  }, [question, told]);
  return {
    told,
    open: question !== null && (told ? isOpen(told) : current?.fault === undefined),
    fault: current?.fault,
    stop,
  };
}

function isOpen({ state }: { state: AnyTold["state"] }): boolean {
  return state === "WAITING" || state === "RUNNING";
}
