import { useState } from "react";
import { useFileReading } from "../api/useFileReading";
import type { PriceReading } from "../api/types";
import { formatMoney } from "../measure/figures";
import { Choice } from "../parts/Choice";
import { FileField } from "../parts/FileField";
import { words } from "./words";
import { useDesk } from "../workspace/desk";

/** The price book as a file for a spreadsheet, and back: what a file would change is shown before it is taken over. */
export function PriceFile() {
  const desk = useDesk();
  const { reading, fault, setFault, read: readFile, done } = useFileReading<PriceReading>();
  const [content, setContent] = useState<ArrayBuffer>();
  const path = `/api/gardens/${desk.plan.id}`;

  function read(content: ArrayBuffer, columns: Columns = {}) {
    setContent(content);
    const query = new URLSearchParams(columns).toString();
    void readFile(`${path}/prices${query && `?${query}`}`, content);
  }

  return (
    <details className="text-sm">
      <summary className="cursor-pointer">Prices as a file</summary>
      <p className="py-1">
        <a className="text-button" href={`${path}/prices.csv`} download>
          Take the price book out
        </a>{" "}
        as CSV, fill in what the shops say, and read it again:
      </p>
      <FileField label="File of prices" accept=".csv,text/csv,.txt,.tsv" onRead={read} onFault={setFault} />
      {fault && (
        <p role="alert" className="text-snag">
          {fault}
        </p>
      )}
      {reading && content && (
        <ColumnChoice
          reading={reading}
          onChange={(columns) => {
            read(content, columns);
          }}
        />
      )}
      {reading?.complete === false && <p role="status">{words.whichColumns}</p>}
      {reading?.complete && (
        <Findings
          reading={reading}
          onTake={() => {
            if (reading.change) desk.submit(reading.change);
            done();
          }}
        />
      )}
    </details>
  );
}

/** Headings of a file by what their columns hold. */
type Columns = Record<string, string>;

const HELD = {
  item: "Column with the thing",
  price: "Column with the price",
  shop: "Column with the shop",
  date: "Column with the day",
} as const;
const NONE = "";

/** Which of a file's columns holds what; the file is read again when another is chosen. */
function ColumnChoice(props: { reading: PriceReading; onChange: (columns: Columns) => void }) {
  const { headings, columns, complete } = props.reading;
  return (
    <details open={!complete} className="pt-1">
      <summary className="cursor-pointer">Which column holds what</summary>
      <div className="grid grid-cols-2 gap-2">
        {Object.entries(HELD).map(([ours, label]) => (
          <Choice
            key={ours}
            label={label}
            value={columns[ours] ?? NONE}
            options={[
              { value: NONE, label: "none" },
              ...headings.map((heading) => ({ value: heading, label: heading })),
            ]}
            onChange={(heading) => {
              props.onChange({ ...columns, [ours]: heading });
            }}
          />
        ))}
      </div>
    </details>
  );
}

function Findings({ reading, onTake }: { reading: PriceReading; onTake: () => void }) {
  const { catalogue } = useDesk();
  const labels = new Map(catalogue.items.map((item) => [item.key, item.label]));
  const { taken, same, rejected } = reading;
  return (
    <div className="space-y-1 pt-1" role="status" data-testid="price-reading">
      <p>
        <span className="figures">{taken.length}</span> new or changed,{" "}
        <span className="figures">{same}</span> the same, <span className="figures">{rejected.length}</span>{" "}
        not taken.
      </p>
      <ul className="max-h-40 overflow-y-auto">
        {taken.map(({ item, before, amount }) => (
          <li key={item} className="flex justify-between gap-2 border-b border-hair">
            <span>{labels.get(item) ?? item}</span>
            <span className="figures whitespace-nowrap">
              {before ? `${formatMoney(before)} → ` : ""}
              {formatMoney(amount)}
            </span>
          </li>
        ))}
      </ul>
      {rejected.length > 0 && (
        <ul className="max-h-40 overflow-y-auto text-snag">
          {rejected.map(({ row, text, reason }) => (
            <li key={row}>
              Row <span className="figures">{row}</span> ({text}): {reason}
            </li>
          ))}
        </ul>
      )}
      {taken.length > 0 && (
        <button type="button" className="strong-button" onClick={onTake}>
          Take over {taken.length} {taken.length === 1 ? "price" : "prices"}
        </button>
      )}
    </div>
  );
}
