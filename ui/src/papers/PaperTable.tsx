import {
  createFilteredRowModel,
  createSortedRowModel,
  columnFilteringFeature,
  filterFn_includesString,
  globalFilteringFeature,
  rowSortingFeature,
  sortFn_alphanumeric,
  sortFn_basic,
  tableFeatures,
  useTable,
  type ColumnDef,
  type RowData,
} from "@tanstack/react-table";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useEffect, useMemo, useRef, useState, type RefObject } from "react";
import { aligned, type Column } from "./columns";

const features = tableFeatures({
  rowSortingFeature,
  columnFilteringFeature,
  globalFilteringFeature,
  sortedRowModel: createSortedRowModel(),
  filteredRowModel: createFilteredRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric, basic: sortFn_basic },
  filterFns: { includesString: filterFn_includesString },
});

interface Props<T> {
  name: string;
  rows: readonly T[];
  columns: readonly Column<T>[];
  rowKey: (row: T) => string;
  /** The column by which rows are in groups at first. */
  groupedBy?: string;
  /** The things on the sheet that a row is about. */
  concerns?: (row: T) => readonly string[];
  onConcern?: (things: readonly string[]) => void;
  /** Said instead of a table without rows. */
  empty: string;
}

/** A row, or the heading or the sum of a group of rows. */
type Line<T> = { kind: "row"; row: T } | { kind: "group" | "sum"; name: string; rows: readonly T[] };

/** Longer tables draw only the rows that are seen. */
const MOST_DRAWN = 80;
const ROW_HEIGHT = 31;

/** A table with the room of the page: it sorts, filters and groups, its heads stay, its decimal points stand below each other. */
export function PaperTable<T extends RowData>(props: Props<T>) {
  const { name, rows, columns, rowKey, concerns, onConcern, empty } = props;
  const [grouped, setGrouped] = useState(props.groupedBy ?? "");
  const [filter, setFilter] = useState("");
  const defs = useMemo(
    () =>
      columns.map((column): ColumnDef<typeof features, T> => ({
        id: column.key,
        header: column.head,
        accessorFn: (row) => column.value(row) ?? undefined,
        sortFn: column.figures ? "basic" : "alphanumeric",
        sortUndefined: "last",
        filterFn: "includesString",
      })),
    [columns],
  );
  const data = useMemo(() => [...rows], [rows]);
  const table = useTable({
    features,
    columns: defs,
    data,
    getRowId: rowKey,
    globalFilterFn: "includesString",
    getColumnCanGlobalFilter: () => true,
    state: { globalFilter: filter },
  });
  const shown = table.getRowModel().rows.map(({ original }) => original);
  const groups = columns.filter((column) => column.groups);
  const by = columns.find(({ key }) => key === grouped);
  const lines = linesOf(
    shown,
    by,
    columns.some(({ sum }) => sum),
  );
  const texts = useMemo(() => figuresOf(rows, columns), [rows, columns]);

  if (rows.length === 0) return <p className="p-4 text-soft">{empty}</p>;
  return (
    <div className="flex min-h-0 flex-col">
      <div className="flex flex-wrap items-center gap-3 border-b border-hair px-4 py-1.5 print:hidden">
        <label className="flex items-center gap-2">
          Find{" "}
          <input
            className="field w-48"
            value={filter}
            placeholder="any word or figure"
            onChange={(event) => {
              setFilter(event.target.value);
            }}
          />
        </label>
        {groups.length > 0 && (
          <label className="flex items-center gap-2">
            Group by{" "}
            <select
              className="field w-40"
              value={grouped}
              onChange={(event) => {
                setGrouped(event.target.value);
              }}
            >
              <option value="">nothing</option>
              {groups.map(({ key, head }) => (
                <option key={key} value={key}>
                  {head.toLowerCase()}
                </option>
              ))}
            </select>
          </label>
        )}
        <span role="status" className="text-sm text-soft">
          {shown.length === rows.length
            ? `${String(rows.length)} ${rows.length === 1 ? "line" : "lines"}`
            : `${String(shown.length)} of ${String(rows.length)} lines`}
        </span>
      </div>
      <Lines
        name={name}
        lines={lines}
        columns={by ? columns.filter((column) => column !== by) : columns}
        texts={texts}
        rowKey={rowKey}
        sorted={(key) => table.getColumn(key)?.getIsSorted() ?? false}
        onSort={(key) => {
          table.getColumn(key)?.toggleSorting();
        }}
        onConcern={(row) => onConcern?.(row && concerns ? concerns(row) : [])}
      />
    </div>
  );
}

