import { useFieldEdit } from "../forms/useFieldEdit";
import { MeasureField } from "../parts/MeasureField";
import { useDesk } from "../workspace/desk";
import { dayName, formatClock, parseClock } from "./months";
import type { WateringWindow } from "./water";
import { words } from "./words";

const WEEK = [1, 2, 3, 4, 5, 6, 7];

/** When watering is allowed: from one time of the day to another, on some days. */
export function HoursForm() {
  const { plan, catalogue } = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const [set] = plan.wateringWindows;
  const usual = catalogue.usualWater.window;
  const { opens, closes, days } = set ?? usual;
  const put = (field: string, part: Partial<WateringWindow>) => {
    const wateringWindow = { id: set?.id ?? crypto.randomUUID(), opens, closes, days, ...part };
    edit(field, { kind: "PutWateringWindow", wateringWindow });
  };
  const time = (field: "opens" | "closes", value: number) => (
    <MeasureField
      label={words.times[field]}
      value={value}
      format={formatClock}
      parse={parseClock}
      fault={faults[field]}
      onCommit={(minutes) => {
        put(field, { [field]: minutes });
      }}
      onUnread={() => {
        refuse(field, words.unreadableTime);
      }}
    />
  );
  return (
    <div className="space-y-1" data-testid="hours">
      <div className="grid grid-cols-2 items-end gap-2">
        {time("opens", opens)}
        {time("closes", closes)}
      </div>
      <fieldset>
        <legend className="text-sm text-soft">{words.allowedOn}</legend>
        <div className="flex gap-1">
          {WEEK.map((day) => (
            <label
              key={day}
              className={`min-h-6 grow cursor-pointer border text-center text-sm ${days.includes(day) ? "border-ink bg-markpale font-semibold" : "border-rule text-soft"} has-focus-visible:outline-2`}
            >
              <input
                type="checkbox"
                className="sr-only"
                aria-label={dayName(day, "long")}
                checked={days.includes(day)}
                onChange={(event) => {
                  put("days", {
                    days: event.target.checked
                      ? [...days, day].sort((a, b) => a - b)
                      : days.filter((each) => each !== day),
                  });
                }}
              />
              {dayName(day, "short").slice(0, 2)}
            </label>
          ))}
        </div>
        {faults["days"] && (
          <p role="alert" className="text-sm text-snag">
            {faults["days"]}
          </p>
        )}
      </fieldset>
      {set && (
        <button
          type="button"
          className="text-button text-sm"
          onClick={() => {
            edit("days", { kind: "RemoveWateringWindow", wateringWindow: set.id });
          }}
        >
          {words.usualHours(formatClock(usual.opens), formatClock(usual.closes))}
        </button>
      )}
    </div>
  );
}
