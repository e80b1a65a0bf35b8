import { useRef, useState } from "react";
import { Problem, request } from "../api/client";
import { words } from "../words";
import { useDesk } from "./desk";

interface Asking {
  body?: unknown;
  /** What is asked besides the season, with its value. */
  besides?: Readonly<Record<string, string>>;
  /** Hears why there is no answer, where it is not told by `fault`. */
  refused?: (message: string) => void;
}

/**
 * Asks the server about the season, once all edits are kept; why it has no answer is in `fault`. `taken` puts the answer away when
 * somebody has taken what they want of it, and gives the focus back to the button that `asker` is.
 */
export function useAsked<T>() {
  const desk = useDesk();
  const [answer, setAnswer] = useState<T>();
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const asker = useRef<HTMLButtonElement>(null);

  function taken() {
    setAnswer(undefined);
    asker.current?.focus();
  }

  async function ask(
    path: string,
    { body, besides, refused = setFault }: Asking = {},
  ): Promise<T | undefined> {
    setFault(undefined);
    setBusy(true);
    try {
      await desk.queue.allKept();
      const query = new URLSearchParams({ season: String(desk.season), ...besides });
      const found = await request<T>(
        "POST",
        `/api/gardens/${desk.plan.id}/${path}?${query.toString()}`,
        body,
      );
      setAnswer(found);
      return found;
    } catch (failure) {
      setAnswer(undefined);
      refused(failure instanceof Problem ? failure.message : words.awayIdle);
      return undefined;
    } finally {
      setBusy(false);
    }
  }

  return { answer, setAnswer, ask, asker, taken, fault, setFault, busy };
}
