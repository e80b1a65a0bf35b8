import type { ReactNode } from "react";
import { LifetimeFields } from "../forms/LifetimeFields";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { alsoOver, type BedPlace } from "./bedPlaces";
import { words } from "./words";

interface Props {
  legend: string;
  places: readonly BedPlace[];
  /** The other beds of the season that it fits; undefined while that isn't known. */
  fits: readonly string[] | undefined;
  /** What is told of it at a bed. */
  figures: (bed: string) => ReactNode;
  faults: Readonly<Record<string, string>>;
  onChange: (field: string, places: BedPlace[]) => void;
}

/** The beds over which something stands, season by season, and those that it would fit too. */
export function BedPlaces({ legend, places, fits, figures, faults, onChange }: Props) {
  const desk = useDesk();
  const name = (bed: string) => desk.bedById.get(bed)?.name ?? words.aBed;
  const covered = new Set(places.map(({ bed }) => bed));
  const others = byName(desk.plan.beds.filter(({ id }) => !covered.has(id)));
  const more = fits?.filter((bed) => !covered.has(bed)) ?? [];
  return (
    <fieldset className="space-y-1">
      <legend>{legend}</legend>
      {places.length === 0 && <p className="text-sm text-soft">{words.nothing}</p>}
      {places.map((place, index) => (
        <div key={index} className="border-b border-hair pb-1" data-testid="bed-place">
          <p className="flex items-baseline justify-between gap-2">
            <span>
              {name(place.bed)} {figures(place.bed)}
            </span>
            <button
              type="button"
              className="text-button whitespace-nowrap"
              onClick={() => {
                onChange(
                  "places",
                  places.filter((_, other) => other !== index),
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
                  places.map((other, at) => (at === index ? { ...other, lifetime } : other)),
                );
              }}
            />
          </div>
          <Fault text={faults[`places/${String(index)}`]} />
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
            if (bed !== "") onChange("places", alsoOver(places, [bed]));
          }}
        />
      )}
      {fits && (
        <p className="text-sm">
          {more.length > 0 ? words.fits(more.map(name)) : words.fitsNothing}{" "}
          {more.length > 0 && (
            <button
              type="button"
              className="text-button"
              onClick={() => {
                onChange("places", alsoOver(places, more));
              }}
            >
              {words.overThese}
            </button>
          )}
        </p>
      )}
      <Fault text={faults["places"]} />
    </fieldset>
  );
}
