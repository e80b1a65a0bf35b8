import type { ReactNode } from "react";
import type { Change } from "../api/types";
import { useFieldEdit } from "../forms/useFieldEdit";
import { Fault } from "../parts/Fault";
import { RovingList } from "../parts/RovingList";
import { useDesk } from "../workspace/desk";

interface Props<T> {
  testId: string;
  hint: string;
  /** Said where there are none. */
  none: string;
  things: readonly T[];
  form: (thing: T) => ReactNode;
  /** Of the button that adds one. */
  add: string;
  begun: (id: string) => Change;
}

/** Things of one kind with their forms, and a button for a new one. */
export function NotedThings<T>({ testId, hint, none, things, form, add, begun }: Props<T>) {
  const { select } = useDesk();
  const { faults, edit } = useFieldEdit();
  return (
    <>
      <p className="text-sm text-soft">{hint}</p>
      {things.length === 0 && <p>{none}</p>}
      <RovingList data-testid={testId}>{things.map(form)}</RovingList>
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          const id = crypto.randomUUID();
          edit("name", begun(id));
          select([id]);
        }}
      >
        {add}
      </button>
      <Fault text={faults["name"]} />
    </>
  );
}
