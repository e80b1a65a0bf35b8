import { useId } from "react";
import type { TermName } from "../terms/terms";
import { FieldFrame } from "./FieldFrame";

interface Props<T extends string> {
  label: string;
  value: T;
  options: readonly { value: T; label: string }[];
  onChange: (value: T) => void;
  hideLabel?: boolean;
  explain?: TermName;
}

/** One of a list, by the platform's own control. */
export function Choice<T extends string>({ label, value, options, onChange, hideLabel, explain }: Props<T>) {
  const id = useId();
  return (
    <FieldFrame id={id} label={label} hideLabel={hideLabel} explain={explain}>
      <select
        id={id}
        className="field"
        value={value}
        onChange={(event) => {
          const chosen = options.find((option) => option.value === event.target.value);
          if (chosen) onChange(chosen.value);
        }}
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </FieldFrame>
  );
}
