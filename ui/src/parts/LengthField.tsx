import { useId, useState } from "react";
import type { Units } from "../api/types";
import { formatLength, parseLength } from "../measure/lengths";
import { words } from "../words";
import type { TermName } from "../terms/terms";
import { faultProps, FieldFrame } from "./FieldFrame";

interface Props {
  label: string;
  /** Metres; undefined while nobody has said. */
  value: number | undefined;
  units: Units;
  onCommit: (metres: number) => void;
  /** Where the length may be left out: it was emptied. */
  onEmpty?: () => void;
  /** What the program says is wrong with it. */
  fault?: string | undefined;
  autoFocus?: boolean;
  onCancel?: () => void;
  hideLabel?: boolean;
  /** Shown while it is empty: what that means. */
  empty?: string;
  explain?: TermName | undefined;
}

/** A length that may be typed in any unit; taken with Enter or on leaving the field, given up with Escape. */
export function LengthField({
  label,
  value,
  units,
  onCommit,
  fault,
  autoFocus,
  onCancel,
  onEmpty,
  hideLabel,
  empty,
  explain,
}: Props) {
  const id = useId();
  const [draft, setDraft] = useState<string | null>(null);
  const [unread, setUnread] = useState(false);
  /** What was typed last, to be mended if it is refused. */
  const [sent, setSent] = useState<string | null>(null);
  const kept = value === undefined ? "" : formatLength(value, units);
  const shown = draft ?? (fault === undefined ? null : sent) ?? kept;
  const message = unread ? words.unreadableLength : fault;

  function commit() {
    if (draft === null) return;
    if (onEmpty && draft.trim() === "") {
      setDraft(null);
      setUnread(false);
      if (value !== undefined) onEmpty();
      return;
    }
    const metres = parseLength(draft, units);
    setUnread(metres === null);
    if (metres === null) return;
    setDraft(null);
    if (metres === value) return;
    setSent(draft);
    onCommit(metres);
  }

  return (
    <FieldFrame id={id} label={label} hideLabel={hideLabel} fault={message} explain={explain}>
      <input
        id={id}
        className={`field figures ${message ? "border-2 border-snag" : ""}`}
        value={shown}
        placeholder={empty}
        autoFocus={autoFocus}
        {...faultProps(id, message)}
        onChange={(event) => {
          setDraft(event.target.value);
          setUnread(false);
        }}
        onFocus={(event) => {
          event.target.select();
        }}
        onBlur={() => {
          commit();
          onCancel?.();
        }}
        onKeyDown={(event) => {
          if (event.key === "Enter") commit();
          if (event.key === "Escape") {
            setDraft(null);
            setSent(null);
            setUnread(false);
            onCancel?.();
          }
          event.stopPropagation();
        }}
      />
    </FieldFrame>
  );
}
