import { useId } from "react";
import type { TermName } from "../terms/terms";
import { FieldFrame } from "./FieldFrame";

interface Option<T extends string> {
  value: T;
  label: string;
  /** Those of one group stand together under its name. */
  group?: string;
}

interface Props<T extends string> {
  label: string;
  value: T;
  options: readonly Option<T>[];
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
        {grouped(options).map(([group, members]) =>
          group === undefined ? (
            members.map(asOption)
          ) : (
            <optgroup key={group} label={group}>
              {members.map(asOption)}
            </optgroup>
          ),
        )}
      </select>
    </FieldFrame>
  );
}

function asOption<T extends string>({ value, label }: Option<T>) {
  return (
    <option key={value} value={value}>
      {label}
    </option>
  );
}

/** In the order in which the groups come first. */
function grouped<T extends string>(options: readonly Option<T>[]): [string | undefined, Option<T>[]][] {
  const groups = new Map<string | undefined, Option<T>[]>();
  for (const option of options) {
    groups.set(option.group, [...(groups.get(option.group) ?? []), option]);
  }
  return [...groups];
}
