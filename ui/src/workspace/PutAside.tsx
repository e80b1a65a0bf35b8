import { useState } from "react";
import type { Snag } from "../api/types";
import { words } from "./words";
import { setAside } from "./aside";
import { useDesk } from "./desk";

const LONGEST_REASON = 200;

/** The way to live with a snag: it asks why, so that one knows it next year. */
export function PutAside({ snag }: { snag: Snag }) {
  const { plan, submit } = useDesk();
  const [reason, setReason] = useState<string | null>(null);
  if (reason === null) {
    return (
      <button
        type="button"
        className="text-button mt-1"
        onClick={() => {
          setReason("");
        }}
      >
        Put aside …
      </button>
    );
  }
  return (
    <form
      className="mt-2 border-t border-hair pt-1"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim() !== "") submit(setAside(snag, reason, plan.setAside));
      }}
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        event.stopPropagation();
        setReason(null);
      }}
    >
      <label className="block">
        Why it may stay
        <input
          autoFocus
          className="field mt-0.5 w-full"
          maxLength={LONGEST_REASON}
          value={reason}
          onChange={(event) => {
            setReason(event.target.value);
          }}
        />
      </label>
      <p className="text-soft">{words.putAside}</p>
      <div className="mt-1 flex gap-2">
        <button type="submit" className="plain-button" disabled={reason.trim() === ""}>
          Put aside
        </button>
        <button
          type="button"
          className="text-button"
          onClick={() => {
            setReason(null);
          }}
        >
          Cancel
        </button>
      </div>
    </form>
  );
}
