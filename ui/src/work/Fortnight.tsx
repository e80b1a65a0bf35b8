import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import { today } from "../journal/journal";
import { formatDay } from "../measure/halfMonths";
import { useDesk } from "../workspace/desk";
import { presentSeason } from "../workspace/seasons";
import { weekdayOf, type CalendarOfSeason, type Reminder } from "./calendar";
import { dueWithin, type Due } from "./due";
import { dueWords as words } from "./dueWords";

/** Looked at again after so long, milliseconds: what is due changes with the day, not with each edit. */
const FRESH = 5 * 60_000;

/** What is due in the next two weeks: work, deliveries, machines, reminders, and in autumn the look back. */
export function Fortnight() {
  const { plan, season, read } = useDesk();
  const isNow = season === presentSeason(plan.firstSeason, plan.yearBegins);
  const { data } = useQuery({
    queryKey: ["fortnight", plan.id, season],
    queryFn: () =>
      request<CalendarOfSeason>("GET", `/api/gardens/${plan.id}/work-calendar?season=${String(season)}`),
    enabled: isNow && plan.workers.length > 0,
    staleTime: FRESH,
  });
  const reminders = useQuery({
    queryKey: ["reminders", plan.id, season],
    queryFn: () =>
      request<Reminder[]>("GET", `/api/gardens/${plan.id}/work-calendar/reminders?season=${String(season)}`),
    enabled: isNow,
    staleTime: FRESH,
  }).data;
  if (!isNow) return null;
  const due = dueWithin(plan, data?.calendar, reminders ?? [], today(), season);
  if (due.length === 0) return null;
  return (
    <section className="mb-2 border-l-4 border-mark bg-paper px-2 py-1" data-testid="fortnight">
      <h3>{words.title}</h3>
      <ul>
        {due.map((each) => (
          <li key={`${each.kind} ${each.day} ${each.name}`}>
            {each.day !== "" && `${weekdayOf(each.day)} ${formatDay(each.day, season)}: `}
            {told(each)}{" "}
            {(each.kind === "work" || each.kind === "look-back") && (
              <button
                type="button"
                className="text-button text-sm"
                aria-label={words.openNamed[each.kind](each.day)}
                onClick={() => {
                  read(each.kind === "work" ? "day" : "look-back");
                }}
              >
                {words.open[each.kind]}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function told({ kind, name, tasks, minutes }: Due): string {
  switch (kind) {
    case "work":
      return words.work(tasks, minutes);
    case "delivery":
      return words.comes(name);
    case "hire":
      return words.hired(name);
    case "reminder":
      return name;
    case "look-back":
      return words.lookBack;
  }
}
