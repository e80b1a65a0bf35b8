import { useState, type ReactNode } from "react";
import type { RowData } from "@tanstack/react-table";
import { unparse } from "papaparse";
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
  /** Said above the table. */
  children?: ReactNode;
}

/** A table that has the page to itself, with a small plan beside it; on top how it is printed and exported. */
export function Paper<T extends RowData>(props: Props<T>) {
  const { title, rows, columns, rowKey, groupedBy, concerns, empty, files = [], children } = props;
  const desk = useDesk();
  const [lit, setLit] = useState<readonly string[]>([]);
  return (
    <section aria-label={title} className="flex h-full min-h-0 flex-col bg-white">
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
                save(`${desk.plan.name}, ${title}.csv`, csvOf(rows ?? [], columns));
              }}
            >
              CSV
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
      {children && <div className="border-b border-hair px-4 py-1.5 text-sm">{children}</div>}
      <div className="flex min-h-0 grow">
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
        </div>
        {concerns && <KeyPlan lit={lit} />}
      </div>
    </section>
  );
}

/** What the table says, for a spreadsheet; a text that looks like a formula stays a text. */
export function csvOf<T>(rows: readonly T[], columns: readonly Column<T>[]): string {
  const told = columns.filter(({ buttons }) => !buttons);
  return unparse(
    {
      fields: told.map(({ head }) => head),
      data: rows.map((row) => told.map(({ value }) => value(row) ?? "")),
    },
    { escapeFormulae: true },
  );
}

function save(name: string, text: string) {
  const link = document.createElement("a");
  // The mark at its beginning tells spreadsheets which letters these are.
  link.href = URL.createObjectURL(new Blob(["\ufeff", text], { type: "text/csv;charset=utf-8" }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
