import { useState } from "react";
import type { Catalogue } from "../api/types";
import { useAdding } from "../forms/useAdding";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

type Pipe = Catalogue["pipes"][number];

/** A pipe that is not in the list, by what the water meets: it is offered for other runs too as long as one is laid of it. */
export function OwnPipe({ onAdd }: { onAdd: (pipe: Pipe["kind"]) => void }) {
  const { catalogue, units } = useDesk();
  const [name, setName] = useState("");
  const [bore, setBore] = useState<number>();
  const [sort, setSort] = useState(catalogue.pipeSorts[0]?.sort);
  const { faults, add } = useAdding<Pipe>("/api/catalogue/pipes", ({ kind }) => {
    onAdd(kind);
    setName("");
    setBore(undefined);
  });
  return (
    <details>
      <summary className="cursor-pointer text-sm">{words.ownPipe}</summary>
      <div className="space-y-2 border-l border-rule py-1 pl-2">
        <TextField label={words.ownPipeName} value={name} fault={faults["name"]} onCommit={setName} />
        <LengthField
          label={words.bore}
          value={bore}
          units={units}
          fault={faults["bore"]}
          onCommit={setBore}
        />
        <Choice
          label={words.pipeSort}
          value={sort ?? ""}
          options={catalogue.pipeSorts.map((each) => ({ value: each.sort, label: each.label }))}
          onChange={(value) => {
            setSort(catalogue.pipeSorts.find((each) => each.sort === value)?.sort);
          }}
        />
        <p className="text-sm text-soft">{words.ownPipeExplained}</p>
        <button
          type="button"
          className="plain-button"
          disabled={name === "" || bore === undefined}
          onClick={() => {
            void add({ name, bore, sort });
          }}
        >
          {words.layOfOwn}
        </button>
      </div>
    </details>
  );
}
