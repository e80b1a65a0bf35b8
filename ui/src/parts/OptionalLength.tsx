import { useId, useState } from "react";
import type { Units } from "../api/types";
import { formatLength, parseLength } from "../measure/lengths";
import { words } from "../words";
import { faultProps, FieldFrame } from "./FieldFrame";

interface Props {
  label: string;
  /** Metres; undefined while nobody has said. */
  value: number | undefined;
  units: Units;
  fault?: string | undefined;
  onCommit: (metres: number | undefined) => void;
}

/** A length that may be left out; taken with Enter or on leaving the field, emptied to take it back. */
export function OptionalLength({ label, value, units, fault, onCommit }: Props) {
  const id = useId();
  const [draft, setDraft] = useState<string | null>(null);
  const [unread, setUnread] = useState(false);
  const message = unread ? words.unreadableLength : fault;

  function commit() {
    if (draft === null) return;
    const metres = draft.trim() === "" ? undefined : parseLength(draft, units);
    setUnread(metres === null);
    if (metres === null) return;
    setDraft(null);
    if (metres !== value) onCommit(metres);
  }

  return (
    <FieldFrame id={id} label={label} fault={message}>
      <input
        id={id}
        className={`field figures ${message ? "border-2 border-snag" : ""}`}
        value={draft ?? (value === undefined ? "" : formatLength(value, units))}
        {...faultProps(id, message)}
        onChange={(event) => {
          setDraft(event.target.value);
          setUnread(false);
        }}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === "Enter") commit();
          if (event.key === "Escape") setDraft(null);
          event.stopPropagation();
        }}
      />
    </FieldFrame>
  );
}
