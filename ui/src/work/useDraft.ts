import { useState } from "react";
import type { Change } from "../api/types";
import { useDesk } from "../workspace/desk";

/** What is typed for something that is not there yet; what was refused stays to be mended. */
export function useDraft<T extends object>(empty: T) {
  const { submit } = useDesk();
  const [draft, setDraft] = useState(empty);
  const [fault, setFault] = useState<string>();
  return {
    draft,
    fault,
    set: (part: Partial<T>) => {
      setDraft({ ...draft, ...part });
    },
    add: (change: Change) => {
      setFault(undefined);
      setDraft(empty);
      submit(change, (text) => {
        setFault(text);
        setDraft(draft);
      });
    },
  };
}
