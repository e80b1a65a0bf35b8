import type { Bed, Change } from "../api/types";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import { revisionIn } from "../workspace/revisionIn";

interface Props {
  bed: Bed;
  /** The season with which the revision begins that is looked at. */
  from: number;
  faults: Readonly<Record<string, string>>;
  edit: (field: string, change: Change | null) => void;
}

/** When a bed is built, built otherwise, and gone. */
export function BedSeasons({ bed, from, faults, edit }: Props) {
  const desk = useDesk();
  const first = bed.revisions[0]?.from === from;
  const current = revisionIn(bed, desk.season);
  return (
    <div className="space-y-2 border-t border-hair pt-2">
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label={first ? "Built in season" : "Rebuilt in season"}
          value={String(from)}
          figures
          fault={faults["from"]}
          onCommit={(text) => {
            edit("from", { kind: "RescheduleRevision", bed: bed.id, from, to: season(text) });
          }}
        />
        <TextField
          label="Gone from season"
          value={bed.retired === undefined ? "" : String(bed.retired)}
          figures
          fault={faults["retired"]}
          onCommit={(text) => {
            const change: Change = { kind: "RetireBed", bed: bed.id };
            edit("retired", text.trim() === "" ? change : { ...change, season: season(text) });
          }}
        />
      </div>
      {desk.season > from && current && (
        <button
          type="button"
          className="plain-button w-full text-left"
          onClick={() => {
            edit("from", {
              kind: "ReviseBed",
              bed: bed.id,
              revision: { ...current, from: desk.season, existing: false },
            });
          }}
        >
          Build it otherwise from {desk.season} on
        </button>
      )}
      {!first && (
        <button
          type="button"
          className="plain-button w-full text-left"
          onClick={() => {
            edit("from", { kind: "DropRevision", bed: bed.id, from });
          }}
        >
          Drop the rebuild of {from}
        </button>
      )}
      <p className="text-sm text-soft">
        Edits here are of the bed as {first ? "first built" : "rebuilt"} in{" "}
        <span className="figures">{from}</span>
        {desk.season > from
          ? `; to change it from ${String(desk.season)} on only, build it otherwise first.`
          : "."}
      </p>
    </div>
  );
}

/** What was typed as a year; anything else goes to the program as 0, which refuses it with the range. */
function season(text: string): number {
  return /^\d{1,6}$/.test(text.trim()) ? Number(text) : 0;
}
