import { useLayoutEffect, useRef, type ComponentProps, type FocusEvent, type KeyboardEvent } from "react";

/** Marks an entry of a {@link RovingList}: what takes the focus. */
export const roving = { "data-roving": "" } as const;

const ENTRIES = "[data-roving]:not(:disabled)";
const STEPS: Record<string, (at: number, last: number) => number> = {
  ArrowDown: (at, last) => Math.min(at + 1, last),
  ArrowUp: (at) => Math.max(at - 1, 0),
  Home: () => 0,
  End: (_, last) => last,
};

/**
 * A list in which Tab stops once: at the entry where the focus was last, else at the first. The arrow keys go from entry to entry, Home
 * and End to the ends (WAI-ARIA Authoring Practices, roving tabindex). What unfolds below an entry is reached by Tab as usual.
 */
export function RovingList(props: ComponentProps<"div">) {
  const list = useRef<HTMLDivElement>(null);
  /** At which entry, or in what unfolds below it, the focus is. */
  const within = useRef<number | null>(null);
  const entries = () => [...(list.current?.querySelectorAll<HTMLElement>(ENTRIES) ?? [])];

  function stopAt(stop: HTMLElement | undefined) {
    entries().forEach((entry) => {
      entry.tabIndex = entry === stop ? 0 : -1;
    });
  }

  // Entries come and go with every drawing. Whoever takes one out goes on at the next.
  useLayoutEffect(() => {
    const all = entries();
    const last = Math.min(within.current ?? 0, all.length - 1);
    if (within.current !== null && document.activeElement === document.body) {
      (all[last] ?? list.current)?.focus();
    }
    stopAt(all.find(({ tabIndex, dataset }) => tabIndex === 0 && "stop" in dataset) ?? all[0]);
  });

  return (
    <div
      {...props}
      ref={list}
      tabIndex={-1}
      onBlur={() => {
        within.current = null;
      }}
      onFocus={(event: FocusEvent<HTMLDivElement>) => {
        within.current = entries().findLastIndex(
          (entry) => (entry.compareDocumentPosition(event.target) & Node.DOCUMENT_POSITION_PRECEDING) === 0,
        );
        if (!event.target.matches(ENTRIES)) return;
        entries().forEach((entry) => {
          delete entry.dataset["stop"];
        });
        event.target.dataset["stop"] = "";
        stopAt(event.target);
      }}
      onKeyDown={(event: KeyboardEvent<HTMLDivElement>) => {
        const step = STEPS[event.key];
        if (!step || !(event.target instanceof HTMLElement) || !event.target.matches(ENTRIES)) return;
        const all = entries();
        all[step(all.indexOf(event.target), all.length - 1)]?.focus();
        event.preventDefault();
        event.stopPropagation();
      }}
    />
  );
}
