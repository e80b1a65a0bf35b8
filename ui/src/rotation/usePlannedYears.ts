import { useMemo, useState } from "react";
import type { components } from "../api/schema";
import { useSolve, type Question, type Solve } from "../api/solves";
import { useDesk } from "../workspace/desk";
import type { YearsPlan } from "./years";

type YearsAsked = components["schemas"]["YearsAsked"];

export interface PlannedYears extends Solve<YearsPlan> {
  /** The best so far, for the garden as it is. */
  found: YearsPlan | undefined;
  ask: (asked: YearsAsked) => void;
  /** Puts away what was found, and stops the work. */
  leave: () => void;
}

/** A plan of the years: asked for, looked after, put away. */
export function usePlannedYears(): PlannedYears {
  const { plan, garden, queue } = useDesk();
  const [asked, setAsked] = useState<(Question & { revision: number }) | null>(null);
  // What was found for the garden as it was before says nothing of this one.
  const question = useMemo(
    () => (asked?.revision === garden.revision ? asked : null),
    [asked, garden.revision],
  );
  const solve = useSolve<YearsPlan>(question);
  return {
    ...solve,
    found: question ? solve.told?.best[0] : undefined,
    ask: (body) => {
      void queue.allKept().then(() => {
        setAsked({ garden: plan.id, what: "years", query: "", body, revision: garden.revision });
      });
    },
    leave: () => {
      setAsked(null);
    },
  };
}
