import { Fragment, useState } from "react";
import { parseFood } from "../measure/food";
import { parseHeap } from "../measure/heaps";
import { Choice } from "../parts/Choice";
import { CheckField } from "../parts/CheckField";
import { Fault } from "../parts/Fault";
import { FieldFrame, faultProps } from "../parts/FieldFrame";
import { useOutbox } from "../outdoors/useOutbox";
import { useDesk } from "../workspace/desk";
import { useCropOptions, useGardenCrops, idOf } from "../variety/crops";
import { today, useWriting, type JournalEntry, type LossCause, type Refused } from "./journal";
import { PhotoField } from "./PhotoField";
import { STEPS, stepLabel } from "../workspace/stepLabels";
import { usePlaces } from "./usePlaces";
import { useSoilDisease } from "./useSoilDisease";
import { readWeather } from "./weather";
import { words } from "./words";

type NextTimeStep = NonNullable<JournalEntry["nextTime"]>;
type Kind = keyof typeof words.kinds;
const KINDS: readonly Kind[] = ["harvest", "loss", "germination", "weather", "note"];
const NONE = "";
const WHOLE = /^\d+$/;

const EMPTY = {
  day: "",
  about: false,
  place: NONE,
  crop: NONE,
  weight: "",
  volume: "",
  pieces: "",
  cause: NONE,
  sown: "",
  up: "",
  rain: "",
  lowest: "",
  highest: "",
  note: "",
  nextTime: NONE,
};

type TextName =
  "day" | "weight" | "volume" | "pieces" | "sown" | "up" | "rain" | "lowest" | "highest" | "note";
const WEATHER = ["rain", "lowest", "highest"] as const;
const WEATHER_LABELS = { rain: words.rain, lowest: words.lowest, highest: words.highest };
/** Fields of an entry at which a refusal is shown. */
const AT_FIELDS = [
  "day",
  "harvest/kilograms",
  "harvest/litres",
  "harvest/pieces",
  "germination/sown",
  "germination/up",
  ...WEATHER.map((name) => `weather/${name}`),
  "note",
];

/** What is said of a refusal that no field shows. */
function elsewhere({ field, text }: Refused): string | undefined {
  if (AT_FIELDS.includes(field)) return undefined;
  return field === "photo" ? words.withoutPhoto(text) : text;
}

function inputModeOf(name: TextName) {
  switch (name) {
    case "weight":
    case "volume":
    case "rain":
      return "decimal";
    case "pieces":
    case "sown":
    case "up":
      return "numeric";
    default:
      // A telephone's keys for figures have no minus.
      return undefined;
  }
}

