import { useState } from "react";
import type { Change } from "../api/types";
import { useDesk } from "../workspace/desk";

/** Edits made in fields: why one was not taken is said at its field. */
export function useFieldEdit() {
  const desk = useDesk();
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});

  function edit(field: string, change: Change | null) {
    setFaults((before) => Object.fromEntries(Object.entries(before).filter(([name]) => name !== field)));
    if (!change) return;
    desk.submit(change, (message) => {
      setFaults((others) => ({ ...others, [field]: message }));
    });
  }

  function refuse(field: string, message: string) {
    setFaults((others) => ({ ...others, [field]: message }));
  }

  return { faults, edit, refuse };
}
