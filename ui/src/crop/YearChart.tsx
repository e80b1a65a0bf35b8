import { useRef, useState, type RefObject } from "react";
import { monthName } from "../measure/monthDays";
import { formatDay } from "../measure/halfMonths";
import { useDesk } from "../workspace/desk";
import { useBedNames, type Planting, type PlantingTold } from "./plantings";
import { useSowing } from "./sowing";
import { inLanes, moved, yearOf, type BedGap, type Year } from "./year";
import { useBandDrag, type BandAt } from "./useBandDrag";
import { words } from "./words";

const LANE = 24;
const WEEK = 7;
const PER_CENT = 100;

interface Planted {
  planting: Planting;
  told: PlantingTold;
}

interface Props {
  /** In the order of the rows. */
  beds: readonly { id: string; name: string }[];
  plantings: readonly Planted[];
  gaps: readonly BedGap[];
  chosenGap: BedGap | null | undefined;
  onGap: (gap: BedGap) => void;
  onPlanting: (planting: string) => void;
}

/** Months across, a row for each bed, a band for each planting; bare soil is hatched. */
export function YearChart({ beds, plantings, gaps, chosenGap, onGap, onPlanting }: Props) {
  const { plan, season, submit } = useDesk();
  const year = yearOf(season, plan.yearBegins ?? "--01-01");
  const bedName = useBedNames();
  const sowing = useSowing();
  const [said, setSaid] = useState("");

  /** The band that was moved by a key: it keeps the focus when it comes up in another row. */
  const followed = useRef<string | null>(null);

  function tell(planting: Planting) {
    setSaid(
      words.movedTo(
        planting.name,
        formatDay(planting.from, season),
        formatDay(planting.until, season),
        bedName(planting.bed),
      ),
    );
  }

  function put(planting: Planting) {
    tell(planting);
    submit({ kind: "PutPlanting", planting }, setSaid);
  }

  function byKey({ planting }: Planted, key: string, fine: boolean): boolean {
    const step = fine ? 1 : WEEK;
    const row = beds.findIndex(({ id }) => id === planting.bed);
    const turns: Record<string, () => Planting> = {
      ArrowLeft: () => moved(planting, -step),
      ArrowRight: () => moved(planting, step),
      ArrowUp: () => moved(planting, 0, beds[Math.max(0, row - 1)]?.id),
      ArrowDown: () => moved(planting, 0, beds[Math.min(beds.length - 1, row + 1)]?.id),
    };
    const turned = turns[key]?.();
    if (!turned) return false;
    if (turned.bed !== planting.bed || turned.from !== planting.from) {
      followed.current = planting.id;
      put(turned);
    }
    return true;
  }

  const frosts = [sowing?.last?.middle, sowing?.first?.middle].flatMap((day) => {
    if (day === undefined) return [];
    const inYear = `${year.begins.slice(0, 4)}${day.slice(1)}`;
    return [year.at(inYear < year.begins ? `${String(season + 1)}${day.slice(1)}` : inYear)];
  });
  return (
    <div className="min-h-0 min-w-0 grow overflow-auto" data-testid="year-chart">
      <div className="min-w-160 p-3">
        <div className="sticky top-0 z-10 grid grid-cols-[8rem_1fr] bg-white text-sm text-soft">
          <span />
          <div className="relative h-6" aria-hidden="true">
            {year.months.map((month) => (
              <span key={month} className="absolute pl-1" style={{ left: percent(year.at(month)) }}>
                {monthName(Number(month.slice(5, 7)), "short")}
              </span>
            ))}
          </div>
        </div>
        {beds.map(({ id, name }) => (
          <Bed
            key={id}
            id={id}
            name={name}
            year={year}
            frosts={frosts}
            plantings={plantings.filter(({ planting }) => planting.bed === id)}
            gaps={gaps.filter(({ bed }) => bed === id)}
            chosenGap={chosenGap}
            onGap={onGap}
            onPlanting={onPlanting}
            onMoved={put}
            onDragged={tell}
            onGivenUp={() => {
              setSaid("");
            }}
            followed={followed}
            onKey={byKey}
          />
        ))}
        <p className="pt-2 text-sm text-soft">
          {frosts.length > 0 && words.frostLines} {words.bands}
        </p>
      </div>
      <p className="sticky bottom-0 bg-white px-3 py-1 text-sm" role="status">
        {said}
      </p>
    </div>
  );
}

interface BedProps extends Pick<Props, "plantings" | "gaps" | "chosenGap" | "onGap" | "onPlanting"> {
  id: string;
  name: string;
  year: Year;
  frosts: readonly number[];
  onMoved: (planting: Planting) => void;
  onDragged: (planting: Planting) => void;
  onGivenUp: () => void;
  followed: RefObject<string | null>;
  onKey: (planted: Planted, key: string, fine: boolean) => boolean;
}

type Item = { kind: "gap"; gap: BedGap } | ({ kind: "planting" } & Planted);

