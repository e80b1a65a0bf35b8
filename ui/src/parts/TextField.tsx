import { useId, useState, type HTMLInputTypeAttribute } from "react";

interface Props {
  label: string;
  value: string;
  onCommit: (text: string) => void;
  fault?: string | undefined;
  type?: HTMLInputTypeAttribute;
  figures?: boolean;
  hideLabel?: boolean;
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
}: Props) {
  const id = useId();
  const [draft, setDraft] = useState<string | null>(null);

  function commit() {
    if (draft !== null && draft !== value) onCommit(draft);
    setDraft(null);
  }

  return (
    <div>
      <label htmlFor={id} className={hideLabel ? "sr-only" : "block text-sm text-soft"}>
        {label}
      </label>
      <input
        id={id}
        type={type}
        className={`field ${figures ? "figures" : ""} ${fault ? "border-2 border-snag" : ""}`}
        value={draft ?? value}
        aria-invalid={fault !== undefined}
        aria-describedby={fault ? `${id}-fault` : undefined}
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
      {fault && (
        <p id={`${id}-fault`} role="alert" className="mt-0.5 text-sm text-snag">
          {fault}
        </p>
      )}
    </div>
  );
}
