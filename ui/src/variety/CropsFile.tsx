import { useId, useState } from "react";
import { Problem, upload } from "../api/client";
import type { components } from "../api/schema";
import { words as everywhere } from "../words";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

type Reading = components["schemas"]["VarietyReading"];

/** The table of crops as a file for a spreadsheet, and back: what a file would change is shown before it is taken over. */
export function CropsFile() {
  const desk = useDesk();
  const id = useId();
  const [reading, setReading] = useState<Reading>();
  const [fault, setFault] = useState<string>();
  const path = `/api/gardens/${desk.plan.id}`;

  async function read(content: ArrayBuffer) {
    setReading(undefined);
    setFault(undefined);
    try {
      setReading(await upload<Reading>(`${path}/crops`, content));
    } catch (failure) {
      const [first] = failure instanceof Problem ? failure.faults : [];
      const told = failure instanceof Problem ? failure.message : everywhere.awayIdle;
      setFault(first ? `${first.wrong}; ${first.right}` : told);
    }
  }

  return (
    <details className="text-sm">
      <summary className="cursor-pointer">{words.file}</summary>
      <p className="py-1">
        {words.fileHint}{" "}
        <a className="text-button" href={`${path}/crops.csv`} download>
          {words.takeOut}
        </a>
      </p>
      <label htmlFor={id} className="sr-only">
        {words.choose}
      </label>
      <input
        id={id}
        type="file"
        accept=".csv,text/csv,.txt,.tsv"
        className="w-full"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) void file.arrayBuffer().then((bytes) => read(bytes));
          event.target.value = "";
        }}
      />
      {fault && (
        <p role="alert" className="text-snag">
          {fault}
        </p>
      )}
      {reading && (
        <Findings
          reading={reading}
          onTake={() => {
            if (reading.change) desk.submit(reading.change, setFault);
            setReading(undefined);
          }}
        />
      )}
    </details>
  );
}

function Findings({ reading, onTake }: { reading: Reading; onTake: () => void }) {
  const { taken, same, rejected, unknown } = reading;
  return (
    <div className="space-y-1 pt-1" role="status" data-testid="crops-reading">
      <p>{words.found(taken.length, same, rejected.length)}</p>
      {unknown.length > 0 && <p>{words.leftOut(unknown.join(", "))}</p>}
      {taken.length > 0 && <p>{taken.map(({ name }) => name).join(", ")}</p>}
      {rejected.length > 0 && (
        <ul className="max-h-40 overflow-y-auto text-snag">
          {rejected.map(({ row, text, reason }) => (
            <li key={row}>{words.row(row, text, reason)}</li>
          ))}
        </ul>
      )}
      {taken.length > 0 && (
        <button type="button" className="strong-button" onClick={onTake}>
          {words.takeOver(taken.length)}
        </button>
      )}
    </div>
  );
}