/** Writes something down: two fields for a harvest. What was refused stays to be mended. */
export function EntryForm() {
  const { plan, units, catalogue } = useDesk();
  const places = usePlaces();
  const { crops } = useGardenCrops();
  const options = useCropOptions(crops);
  const { write, keepPhoto, refused } = useWriting();
  const [photo, setPhoto] = useState<File>();
  const waiting = useOutbox().entries.some(({ path }) => path.startsWith(`/api/gardens/${plan.id}/journal`));
  const noteDisease = useSoilDisease();
  const [kind, setKind] = useState<Kind>("harvest");
  const [draft, setDraft] = useState(EMPTY);
  const [unread, setUnread] = useState<Readonly<Record<string, string>>>({});
  const set = (part: Partial<typeof EMPTY>) => {
    setDraft((before) => ({ ...before, ...part }));
    setUnread({});
  };
  const firstCrop = options[0]?.value ?? NONE;
  const chosen = crops.find((view) => idOf(view) === (draft.crop || firstCrop));
  const firstCause = catalogue.crops.losses[0]?.key ?? NONE;

  function entry(): JournalEntry | null {
    const faults: Record<string, string> = {};
    const kilograms = draft.weight.trim() === "" ? undefined : parseFood(draft.weight, units);
    const pieces = draft.pieces.trim();
    const litres = draft.volume.trim() === "" ? undefined : parseHeap(draft.volume, units);
    if (litres === null) faults["harvest/litres"] = words.noVolume;
    if (kilograms === null) faults["harvest/kilograms"] = words.noWeight;
    if (pieces !== "" && !WHOLE.test(pieces)) faults["harvest/pieces"] = words.noPieces;
    const whole = (name: "sown" | "up") => {
      const text = draft[name].trim();
      if (text !== "" && !WHOLE.test(text)) faults[`germination/${name}`] = words.noPieces;
      return text === "" ? undefined : Number(text);
    };
    const measured = (name: "rain" | "lowest" | "highest") => {
      const read = readWeather(name, draft[name], units);
      if (read === null) faults[`weather/${name}`] = words.noFigure;
      return read ?? undefined;
    };
    const sown = kind === "germination" ? whole("sown") : undefined;
    const up = kind === "germination" ? whole("up") : undefined;
    const [rain, lowest, highest] =
      kind === "weather" ? [measured("rain"), measured("lowest"), measured("highest")] : [];
    setUnread(faults);
    if (Object.keys(faults).length > 0) return null;
    return {
      id: crypto.randomUUID(),
      day: draft.day || today(),
      about: draft.about,
      ...(draft.place === NONE ? {} : { place: draft.place }),
      ...(draft.note.trim() === "" ? {} : { note: draft.note }),
      ...(draft.nextTime === NONE ? {} : { nextTime: draft.nextTime as NextTimeStep }),
      ...(kind === "harvest" && chosen
        ? {
            harvest: {
              crop: chosen.crop.key,
              ...(chosen.crop.variety === undefined ? {} : { variety: chosen.crop.variety }),
              ...(kilograms === undefined || kilograms === null ? {} : { kilograms }),
              ...(litres === undefined || litres === null ? {} : { litres }),
              ...(pieces === "" ? {} : { pieces: Number(pieces) }),
            },
          }
        : {}),
      ...(kind === "loss"
        ? {
            loss: {
              ...(draft.crop === NONE ? {} : { crop: chosen?.crop.key ?? draft.crop }),
              cause: (draft.cause || firstCause) as LossCause,
            },
          }
        : {}),
      ...(kind === "germination" && chosen
        ? {
            germination: {
              crop: chosen.crop.key,
              ...(chosen.crop.variety === undefined ? {} : { variety: chosen.crop.variety }),
              sown: sown ?? 0,
              ...(up === undefined ? {} : { up }),
            },
          }
        : {}),
      ...(kind === "weather"
        ? {
            weather: {
              ...(rain === undefined ? {} : { rain }),
              ...(lowest === undefined ? {} : { lowest }),
              ...(highest === undefined ? {} : { highest }),
            },
          }
        : {}),
    };
  }

  async function submit() {
    const made = entry();
    if (!made) return;
    if (!(await write(made, words.kinds[kind]))) return;
    noteDisease(made);
    // The next harvest is often of the same day and bed.
    set({ ...EMPTY, day: draft.day, about: draft.about, place: draft.place, crop: draft.crop });
    setPhoto(undefined);
    if (photo) await keepPhoto(made.id, photo);
  }

  const faultOf = (field: string) => unread[field] ?? (refused?.field === field ? refused.text : undefined);
  const field = (name: TextName, label: string, at: string, type = "text") => (
    <FieldFrame id={`entry-${name}`} label={label} fault={faultOf(at)}>
      <input
        id={`entry-${name}`}
        type={type}
        inputMode={inputModeOf(name)}
        className={`field ${name === "note" ? "" : "figures"} ${faultOf(at) ? "border-2 border-snag" : ""}`}
        value={name === "day" ? draft.day || today() : draft[name]}
        {...faultProps(`entry-${name}`, faultOf(at))}
        onChange={(event) => {
          set({ [name]: event.target.value });
        }}
      />
    </FieldFrame>
  );
  return (
    <form
      className="grid max-w-3xl grid-cols-2 items-start gap-2 py-1 sm:grid-cols-4"
      data-testid="journal-entry"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <Choice
        label={words.kind}
        value={kind}
        options={KINDS.map((value) => ({ value, label: words.kinds[value] }))}
        onChange={(value) => {
          setKind(value);
          set({ crop: NONE });
        }}
      />
      {kind !== "note" && kind !== "weather" && (
        <Choice
          label={words.what}
          value={draft.crop || (kind === "loss" ? NONE : firstCrop)}
          options={kind === "loss" ? [{ value: NONE, label: words.severalCrops }, ...options] : options}
          onChange={(crop) => {
            set({ crop });
          }}
        />
      )}
      {kind === "harvest" && field("weight", words.weight, "harvest/kilograms")}
      {kind === "harvest" && field("volume", words.volume, "harvest/litres")}
      {kind === "harvest" && field("pieces", words.pieces, "harvest/pieces")}
      {kind === "germination" && field("sown", words.sown, "germination/sown")}
      {kind === "germination" && field("up", words.up, "germination/up")}
      {kind === "weather" &&
        WEATHER.map((name) => (
          <Fragment key={name}>{field(name, WEATHER_LABELS[name][units], `weather/${name}`)}</Fragment>
        ))}
      {kind === "loss" && (
        <Choice
          label={words.cause}
          value={draft.cause || firstCause}
          options={catalogue.crops.losses.map(({ key: value, label }) => ({ value, label }))}
          onChange={(cause) => {
            set({ cause });
          }}
        />
      )}
      <Choice
        label={words.where}
        value={draft.place}
        options={[{ value: NONE, label: words.wholeGarden }, ...places]}
        onChange={(place) => {
          set({ place });
        }}
      />
      {field("day", words.entryDay, "day", "date")}
      <div className="self-end">
        <CheckField
          label={words.about}
          checked={draft.about}
          onChange={(about) => {
            set({ about });
          }}
        />
      </div>
      {field("note", words.note, "note")}
      <Choice
        label={words.remind}
        value={draft.nextTime}
        options={[
          { value: NONE, label: words.noReminder },
          ...STEPS.map((value) => ({ value, label: words.remindAt(stepLabel(value)) })),
        ]}
        onChange={(nextTime) => {
          set({ nextTime });
        }}
      />
      <div className="self-end pb-2">
        <PhotoField label={words.choosePhoto} chosen={photo} onChoose={setPhoto} />
      </div>
      <button type="submit" className="strong-button self-end">
        {words.write}
      </button>
      <div className="col-span-2 sm:col-span-4">
        {waiting && <p role="status">{words.waits}</p>}
        <Fault text={refused && elsewhere(refused)} />
      </div>
    </form>
  );
}
