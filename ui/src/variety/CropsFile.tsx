import { useFileReading } from "../api/useFileReading";
import type { components } from "../api/schema";
import { FileField } from "../parts/FileField";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

type Reading = components["schemas"]["VarietyReading"];

/** The table of crops as a file for a spreadsheet, and back: what a file would change is shown before it is taken over. */
export function CropsFile() {
  const desk = useDesk();
  const { reading, fault, setFault, read, done } = useFileReading<Reading>();
  const path = `/api/gardens/${desk.plan.id}`;
  return (
    <details className="text-sm">
      <summary className="cursor-pointer">{words.file}</summary>
      <p className="py-1">
        {words.fileHint}{" "}
        <a className="text-button" href={`${path}/crops.csv`} download>
          {words.takeOut}
        </a>
      </p>
      <FileField
        label={words.choose}
        accept=".csv,text/csv,.txt,.tsv"
        onRead={(content) => {
          void read(`${path}/crops`, content);
        }}
        onFault={setFault}
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
            done();
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
