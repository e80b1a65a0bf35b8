import { useId, useState, type HTMLInputTypeAttribute } from "react";
import type { TermName } from "../terms/terms";
import { faultProps, FieldFrame } from "./FieldFrame";

interface Props {
  label: string;
  value: string;
  onCommit: (text: string) => void;
  fault?: string | undefined;
  type?: HTMLInputTypeAttribute;
  figures?: boolean;
  hideLabel?: boolean;
  /** Shown in the field while it is empty: what that means. */
  empty?: string;
  explain?: TermName;
}

/** A text or figure that is taken with Enter or on leaving the field, given up with Escape; what was refused stays to be mended. */
export function TextField({
  label,
  value,
  onCommit,
  fault,
  type = "text",
  figures = false,
  hideLabel,
  empty,
  explain,
}: Props) {
  const id = useId();
  const [draft, setDraft] = useState<string | null>(null);
  /** What was typed last, to be mended if it is refused. */
  const [sent, setSent] = useState<string | null>(null);
  const shown = draft ?? (fault === undefined ? null : sent) ?? value;

  function commit() {
    if (draft !== null && draft !== value) {
      setSent(draft);
      onCommit(draft);
    }
    setDraft(null);
  }

  return (
    <FieldFrame id={id} label={label} hideLabel={hideLabel} fault={fault} explain={explain}>
      <input
        id={id}
        type={type}
        className={`field ${figures ? "figures" : ""} ${fault ? "border-2 border-snag" : ""}`}
        value={shown}
        placeholder={empty}
        {...faultProps(id, fault)}
        onChange={(event) => {
          setDraft(event.target.value);
        }}
        onFocus={(event) => {
          if (figures) event.target.select();
        }}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === "Enter") commit();
          if (event.key === "Escape") {
            setDraft(null);
            setSent(null);
          }
          event.stopPropagation();
        }}
      />
    </FieldFrame>
  );
}
