import { useMemo } from "react";
import type { components } from "../api/schema";
import { useFieldEdit } from "../forms/useFieldEdit";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import { calendarWords as words } from "./calendarWords";
import { hireWords } from "./hireWords";

type WorkSeason = components["schemas"]["WorkSeason"];

const AIMS = ["EARLIEST", "FEWEST_HIRE_DAYS"] as const;

/** How the work of the season in view is planned; a new plan of it where nobody has said anything. */
export function useWorkSeason(): WorkSeason {
  const { plan, season } = useDesk();
  // The same until the first edit has come back, so that two edits at once make one of it.
  const fresh = useMemo<WorkSeason>(() => ({ id: crypto.randomUUID(), season, order: [] }), [season]);
  return plan.workSeasons.find((each) => each.season === season) ?? fresh;
}

/** From when on and until when work is done. */
export function WorkSeasonForm() {
  const work = useWorkSeason();
  const { faults, edit } = useFieldEdit();
  const { plan, season } = useDesk();
  const put = (field: "begins" | "ends", text: string) => {
    const { [field]: before, ...rest } = work;
    if (before !== text) {
      edit(field, {
        kind: "PutWorkSeason",
        workSeason: { ...rest, ...(text === "" ? {} : { [field]: text }) },
      });
    }
  };
  return (
    <div className="flex flex-wrap items-end gap-2 py-1 print:hidden">
      {(["begins", "ends"] as const).map((field) => (
        <div key={field} className="w-44">
          <TextField
            figures
            type="date"
            label={words[field]}
            value={work[field] ?? ""}
            fault={faults[field]}
            onCommit={(text) => {
              put(field, text);
            }}
          />
        </div>
      ))}
      {plan.hires.some((hire) => hire.season === season) && (
        <Choice
          label={hireWords.aim}
          value={work.aim ?? "EARLIEST"}
          options={AIMS.map((value) => ({ value, label: hireWords.aims[value] }))}
          onChange={(aim) => {
            edit("aim", { kind: "PutWorkSeason", workSeason: { ...work, aim } });
          }}
        />
      )}
    </div>
  );
}