function Bed(props: BedProps) {
  const { id, name, year, frosts, plantings, gaps, chosenGap, onGap } = props;
  const items: Item[] = [
    ...plantings.map((planted): Item => ({ kind: "planting", ...planted })),
    ...gaps.map((gap): Item => ({ kind: "gap", gap })),
  ];
  const timeOf = (item: Item) => (item.kind === "gap" ? item.gap : item.planting);
  const { laned, lanes } = inLanes(
    items,
    (item) => timeOf(item).from,
    (item) => timeOf(item).until,
  );
  return (
    <section aria-label={name} className="grid grid-cols-[8rem_1fr] border-t border-hair" data-bed-row={id}>
      <h3 className="truncate pt-1 pr-2 text-sm font-normal" title={name}>
        {name}
      </h3>
      <div className="relative" style={{ height: lanes * LANE + 4 }}>
        {year.months.map((month) => (
          <i
            key={month}
            className="absolute inset-y-0 border-l border-hair"
            style={{ left: percent(year.at(month)) }}
          />
        ))}
        {frosts.map((at) => (
          <i
            key={at}
            className="absolute inset-y-0 border-l-2 border-dotted border-water"
            style={{ left: percent(at) }}
          />
        ))}
        {laned.map(({ item, lane }) =>
          item.kind === "gap" ? (
            <Gap
              key={`${item.gap.from} ${String(item.gap.part.from)} ${String(item.gap.part.low)}`}
              gap={item.gap}
              name={name}
              place={placeOf(year, item.gap, lane)}
              chosen={item.gap === chosenGap}
              onOpen={onGap}
            />
          ) : (
            <Band key={item.planting.id} {...props} planted={item} lane={lane} />
          ),
        )}
      </div>
    </section>
  );
}

interface GapProps {
  gap: BedGap;
  name: string;
  place: BandAt;
  chosen: boolean;
  onOpen: (gap: BedGap) => void;
}

function Gap({ gap, name, place, chosen, onOpen }: GapProps) {
  const { season } = useDesk();
  return (
    <button
      type="button"
      className={`absolute rounded-xs border border-dashed border-ochre bg-[repeating-linear-gradient(45deg,var(--color-ochrepale)_0_4px,transparent_4px_9px)] text-xs ${chosen ? "outline-2 outline-mark" : ""}`}
      style={place}
      aria-label={words.bare(name, formatDay(gap.from, season), formatDay(gap.until, season))}
      title={words.fill}
      onClick={() => {
        onOpen(gap);
      }}
    >
      <span className="bg-white/80 px-1">{words.bareShort}</span>
    </button>
  );
}

function Band({ planted, lane, ...props }: BedProps & { planted: Planted; lane: number }) {
  const { season, selection } = useDesk();
  const { planting, told } = planted;
  const { name, year, onPlanting, onMoved, onDragged, onGivenUp, onKey, followed } = props;
  const { dragged, handlers } = useBandDrag({
    days: year.days,
    onDrag: (days, bed) => {
      onDragged(moved(planting, days, bed ?? planting.bed));
    },
    onGivenUp,
    onDrop: (days, bed) => {
      onMoved(moved(planting, days, bed ?? planting.bed));
    },
  });
  const ripe = told.yield > 0 ? shareOf(year, planting, told.ripe) : 1;
  const from = formatDay(planting.from, season);
  const until = formatDay(planting.until, season);
  return (
    <>
      {told.indoors !== undefined && (
        <i
          className="absolute rounded-xs border border-dashed border-leaf"
          style={placeOf(year, { from: told.indoors, until: planting.from }, lane)}
          title={words.indoors(formatDay(told.indoors, season))}
        />
      )}
      <button
        type="button"
        className={`absolute z-1 cursor-grab touch-pan-y overflow-hidden rounded-xs border border-leaf px-1 text-left text-xs whitespace-nowrap ${
          selection.has(planting.id) ? "outline-2 outline-mark" : ""
        } ${dragged ? "z-2 cursor-grabbing opacity-80" : ""}`}
        style={{
          ...placeOf(year, planting, lane),
          background: `linear-gradient(90deg, color-mix(in srgb, var(--color-leaf) 18%, white) ${percent(ripe)}, color-mix(in srgb, var(--color-leaf) 40%, white) ${percent(ripe)})`,
          ...(dragged ? { transform: `translate(${String(dragged.x)}px, ${String(dragged.y)}px)` } : {}),
        }}
        aria-label={words.band(planting.name, from, until, name)}
        title={words.band(planting.name, from, until, name)}
        data-band={planting.name}
        ref={(button) => {
          if (button && followed.current === planting.id && document.activeElement === document.body) {
            button.focus();
          }
        }}
        {...handlers}
        onClick={() => {
          onPlanting(planting.id);
        }}
        onKeyDown={(event) => {
          if (onKey(planted, event.key, event.shiftKey)) {
            event.preventDefault();
            event.stopPropagation();
          }
        }}
      >
        {planting.name}
      </button>
    </>
  );
}

/** How far along the shown part of a time a day lies, 0 to 1. */
function shareOf(year: Year, { from, until }: { from: string; until: string }, day: string): number {
  const left = Math.max(0, year.at(from));
  const right = Math.min(1, year.at(until));
  return Math.min(1, Math.max(0, (year.at(day) - left) / Math.max(right - left, 1 / year.days)));
}

/** Where something lies that goes on in a lane from one day to another. */
function placeOf(year: Year, { from, until }: { from: string; until: string }, lane: number): BandAt {
  const left = Math.max(0, year.at(from));
  const right = Math.min(1, year.at(until));
  return {
    left: percent(left),
    width: percent(Math.max(0.004, right - left)),
    top: lane * LANE + 3,
    height: LANE - 4,
  };
}

function percent(share: number): string {
  return `${(share * PER_CENT).toFixed(3)}%`;
}
