import { Fragment, useState } from "react";
import type { components } from "../api/schema";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatMonthDay, parseMonthDay } from "../measure/monthDays";
import { CheckField } from "../parts/CheckField";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

type FrostDates = components["schemas"]["FrostDates"];
type FrostSpread = components["schemas"]["FrostSpread"];
type Told = Pick<components["schemas"]["SowingTold"], "basis" | "last" | "first">;

const FROSTS = ["last", "first"] as const;
const STAGES = ["early", "middle", "late"] as const;
/** Shown to begin with where it never froze before. */
const USUAL = {
  last: { early: "--04-17", middle: "--05-01", late: "--05-15" },
  first: { early: "--09-26", middle: "--10-10", late: "--10-24" },
};

/** The last frost of spring and the first of autumn, each with how it differs from year to year. */
export function FrostSection({ told }: { told: Told }) {
  const { plan } = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const known = plan.frosts[0];
  // It stays unfolded while the days are entered.
  const [unknownAtFirst] = useState(told.basis === "GUESS");
  const put = (field: string, part: Partial<FrostDates>) => {
    const { last, first } = told;
    const frost = { id: crypto.randomUUID(), name: words.ownNotes, last, first, ...known, ...part };
    edit(field, { kind: "PutFrost", frost });
  };
  const never = told.last === undefined;
  return (
    <details className="space-y-2 border-t border-rule pt-2" open={unknownAtFirst}>
      <summary className="cursor-pointer font-semibold">{words.title}</summary>
      <p className="text-sm text-soft">
        {told.basis === "NOTED" ? words.basis.NOTED(known?.name ?? "") : words.basis[told.basis]}
      </p>
      {!never && (
        <table className="w-full text-sm">
          <caption className="text-left">{words.table}</caption>
          <thead>
            <tr className="text-soft">
              {STAGES.map((stage) => (
                <th key={stage} scope="col" className="px-1 text-left font-normal">
                  {words.years[stage]}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {FROSTS.map((frost) => (
              <Fragment key={frost}>
                <tr>
                  <th scope="rowgroup" colSpan={STAGES.length} className="px-1 pt-1 text-left font-normal">
                    {words.frosts[frost]}
                  </th>
                </tr>
                <tr className="align-top">
                  {STAGES.map((stage) => (
                    <td key={stage} className="w-1/3 px-1">
                      <FrostDay
                        label={`${words.frosts[frost]}, ${words.years[stage]}`}
                        day={told[frost]?.[stage] ?? ""}
                        fault={faults[`${frost}/${stage}`] ?? (stage === "early" ? faults[frost] : undefined)}
                        onCommit={(day) => {
                          const spread: FrostSpread = { ...(told[frost] ?? USUAL[frost]), [stage]: day };
                          put(`${frost}/${stage}`, { [frost]: spread });
                        }}
                        onUnread={() => {
                          refuse(`${frost}/${stage}`, words.noDay);
                        }}
                      />
                    </td>
                  ))}
                </tr>
              </Fragment>
            ))}
          </tbody>
        </table>
      )}
      <CheckField
        label={words.never}
        checked={never}
        onChange={(checked) => {
          put("last", checked ? { last: undefined, first: undefined } : USUAL);
        }}
      />
      {known && (
        <>
          <TextField
            label={words.from}
            value={known.name}
            fault={faults["name"]}
            onCommit={(name) => {
              put("name", { name });
            }}
          />
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              edit("name", { kind: "RemoveFrost", frost: known.id });
            }}
          >
            {words.forget}
          </button>
        </>
      )}
    </details>
  );
}

interface FrostDayProps {
  label: string;
  day: string;
  fault: string | undefined;
  onCommit: (day: string) => void;
  onUnread: () => void;
}

function FrostDay({ label, day, fault, onCommit, onUnread }: FrostDayProps) {
  return (
    <TextField
      label={label}
      hideLabel
      figures
      value={formatMonthDay(day, "short")}
      fault={fault}
      onCommit={(text) => {
        const read = parseMonthDay(text);
        if (read === null) onUnread();
        else onCommit(read);
      }}
    />
  );
}
