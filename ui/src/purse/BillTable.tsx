import { allNamed } from "../capabilities";
import { Fragment, useState } from "react";
import type { BillLine } from "../api/types";
import { formatMoney } from "../measure/figures";
import { useDesk } from "../workspace/desk";
import { useItemLabels } from "./useItemLabels";

/** Lines of the bill, season by season: quantity, what, amount. Each opens to how its amount comes about and what it is for. */
export function BillTable({ lines, empty }: { lines: readonly BillLine[]; empty: string }) {
  if (lines.length === 0) return <p className="text-soft">{empty}</p>;
  return (
    <table className="w-full text-sm">
      <thead className="sr-only">
        <tr>
          <th>Quantity</th>
          <th>What</th>
          <th>Amount</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line, index) => (
          <Fragment key={`${String(line.season)} ${line.part} ${line.item}`}>
            {line.season !== lines[index - 1]?.season && (
              <tr>
                <th colSpan={3} scope="rowgroup" className="figures pt-2 text-left text-soft">
                  {line.season}
                </th>
              </tr>
            )}
            <Line line={line} />
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}

function Line({ line }: { line: BillLine }) {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const label = useItemLabels()(line.item);
  return (
    <>
      <tr className={`align-top ${open ? "" : "border-b border-hair"}`}>
        <td className="figures py-1 pr-2 text-right whitespace-nowrap">{line.quantity} ×</td>
        <td className="py-1">
          <button
            type="button"
            className="text-button min-h-0 text-left"
            aria-expanded={open}
            onClick={() => {
              if (!open && line.beds.length > 0)
                desk.select(line.beds.filter((bed) => desk.bedById.has(bed)));
              setOpen(!open);
            }}
          >
            {label}
          </button>
        </td>
        <td className="figures py-1 pl-2 text-right whitespace-nowrap">
          {line.amount ? formatMoney(line.amount) : <span className="text-snag">no price</span>}
        </td>
      </tr>
      {open && (
        <tr className="border-b border-hair">
          <td />
          <td colSpan={2} className="pb-1 text-soft">
            <Why line={line} />
          </td>
        </tr>
      )}
    </>
  );
}

/** The arithmetic of a line with its numbers, and what of the plan it serves. */
function Why({ line }: { line: BillLine }) {
  const { plan } = useDesk();
  const named = allNamed(plan).filter(({ id }) => line.beds.includes(id) || line.places.includes(id));
  const names = named.map(({ name }) => name).sort();
  return (
    <>
      {line.price ? (
        <span className="figures">
          {line.quantity} × {formatMoney(line.price)}
          {line.acquired === "FREE" ? " saved" : line.amount && ` = ${formatMoney(line.amount)}`}
        </span>
      ) : (
        "The price book has no price for it."
      )}
      {names.length > 0 && <span> for {names.join(", ")}</span>}
      {line.used !== undefined && line.used !== line.quantity && (
        <span className="figures">
          ; {line.used} used, {leftOver(line.quantity, line.used)} left over
        </span>
      )}
      {line.acquired === "KEPT" && <span>; it stays when the garden is done</span>}
    </>
  );
}

/** To the thousandth, as what is used is told. */
function leftOver(quantity: number, used: number): number {
  return Math.round((quantity - used) * 1000) / 1000;
}
