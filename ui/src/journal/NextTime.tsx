import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import { seasonOfDay } from "../workspace/seasons";
import { useDesk, type TradeStep } from "../workspace/desk";
import { STEP_OF } from "../workspace/stepLabels";
import { useWriting, type JournalEntry } from "./journal";
import { words } from "./words";

/** What was noted in earlier seasons for this step of the planning. */
export function NextTime({ step }: { step: TradeStep }) {
  const { plan, season } = useDesk();
  const { takeBack } = useWriting();
  const { data = [] } = useQuery({
    queryKey: ["next-time", plan.id, season],
    queryFn: () =>
      request<JournalEntry[]>("GET", `/api/gardens/${plan.id}/journal/next-time?season=${String(season)}`),
  });
  const notes = data.filter(({ nextTime }) => nextTime !== undefined && STEP_OF[nextTime] === step);
  if (notes.length === 0) return null;
  return (
    <section className="mb-2 border-l-4 border-ochre bg-paper px-2 py-1" data-testid="next-time">
      <h3>{words.nextTimeTitle}</h3>
      <ul>
        {notes.map(({ id, day, note = "" }) => (
          <li key={id}>
            {words.notedIn(note, seasonOfDay(day, plan.yearBegins))}{" "}
            <button
              type="button"
              className="text-button text-sm"
              aria-label={words.heededNamed(note)}
              onClick={() => void takeBack(id)}
            >
              {words.heeded}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
