import type { Lifetime } from "../api/types";
import { without } from "../edits/changes";
import { TextField } from "../parts/TextField";

interface LifetimeFieldsProps {
  lifetime: Lifetime;
  labels: Readonly<Record<keyof Lifetime, string>>;
  /** What it means if no season is given in which it comes. */
  always?: string;
  faults: Readonly<Record<string, string>>;
  onChange: (field: keyof Lifetime, lifetime: Lifetime) => void;
}

/** From when and until when something is there; an empty field means that it was there before, or that it stays. */
export function LifetimeFields({
  lifetime,
  labels,
  always = "always",
  faults,
  onChange,
}: LifetimeFieldsProps) {
  return (
    <>
      {(["from", "until"] as const).map((field) => (
        <TextField
          key={field}
          label={labels[field]}
          value={lifetime[field] === undefined ? "" : String(lifetime[field])}
          figures
          empty={{ from: always, until: "stays" }[field]}
          fault={faults[field]}
          onCommit={(text) => {
            onChange(field, withSeason(lifetime, field, text.trim()));
          }}
        />
      ))}
    </>
  );
}

/** What is no year is refused by the server, which says why. */
function withSeason(lifetime: Lifetime, field: keyof Lifetime, text: string): Lifetime {
  if (text === "") return without(lifetime, field);
  return { ...lifetime, [field]: /^\d{1,6}$/.test(text) ? Number(text) : 0 };
}
