import { useEffect, useSyncExternalStore } from "react";
import { dropFile, sendEntry } from "./files";
import { Outbox, type OutboxState } from "./outbox";

let shared: Outbox | undefined;

/** The one outbox of this browser. */
export function outbox(): Outbox {
  shared ??= new Outbox(window.localStorage, sendEntry, (file) => void dropFile(file));
  return shared;
}

/** What waits; while it is looked at, it is sent as soon as there is a signal. */
export function useOutbox(): OutboxState {
  const box = outbox();
  useEffect(() => {
    const flush = () => void box.flush();
    flush();
    window.addEventListener("online", flush);
    return () => {
      window.removeEventListener("online", flush);
    };
  }, [box]);
  return useSyncExternalStore(box.subscribe, box.snapshot);
}
