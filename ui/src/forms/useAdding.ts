import { useState } from "react";
import { Problem, request } from "../api/client";
import { words as everywhere } from "../words";

/** Asks the program for the kind that was typed; why it was not taken is said at its field, or at the name. */
export function useAdding<T>(path: string, onAdded: (kind: T) => void) {
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});

  function refuse(field: string, message: string) {
    setFaults({ [field]: message });
  }

  async function add(typed: object) {
    setFaults({});
    try {
      onAdded(await request<T>("POST", path, typed));
    } catch (failure) {
      if (failure instanceof Problem) refuse(failure.field || "name", failure.message);
      else refuse("name", everywhere.awayIdle);
    }
  }

  return { faults, add, refuse };
}
