import type { ReactNode } from "react";
import type { Lifetime } from "../api/types";
import { roving } from "../parts/RovingList";
import { TextField } from "../parts/TextField";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { fieldsOf } from "../workspace/fields";
import { LifetimeFields } from "./LifetimeFields";
import { useOpenWhen } from "./useOpenWhen";

interface ThingFormProps {
  thing: { id: string; name: string; lifetime?: Lifetime };
  /** What it is, said after its name. */
  about: string | undefined;
  /** What its seasons are called; nothing for what goes by days. */
  seasons?: Readonly<Record<keyof Lifetime, string>>;
  /** What it means if no season is given in which it comes. */
  always?: string;
  faults: Readonly<Record<string, string>>;
  onChange: (field: string, part: { name: string } | { lifetime: Lifetime }) => void;
  /** On the button that takes it out, and the same with its name. */
  takeOut: readonly [button: string, named: string];
  onTakeOut: () => void;
  /** Said below its seasons. */
  note?: ReactNode;
  testId?: string;
  children: ReactNode;
}

/** Something that stands or lies on the plot: its name, what its kind asks besides, its seasons, and how it goes. */
export function ThingForm(props: ThingFormProps) {
  const { thing, about, seasons, always, faults, onChange, takeOut, onTakeOut, note, testId, children } =
    props;
  const [button, named] = takeOut;
  const { selection, select } = useDesk();
  const selected = selection.has(thing.id);
  const [open, setOpen] = useOpenWhen(selected);
  return (
    <details
      className={`border-b border-hair py-1 ${selected ? "bg-markpale/40" : ""}`}
      data-testid={testId}
      {...fieldsOf(thing.id)}
      open={open}
    >
      <summary
        {...roving}
        className="cursor-pointer"
        onClick={(event) => {
          // Selecting it opens it too: the browser's own turn would close it again.
          event.preventDefault();
          setOpen(!open);
          if (!open) select([thing.id]);
        }}
      >
        {thing.name}{" "}
        <span className="text-soft">
          {[about, thing.lifetime && words.lifetime(thing.lifetime)].filter(Boolean).join(", ")}
        </span>
      </summary>
      <div className="space-y-2 py-2">
        <TextField
          label="Name"
          value={thing.name}
          fault={faults["name"]}
          onCommit={(name) => {
            onChange("name", { name });
          }}
        />
        {children}
        {thing.lifetime && seasons && (
          <div className="grid grid-cols-2 items-end gap-2">
            <LifetimeFields
              lifetime={thing.lifetime}
              labels={seasons}
              {...(always === undefined ? {} : { always })}
              faults={faults}
              onChange={(field, lifetime) => {
                onChange(field, { lifetime });
              }}
            />
          </div>
        )}
        {note}
        <button type="button" className="plain-button" aria-label={named} onClick={onTakeOut}>
          {button}
        </button>
      </div>
    </details>
  );
}
