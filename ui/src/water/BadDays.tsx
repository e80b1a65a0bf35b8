import { useWhenOpened } from "../api/useWhenOpened";
import { formatShare } from "../measure/figures";
import { formatPressure } from "../measure/water";
import { SmallTable } from "../parts/SmallTable";
import { useDesk } from "../workspace/desk";
import { weakestOf, type BadDay, type PressureLoss, type Zone } from "./water";
import { words } from "./words";

/** Where the pressure of a zone goes, and how it runs when something is not as it should be; asked for when it is opened. */
export function BadDays({ zone, source }: { zone: Zone; source: string }) {
  const { plan, season } = useDesk();
  const of = `water/zones/${String(zone.number)}`;
  const { data, open, onToggle } = useWhenOpened<BadDay[]>(`${of}/bad-days`);
  return (
    <details className="text-sm" data-testid="bad-days" onToggle={onToggle}>
      <summary className="cursor-pointer text-soft">{words.limits}</summary>
      <Losses losses={zone.losses} source={source} />
      {open && !data && <p className="text-soft">{words.working}</p>}
      {data && data.length > 0 && (
        <ul>
          {data.map((day) => (
            <li key={`${day.kind}-${String(day.other ?? 0)}`}>
              <Told day={day} />
            </li>
          ))}
        </ul>
      )}
      <a
        className="text-button"
        href={`/api/gardens/${plan.id}/${of}/epanet.inp?season=${String(season)}`}
        download
      >
        {words.epanet}
      </a>
    </details>
  );
}

function Losses({ losses, source }: { losses: readonly PressureLoss[]; source: string }) {
  const { plan, units } = useDesk();
  const name = ({ part, run }: PressureLoss) =>
    part === "RUN"
      ? (plan.waterRuns.find(({ id }) => id === run)?.name ?? words.run)
      : part === "SOURCE"
        ? words.lostIn.SOURCE(source)
        : words.lostIn[part];
  const most = Math.max(...losses.map(({ kilopascals }) => kilopascals));
  return (
    <SmallTable
      caption={words.lost}
      rows={losses.map((loss) => ({
        key: `${loss.part}-${loss.run ?? ""}`,
        head: name(loss),
        cells: [(loss.kilopascals < 0 ? "−" : "") + formatPressure(Math.abs(loss.kilopascals), units)],
        strong: loss.kilopascals === most,
      }))}
    />
  );
}

function Told({ day }: { day: BadDay }) {
  const { units, bedById } = useDesk();
  const { zone, enough } = day;
  const weakest = weakestOf(zone);
  return (
    <>
      {day.kind === "ANOTHER_ZONE_OPEN" ? words.zoneOpenToo(day.other ?? 0) : words.badDays[day.kind]}{" "}
      <span className={enough ? "text-soft" : "text-snag"}>
        {words.then({
          verdict: enough ? words.goodEnough : words.tooLittle,
          bed: bedById.get(weakest.bed)?.name ?? "",
          least: formatPressure(weakest.least, units),
          evenness: formatShare(zone.evenness),
        })}
      </span>
    </>
  );
}