interface LinesProps<T> {
  name: string;
  lines: readonly Line<T>[];
  columns: readonly Column<T>[];
  texts: ReadonlyMap<string, ReadonlyMap<T, string>>;
  rowKey: (row: T) => string;
  sorted: (key: string) => false | "asc" | "desc";
  onSort: (key: string) => void;
  onConcern: (row: T | null) => void;
}

function Lines<T>(props: LinesProps<T>) {
  const { name, lines, columns, texts, rowKey, sorted, onSort, onConcern } = props;
  const room = useRef<HTMLDivElement>(null);
  const { seen, above, below } = useSeen(lines.length, room);
  return (
    <div
      ref={room}
      className="relative min-h-0 grow overflow-auto print:overflow-visible"
      onPointerLeave={() => {
        onConcern(null);
      }}
    >
      <table
        className="w-full min-w-160 border-separate border-spacing-0"
        aria-label={name}
        aria-rowcount={lines.length + 1}
      >
        <thead>
          <tr>
            {columns.map(({ key, head, figures }) => {
              const way = sorted(key);
              return (
                <th
                  key={key}
                  scope="col"
                  aria-sort={way === false ? "none" : way === "asc" ? "ascending" : "descending"}
                  className={`sticky top-0 border-b border-ink bg-paper ${cellPadding(columns)} py-1 font-semibold first:pl-4 ${figures ? "text-right" : "text-left"}`}
                >
                  <button
                    type="button"
                    className="cursor-pointer whitespace-nowrap hover:text-mark"
                    title={`Sort by ${head.toLowerCase()}`}
                    onClick={() => {
                      onSort(key);
                    }}
                  >
                    {head} <span aria-hidden="true">{way === "asc" ? "▲" : way === "desc" ? "▼" : ""}</span>
                  </button>
                </th>
              );
            })}
          </tr>
        </thead>
        <tbody>
          {above > 0 && <tr style={{ height: above }} />}
          {seen.map((index) => {
            const line = lines[index];
            if (!line) return null;
            return line.kind === "row" ? (
              <Row
                key={rowKey(line.row)}
                row={line.row}
                columns={columns}
                texts={texts}
                onConcern={onConcern}
              />
            ) : (
              <GroupLine key={`${line.kind} ${line.name}`} line={line} columns={columns} />
            );
          })}
          {below > 0 && <tr style={{ height: below }} />}
        </tbody>
      </table>
    </div>
  );
}

/** More columns than this stand closer together. */
const MANY_COLUMNS = 15;

function cellPadding(columns: readonly unknown[]): string {
  return columns.length > MANY_COLUMNS ? "px-2" : "px-3";
}

interface RowProps<T> extends Pick<LinesProps<T>, "columns" | "texts" | "onConcern"> {
  row: T;
}

function Row<T>({ row, columns, texts, onConcern }: RowProps<T>) {
  const light = () => {
    onConcern(row);
  };
  return (
    <tr className="align-top hover:bg-markpale" onPointerEnter={light} onFocus={light}>
      {columns.map((column) => (
        <td
          key={column.key}
          className={`border-b border-hair ${cellPadding(columns)} py-1 first:pl-4 ${column.figures ? "figures text-right whitespace-pre" : ""}`}
        >
          {column.cell
            ? column.cell(row)
            : (texts.get(column.key)?.get(row) ?? column.text?.(row) ?? column.value(row))}
        </td>
      ))}
    </tr>
  );
}

