import type { HistoryEntry } from "../api/types";

/** That the garden has come further elsewhere. */
export interface News {
  revision: number;
  edits: readonly HistoryEntry[];
}

/**
 * Follows a garden while the page can be seen: a browser keeps few connections open to one address, and several windows
 * share them.
 *
 * @param revision that the window has
 * @return ends it
 */
export function follow(garden: string, revision: () => number, onNews: (news: News) => void): () => void {
  let source: EventSource | null = null;
  const open = () => {
    source = new EventSource(`/api/gardens/${garden}/events?revision=${String(revision())}`);
    source.addEventListener("edited", (event: MessageEvent<string>) => {
      onNews(JSON.parse(event.data) as News);
    });
  };
  const close = () => {
    source?.close();
    source = null;
  };
  const look = () => {
    if (document.visibilityState === "hidden") close();
    else if (!source) open();
  };
  look();
  document.addEventListener("visibilitychange", look);
  return () => {
    document.removeEventListener("visibilitychange", look);
    close();
  };
}

/** Who did what, the newest last: "In another window: moved Beans, renamed a bed to Kale." */
export function told(edits: readonly HistoryEntry[], me: string | undefined): string {
  const who = [...new Set(edits.map(({ madeBy }) => madeBy ?? GONE))];
  const by = who.length === 1 && who[0] === me ? "In another window" : who.join(" and ");
  const what = [...edits].reverse().map((edit) => `${DONE[edit.kind]}${decapitalised(edit.words)}`);
  return `${by}: ${what.join(", ")}.`;
}

/** An account that was deleted meanwhile. */
const GONE = "Somebody who has left";
const DONE: Readonly<Record<string, string>> = { EDIT: "", UNDO: "took back: ", REDO: "made again: " };

function decapitalised(words: string): string {
  return words.charAt(0).toLowerCase() + words.slice(1);
}
