import { LifetimeFields } from "../forms/LifetimeFields";
import { formatLength } from "../measure/lengths";
import { Choice } from "../parts/Choice";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { alsoOver, type HoopPlace, type HoopSet, type HoopsOverBed, type HoopTold } from "./hoops";
import { words } from "./words";

interface Props {
  set: HoopSet;
  told: HoopTold | undefined;
  faults: Readonly<Record<string, string>>;
  onChange: (field: string, places: HoopPlace[]) => void;
}

/** The beds over which a set stands, season by season, and those it would go over too. */
export function HoopPlaces({ set, told, faults, onChange }: Props) {
  const desk = useDesk();
  const name = (bed: string) => desk.bedById.get(bed)?.name ?? words.aBed;
  const covered = new Set(set.places.map(({ bed }) => bed));
  const others = byName(desk.plan.beds.filter(({ id }) => !covered.has(id)));
  const fits = told?.fits.filter((bed) => !covered.has(bed)) ?? [];
  return (
    <fieldset className="space-y-1">
      <legend>{words.over}</legend>
      {set.places.length === 0 && <p className="text-sm text-soft">{words.overNothing}</p>}
      {set.places.map((place, index) => (
        <div key={index} className="border-b border-hair pb-1" data-testid="hoop-place">
          <p className="flex items-baseline justify-between gap-2">
            <span>
              {name(place.bed)} <PlaceFigures over={told?.over.find(({ bed }) => bed === place.bed)} />
            </span>
            <button
              type="button"
              className="text-button"
              onClick={() => {
                onChange(
                  "places",
                  set.places.filter((_, other) => other !== index),
                );
              }}
            >
              {words.takeOff(name(place.bed))}
            </button>
          </p>
          <div className="grid grid-cols-2 items-end gap-2">
            <LifetimeFields
              lifetime={place.lifetime}
              labels={{ from: words.from, until: words.until }}
              faults={{}}
              onChange={(_, lifetime) => {
                onChange(
                  `places/${String(index)}`,
                  set.places.map((other, at) => (at === index ? { ...other, lifetime } : other)),
                );
              }}
            />
          </div>
          {faults[`places/${String(index)}`] && (
            <p role="alert" className="text-sm text-snag">
              {faults[`places/${String(index)}`]}
            </p>
          )}
        </div>
      ))}
      {others.length > 0 && (
        <Choice
          label={words.oneMore}
          value=""
          options={[
            { value: "", label: words.choose },
            ...others.map((bed) => ({ value: bed.id, label: bed.name })),
          ]}
          onChange={(bed) => {
            if (bed !== "") onChange("places", alsoOver(set, [bed]).places);
          }}
        />
      )}
      {told && (
        <p className="text-sm">
          {fits.length > 0 ? words.fits(fits.map(name)) : words.fitsNothing}{" "}
          {fits.length > 0 && (
            <button
              type="button"
              className="text-button"
              onClick={() => {
                onChange("places", alsoOver(set, fits).places);
              }}
            >
              {words.overThese}
            </button>
          )}
        </p>
      )}
      {faults["places"] && (
        <p role="alert" className="text-sm text-snag">
          {faults["places"]}
        </p>
      )}
    </fieldset>
  );
}

function PlaceFigures({ over }: { over: HoopsOverBed | undefined }) {
  const { units } = useDesk();
  if (!over) return null;
  if (over.misfit) return <span className="text-sm text-snag">{words.misfit}</span>;
  return (
    <span className="text-sm text-soft">
      {words.bed(words.count(over.bows), formatLength(over.apart, units), formatLength(over.rise, units))}
      {over.sheet &&
        `; ${words.sheet(formatLength(over.sheet.length, units), formatLength(over.sheet.width, units))}`}
    </span>
  );
}
