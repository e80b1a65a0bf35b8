import type { Zone } from "./water";
import { words } from "./words";

/** A tag for each valve, to be cut out and tied to it. */
export function ValveTags({ zones }: { zones: readonly Zone[] }) {
  if (zones.length === 0) return null;
  return (
    <section
      aria-label={words.tags}
      className="max-h-56 shrink-0 overflow-y-auto border-t border-rule px-4 py-2 print:max-h-none print:overflow-visible"
    >
      <h3>{words.tags}</h3>
      <p className="text-sm text-soft print:hidden">{words.tagsExplained}</p>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-2 py-2">
        {zones.map(({ valve, number, name }) => (
          <li
            key={valve}
            className="flex min-h-20 break-inside-avoid items-center gap-3 border border-dashed border-ink p-2"
          >
            <span aria-hidden="true" className="size-4 shrink-0 rounded-full border border-ink" />
            <span className="figures text-4xl font-bold">{number}</span>
            <span className="text-lg leading-tight font-semibold break-words">{name}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
