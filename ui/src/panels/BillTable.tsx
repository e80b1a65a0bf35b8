import type { BillLine } from "../api/types";
import { formatMoney } from "../measure/figures";
import { useDesk } from "../workspace/desk";

/** Lines of the bill: quantity, what, season, amount. */
export function BillTable({ lines, empty }: { lines: readonly BillLine[]; empty: string }) {
  const { catalogue } = useDesk();
  const labels = new Map(catalogue.items.map((item) => [item.key, item.label]));
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
          <tr key={index} className="border-b border-hair align-top">
            <td className="figures py-1 pr-2 text-right whitespace-nowrap">{line.quantity} ×</td>
            <td className="py-1">
              {labels.get(line.item) ?? line.item} <span className="figures text-soft">{line.season}</span>
            </td>
            <td className="figures py-1 pl-2 text-right whitespace-nowrap">
              {line.amount ? formatMoney(line.amount) : <span className="text-snag">no price</span>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
