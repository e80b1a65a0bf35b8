import { useState } from "react";
import type { AsideSnag } from "../api/types";
import { useDesk } from "./desk";

/** Snags that somebody lives with, folded away below the others. */
export function AsideSnags({ aside }: { aside: readonly AsideSnag[] }) {
  const { submit } = useDesk();
  const [open, setOpen] = useState(false);
  if (aside.length === 0) return null;
  return (
    <section aria-label="Snags put aside" className="border-t border-rule">
      <button
        type="button"
        aria-expanded={open}
        className="flex w-full cursor-pointer items-baseline gap-2 px-3 py-1 text-left text-sm text-soft hover:bg-markpale"
        onClick={() => {
          setOpen(!open);
        }}
      >
        <span aria-hidden="true">{open ? "▾" : "▸"}</span>
        <span className="grow">Put aside</span>
        <span className="figures">{aside.length}</span>
      </button>
      {open && (
        <ul className="max-h-56 overflow-y-auto">
          {aside.map(({ entry, snag }) => (
            <li key={entry.id} className="border-t border-hair px-3 py-2 text-sm">
              <p className="text-soft">{snag.words}</p>
              <p>“{entry.reason}”</p>
              <button
                type="button"
                className="text-button mt-1"
                onClick={() => {
                  submit({ kind: "RemoveSetAside", setAside: entry.id });
                }}
              >
                Bring back
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