/** The heading of a group, or what its rows come to. */
function GroupLine<T>({
  line,
  columns,
}: {
  line: Exclude<Line<T>, { kind: "row" }>;
  columns: readonly Column<T>[];
}) {
  if (line.kind === "group") {
    return (
      <tr>
        <th
          colSpan={columns.length}
          scope="rowgroup"
          className="border-b border-hair bg-film px-4 py-1 text-left"
        >
          {line.name} <span className="figures font-normal text-soft">{line.rows.length}</span>
        </th>
      </tr>
    );
  }
  // Its name has the room up to the first sum.
  const named = columns.findIndex(({ sum }) => sum);
  return (
    <tr className="font-semibold">
      {named > 0 && (
        <td colSpan={named} className="border-b border-rule py-1 pr-3 pl-4">
          {line.name}
        </td>
      )}
      {columns.slice(named).map(({ key, sum, figures }) => (
        <td
          key={key}
          className={`border-b border-rule ${cellPadding(columns)} py-1 first:pl-4 ${figures ? "figures text-right whitespace-pre" : ""}`}
        >
          {sum?.(line.rows)}
        </td>
      ))}
    </tr>
  );
}

/** Rows in the order of the table, in groups with a heading and a sum each, and the sum of all. */
export function linesOf<T>(rows: readonly T[], by: Column<T> | undefined, summed: boolean): Line<T>[] {
  const all: Line<T>[] = summed && rows.length > 1 ? [{ kind: "sum", name: "All together", rows }] : [];
  if (!by) return [...rows.map((row): Line<T> => ({ kind: "row", row })), ...all];
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const value = by.value(row);
    const name = value === null ? "none" : (by.text?.(row) ?? String(value));
    groups.set(name, [...(groups.get(name) ?? []), row]);
  }
  const lines = [...groups].flatMap(([name, members]): Line<T>[] => [
    { kind: "group", name, rows: members },
    ...members.map((row): Line<T> => ({ kind: "row", row })),
    ...(summed && members.length > 1
      ? [{ kind: "sum" as const, name: `${name} together`, rows: members }]
      : []),
  ]);
  return [...lines, ...all];
}

function figuresOf<T>(rows: readonly T[], columns: readonly Column<T>[]): Map<string, Map<T, string>> {
  return new Map(
    columns
      .filter(({ figures, cell }) => figures && !cell)
      .map(({ key, value, text }) => {
        const lined = aligned(rows.map((row) => text?.(row) ?? String(value(row) ?? "")));
        return [key, new Map(rows.map((row, index) => [row, lined[index] ?? ""]))];
      }),
  );
}

interface Seen {
  seen: number[];
  /** Room for what is not drawn, pixels. */
  above: number;
  below: number;
}

/** The lines of a long table that are in sight; all of a short one, and all while it is printed. */
function useSeen(count: number, room: RefObject<HTMLDivElement | null>): Seen {
  const printing = usePrinting();
  const virtual = count > MOST_DRAWN && !printing;
  const virtualizer = useVirtualizer({
    count,
    enabled: virtual,
    getScrollElement: () => room.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 12,
  });
  if (!virtual) return { seen: Array.from({ length: count }, (_, index) => index), above: 0, below: 0 };
  const items = virtualizer.getVirtualItems();
  return {
    seen: items.map(({ index }) => index),
    above: items[0]?.start ?? 0,
    below: virtualizer.getTotalSize() - (items.at(-1)?.end ?? 0),
  };
}

function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const begin = () => {
      setPrinting(true);
    };
    const end = () => {
      setPrinting(false);
    };
    window.addEventListener("beforeprint", begin);
    window.addEventListener("afterprint", end);
    return () => {
      window.removeEventListener("beforeprint", begin);
      window.removeEventListener("afterprint", end);
    };
  }, []);
  return printing;
}
