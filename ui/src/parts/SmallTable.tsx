import type { ReactNode } from "react";

interface Row {
  key: string;
  /** What the row is about. */
  head: ReactNode;
  /** Figures, in the order of the heads after the first. */
  cells: readonly ReactNode[];
  strong?: boolean;
}

interface Props {
  /** Of the column of row heads, then of the figures; none for a list that needs no heads. */
  heads?: readonly { text: string; title?: string }[];
  caption?: string;
  rows: readonly Row[];
}

/** Figures in the narrow column of a panel. */
export function SmallTable({ heads = [], caption, rows }: Props) {
  return (
    <table className="w-full text-xs">
      {caption && <caption className="text-left text-soft">{caption}</caption>}
      {heads.length > 0 && (
        <thead>
          <tr className="text-soft">
            {heads.map(({ text, title }, column) => (
              <th
                key={text}
                scope="col"
                title={title}
                className={`pl-1 font-normal first:pl-0 ${column === 0 ? "text-left" : "text-right"}`}
              >
                {text}
              </th>
            ))}
          </tr>
        </thead>
      )}
      <tbody>
        {rows.map(({ key, head, cells, strong = false }) => (
          <tr key={key} className={strong ? "font-semibold" : "font-normal"}>
            <th scope="row" className="text-left [font-weight:inherit]">
              {head}
            </th>
            {cells.map((cell, column) => (
              <td key={column} className="figures pl-1 text-right whitespace-nowrap">
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
