import { Problem } from "../api/client";
import { words } from "../words";

/** What is wrong, and in which field; an empty field stands for the whole form. */
export interface FieldProblem {
  field: string;
  text: string;
}

export function fieldProblem(failure: unknown): FieldProblem {
  return failure instanceof Problem
    ? { field: failure.field, text: `${failure.message} ${failure.field ? "" : failure.next}` }
    : { field: "", text: words.awayIdle };
}
