import { useFieldEdit } from "../forms/useFieldEdit";
import { plainNumber } from "../measure/numbers";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import type { Sky } from "./sun";
import { words } from "./words";

type Skyline = NonNullable<Sky["horizon"]>[number];

const ZONES = ["", ...Intl.supportedValuesOf("timeZone")];

/** How high hills and houses far off stand, and by which clock one looks. */
export function SkyFields() {
  const desk = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const known = desk.plan.skies[0];
  const horizon = known?.horizon ?? [];
  function put(field: string, part: Partial<Sky>) {
    edit(field, { kind: "PutSky", sky: { id: crypto.randomUUID(), horizon: [], ...known, ...part } });
  }
  function set(index: number, field: keyof Skyline, text: string) {
    const value = Number(plainNumber(text));
    if (text.trim() === "" || !Number.isFinite(value)) {
      refuse("horizon", words.writeDegrees);
      return;
    }
    put("horizon", {
      horizon: horizon.map((place, at) => (at === index ? { ...place, [field]: value } : place)),
    });
  }
  const zone = known?.zone ?? "";
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.horizon}</h3>
      <p className="text-sm text-soft">{words.horizonHint}</p>
      {horizon.map((place, index) => (
        <div key={place.direction} className="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
          {(["direction", "height"] as const).map((field) => (
            <TextField
              key={field}
              label={words.skyline[field]}
              value={String(place[field])}
              figures
              onCommit={(text) => {
                set(index, field, text);
              }}
            />
          ))}
          <button
            type="button"
            className="plain-button"
            aria-label={words.forget(place.direction)}
            onClick={() => {
              put("horizon", { horizon: horizon.filter((_, at) => at !== index) });
            }}
          >
            −
          </button>
        </div>
      ))}
      {faults["horizon"] && (
        <p role="alert" className="text-snag">
          {faults["horizon"]}
        </p>
      )}
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          put("horizon", { horizon: [...horizon, { direction: freeDirection(horizon), height: 10 }] });
        }}
      >
        {words.addSkyline}
      </button>
      <Choice
        label={words.zone}
        value={zone}
        options={ZONES.map((value) => ({ value, label: value === "" ? words.bySun : value }))}
        onChange={(chosen) => {
          put("zone", { zone: chosen === "" ? undefined : chosen });
        }}
      />
      {zone !== "" && desk.plan.site.longitude === undefined && (
        <p className="text-sm">{words.longitudeMissing}</p>
      )}
    </section>
  );
}

/** The first of the eight points of the compass that nothing is told of, from the south on. */
function freeDirection(horizon: readonly Skyline[]): number {
  const free = [180, 90, 270, 135, 225, 45, 315, 0].find((direction) =>
    horizon.every((place) => place.direction !== direction),
  );
  return free ?? 10;
}
