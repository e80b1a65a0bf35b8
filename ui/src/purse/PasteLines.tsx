import { useId, useState } from "react";
import { Problem, upload } from "../api/client";
import type { FoundLines } from "../api/types";
import { words } from "../words";
import { useDesk } from "../workspace/desk";

/** The lines of a receipt out of an order mail or a file; what can't be read is told, the rest goes into the form. */
export function PasteLines({ onFound }: { onFound: (found: FoundLines) => void }) {
  const { plan } = useDesk();
  const area = useId();
  const file = useId();
  const [text, setText] = useState("");
  const [found, setFound] = useState<FoundLines>();
  const [fault, setFault] = useState<string>();

  async function read(content: ArrayBuffer) {
    setFault(undefined);
    setFound(undefined);
    try {
      const lines = await upload<FoundLines>(`/api/gardens/${plan.id}/ledger/lines`, content);
      setFound(lines);
      onFound(lines);
      setText("");
    } catch (failure) {
      const [first] = failure instanceof Problem ? failure.faults : [];
      const told = failure instanceof Problem ? failure.message : words.awayIdle;
      setFault(first ? `${first.wrong}; ${first.right}` : told);
    }
  }

  return (
    <details>
      <summary className="cursor-pointer">Paste its lines, or read a file</summary>
      <label htmlFor={area} className="text-soft">
        Lines as in an order mail: 2 x Deck screws 27.00
      </label>
      <textarea
        id={area}
        className="field figures h-24 w-full"
        value={text}
        onChange={(event) => {
          setText(event.target.value);
        }}
      />
      <p className="flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="plain-button"
          disabled={text.trim() === ""}
          onClick={() => void read(new TextEncoder().encode(text).buffer)}
        >
          Take these lines
        </button>
        <label htmlFor={file}>or a CSV file</label>
        <input
          id={file}
          type="file"
          accept=".csv,text/csv,.txt,.tsv"
          className="min-w-0 grow"
          onChange={(event) => {
            const chosen = event.target.files?.[0];
            if (chosen) void chosen.arrayBuffer().then(read);
            event.target.value = "";
          }}
        />
      </p>
      {fault && (
        <p role="alert" className="text-snag">
          {fault}
        </p>
      )}
      {found && (
        <div role="status">
          <p>
            {found.lines.length} {found.lines.length === 1 ? "line" : "lines"} taken.
          </p>
          {found.rejected.map(({ row, text: line, reason }) => (
            <p key={row} className="text-snag">
              Line {row}, “{line}”: {reason}
            </p>
          ))}
        </div>
      )}
    </details>
  );
}
