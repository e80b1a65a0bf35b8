import { useState, type ReactNode } from "react";
import type { RowData } from "@tanstack/react-table";
import { unparse } from "papaparse";
import { fileOf, Problem } from "../api/client";
import { words } from "../words";
import { useDesk } from "../workspace/desk";
import type { Column } from "./columns";
import { KeyPlan } from "./KeyPlan";
import { PaperTable } from "./PaperTable";

/** A file that the program makes of the paper. */
export interface PaperFile {
  label: string;
  href: string;
}

interface Props<T> {
  title: string;
  rows: readonly T[] | undefined;
  columns: readonly Column<T>[];
  rowKey: (row: T) => string;
  groupedBy?: string;
  concerns?: (row: T) => readonly string[];
  empty: string;
  /** Besides the table as CSV. */
  files?: readonly PaperFile[];
  /** Shown instead of the table, which is exported all the same. */
  instead?: ReactNode;
  /** Said above the table. */
  children?: ReactNode;
  /** Shown below it. */
  below?: ReactNode;
}

/** A table that has the page to itself, with a small plan beside it; on top how it is printed and exported. */
export function Paper<T extends RowData>(props: Props<T>) {
  const {
    title,
    rows,
    columns,
    rowKey,
    groupedBy,
    concerns,
    empty,
    files = [],
    instead,
    children,
    below,
  } = props;
  const desk = useDesk();
  const [lit, setLit] = useState<readonly string[]>([]);

  async function workbook() {
    const name = `${desk.plan.name}, ${title}`;
    try {
      const file = await fileOf("/api/tables.xlsx", {
        name: name.slice(0, 80),
        ...cellsOf(rows ?? [], columns),
      });
      save(`${name}.xlsx`, file);
    } catch (failure) {
      desk.queue.tell({
        tone: "refused",
        text: failure instanceof Problem ? failure.message : words.awayIdle,
      });
    }
  }
  return (
    <section aria-label={title} className="flex h-full min-h-0 flex-col overflow-y-auto bg-white">
      <header className="flex flex-wrap items-center gap-2 border-b border-rule px-4 py-1.5">
        <h2 className="grow text-lg">
          {title} <span className="text-base font-normal text-soft">{desk.plan.name}</span>
        </h2>
        <div className="flex flex-wrap gap-2 print:hidden">
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              window.print();
            }}
          >
            Print
          </button>
          {files.map(({ label, href }) => (
            <a key={label} className="plain-button" href={href} download>
              {label}
            </a>
          ))}
          {!files.some(({ label }) => label === "CSV") && (
            <button
              type="button"
              className="plain-button"
              disabled={!rows}
              onClick={() => {
                // The mark at its beginning tells spreadsheets which letters these are.
                const text = new Blob(["\ufeff", csvOf(rows ?? [], columns)], {
                  type: "text/csv;charset=utf-8",
                });
                save(`${desk.plan.name}, ${title}.csv`, text);
              }}
            >
              CSV
            </button>
          )}
          {!files.some(({ label }) => label === "XLSX") && (
            <button type="button" className="plain-button" disabled={!rows} onClick={() => void workbook()}>
              XLSX
            </button>
          )}
          <button
            type="button"
            className="strong-button"
            onClick={() => {
              desk.read(null);
            }}
          >
            Back to the sheet
          </button>
        </div>
      </header>
      {children && <div className="shrink-0 border-b border-hair px-4 py-1.5 text-sm">{children}</div>}
      {instead ?? (
        <div className="flex min-h-64 grow">
          <div className="flex min-h-0 min-w-0 grow flex-col">
            {rows ? (
              <PaperTable
                name={title}
                rows={rows}
                columns={columns}
                rowKey={rowKey}
                empty={empty}
                onConcern={setLit}
                {...(groupedBy === undefined ? {} : { groupedBy })}
                {...(concerns ? { concerns } : {})}
              />
            ) : (
              <p className="p-4 text-soft">Fetching it …</p>
            )}
            {below}
          </div>
          {concerns && <KeyPlan lit={lit} />}
        </div>
      )}
    </section>
  );
}

/** What the table says; columns of buttons are left out. */
export function cellsOf<T>(rows: readonly T[], columns: readonly Column<T>[]) {
  const told = columns.filter(({ buttons }) => !buttons);
  return {
    headings: told.map(({ head }) => head),
    rows: rows.map((row) => told.map(({ value }) => value(row))),
  };
}

/** The same for a spreadsheet; a text that looks like a formula stays a text. */
export function csvOf<T>(rows: readonly T[], columns: readonly Column<T>[]): string {
  const cells = cellsOf(rows, columns);
  const data = cells.rows.map((row) => row.map((cell) => cell ?? ""));
  return unparse({ fields: cells.headings, data }, { escapeFormulae: true });
}

function save(name: string, file: Blob) {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
