import { useFieldEdit } from "../forms/useFieldEdit";
import { formatDay } from "../measure/halfMonths";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { useDesk } from "../workspace/desk";
import { weekdayOf, type CalendarOfSeason } from "./calendar";
import { calendarWords as words } from "./calendarWords";

interface Props {
  /** The day of which is asked what moves if it rains. */
  rain: string | undefined;
  setRain: (day: string | undefined) => void;
  told: CalendarOfSeason;
  names: ReadonlyMap<string, string>;
}

const NO_DAY = "";

/** What moves if it rains on a day, and which days were lost. */
export function Rain({ rain, setRain, told: { calendar, moved }, names }: Props) {
  const { season, plan } = useDesk();
  const { faults, edit } = useFieldEdit();
  const days = [...new Set(calendar.stints.map(({ day }) => day))];
  const onDay = (day: string | undefined) =>
    day === undefined ? words.notAtAll : `${weekdayOf(day)} ${formatDay(day, season)}`;
  const first = days[0] ?? "";
  const lost = plan.rainDays.filter(({ day }) => day >= calendar.begins || day >= first);
  return (
    <section className="py-1 print:hidden" data-testid="rain">
      <div className="flex flex-wrap items-end gap-2">
        <Choice
          label={words.rainOn}
          value={rain !== undefined && days.includes(rain) ? rain : NO_DAY}
          options={[
            { value: NO_DAY, label: words.noRain },
            ...days.map((value) => ({ value, label: onDay(value) })),
          ]}
          onChange={(day) => {
            setRain(day === NO_DAY ? undefined : day);
          }}
        />
        {rain !== undefined && days.includes(rain) && (
          <button
            type="button"
            className="strong-button"
            onClick={() => {
              edit("rain", { kind: "PutRainDay", rainDay: { id: crypto.randomUUID(), day: rain } });
              setRain(undefined);
            }}
          >
            {words.rained(onDay(rain))}
          </button>
        )}
      </div>
      {rain !== undefined && days.includes(rain) && (
        <div role="status">
          {words.moves(moved.length)}
          <ul className="max-h-40 list-disc overflow-y-auto pl-6">
            {moved.map(({ task, from, to }) => (
              <li key={task}>{words.moved(names.get(task) ?? "", onDay(from), onDay(to))}</li>
            ))}
          </ul>
        </div>
      )}
      {lost.length > 0 && (
        <p>
          {words.lost}:{" "}
          {lost.map(({ id, day }) => (
            <span key={id} className="mr-3 whitespace-nowrap">
              {onDay(day)}{" "}
              <button
                type="button"
                className="text-button text-sm"
                aria-label={words.giveBackNamed(onDay(day))}
                onClick={() => {
                  edit("rain", { kind: "RemoveRainDay", rainDay: id });
                }}
              >
                {words.giveBack}
              </button>
            </span>
          ))}
        </p>
      )}
      <Fault text={faults["rain"]} />
    </section>
  );
}
