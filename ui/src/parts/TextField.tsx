import { useId, useState, type HTMLInputTypeAttribute } from "react";
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
}

/** A text or figure that is taken with Enter or on leaving the field, given up with Escape. */
export function TextField({
  label,
  value,
  onCommit,
  fault,
  type = "text",
  figures = false,
  hideLabel,
  empty,
}: Props) {
  const id = useId();
  const [draft, setDraft] = useState<string | null>(null);

  function commit() {
    if (draft !== null && draft !== value) onCommit(draft);
    setDraft(null);
  }

  return (
    <FieldFrame id={id} label={label} hideLabel={hideLabel} fault={fault}>
      <input
        id={id}
        type={type}
        className={`field ${figures ? "figures" : ""} ${fault ? "border-2 border-snag" : ""}`}
        value={draft ?? value}
        placeholder={empty}
        {...faultProps(id, fault)}
        onChange={(event) => {
          setDraft(event.target.value);
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
