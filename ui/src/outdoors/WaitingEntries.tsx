import { useState } from "react";
import { Link } from "react-router";
import { words } from "./words";
import { outbox, useOutbox } from "./useOutbox";

/** What waits to be sent, in one line that unfolds into a list; nothing where nothing waits. */
export function WaitingEntries() {
  const { entries, signedOut } = useOutbox();
  const [open, setOpen] = useState(false);
  return (
    <div aria-live="polite" className="min-h-6 text-sm text-snag">
      {entries.length > 0 && (
        <button
          type="button"
          className="text-button min-h-6 text-snag"
          aria-expanded={open}
          onClick={() => {
            setOpen(!open);
          }}
        >
          <span aria-hidden="true">{open ? "▾" : "▸"}</span> {words.entriesWait(entries.length)}
        </button>
      )}
      {signedOut && (
        <p>
          {words.waitForSignIn} <Link to="/">Sign in</Link>
        </p>
      )}
      {open && (
        <ul
          aria-label="What waits to be sent"
          className="max-h-40 overflow-y-auto border-t border-hair text-ink"
        >
          {entries.map(({ key, words: what, refused }) => (
            <li key={key} className="flex gap-2 border-b border-hair py-1">
              <span className="grow">
                {what}
                {refused !== undefined && <span className="block text-snag">{refused}</span>}
              </span>
              {refused !== undefined && (
                <button
                  type="button"
                  className="text-button"
                  aria-label={`Forget: ${what}`}
                  onClick={() => {
                    outbox().drop(key);
                  }}
                >
                  Forget
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
