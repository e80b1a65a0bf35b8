import { useFieldEdit } from "../forms/useFieldEdit";
import { formatDay } from "../measure/halfMonths";
import { Fault } from "../parts/Fault";
import { words as everywhere } from "../words";
import { useDesk } from "../workspace/desk";
import { useBetterCalendar, type BetterCalendar } from "./calendar";
import { calendarWords as words } from "./calendarWords";
import { useWorkSeason } from "./WorkSeasonForm";

/** Looks for an order of the work in which all is done earlier, and takes it. */
export function BetterOrder({ finish }: { finish: string | undefined }) {
  const better = useBetterCalendar();
  const { told, open, fault, stop, found } = better;
  return (
    <section className="flex flex-wrap items-center gap-2 py-1 print:hidden" data-testid="better-order">
      {!found && (
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            if (!open) better.ask();
          }}
        >
          {words.better}
        </button>
      )}
      <span role="status">
        {open && everywhere.underWay(told?.state === "WAITING" ? told : undefined, words.looking, "")}
      </span>
      {open && told && (
        <button type="button" className="plain-button" onClick={stop}>
          {words.stopLooking}
        </button>
      )}
      <Fault text={fault} />
      {found && <Found found={found} before={finish} onLeave={better.leave} />}
    </section>
  );
}

interface FoundProps {
  found: BetterCalendar;
  before: string | undefined;
  onLeave: () => void;
}

function Found({ found: { calendar, order, noSooner }, before, onLeave }: FoundProps) {
  const { season } = useDesk();
  const { faults, edit } = useFieldEdit();
  const work = useWorkSeason();
  const day = (text: string) => formatDay(text, season);
  const isBetter =
    order.length > 0 && calendar.finish !== undefined && before !== undefined && calendar.finish < before;
  return (
    <>
      <span>
        {isBetter ? words.sooner(day(calendar.finish ?? ""), day(before)) : words.noBetter}{" "}
        {noSooner !== undefined && words.noSooner(day(noSooner))}
      </span>
      {isBetter && (
        <button
          type="button"
          className="strong-button"
          onClick={() => {
            edit("order", { kind: "PutWorkSeason", workSeason: { ...work, order } });
          }}
        >
          {words.take}
        </button>
      )}
      <button type="button" className="plain-button" onClick={onLeave}>
        {isBetter ? words.leave : words.close}
      </button>
      <Fault text={faults["order"]} />
    </>
  );
}
