import { useState } from "react";
import { parseFood } from "../measure/food";
import { Choice } from "../parts/Choice";
import { CheckField } from "../parts/CheckField";
import { Fault } from "../parts/Fault";
import { FieldFrame, faultProps } from "../parts/FieldFrame";
import { useOutbox } from "../outdoors/useOutbox";
import { useDesk } from "../workspace/desk";
import { useCropOptions, useGardenCrops, idOf } from "../variety/crops";
import { today, useWriting, type JournalEntry, type LossCause } from "./journal";
import { STEPS, stepLabel } from "../workspace/stepLabels";
import { useSoilDisease } from "./useSoilDisease";
import { words } from "./words";

type NextTimeStep = NonNullable<JournalEntry["nextTime"]>;
type Kind = keyof typeof words.kinds;
const KINDS: readonly Kind[] = ["harvest", "loss", "note"];
const NONE = "";
const WHOLE = /^\d+$/;

const EMPTY = {
  day: "",
  about: false,
  place: NONE,
  crop: NONE,
  weight: "",
  pieces: "",
  cause: NONE,
  note: "",
  nextTime: NONE,
};

/** Writes something down: three fields for a harvest. What was refused stays to be mended. */
export function EntryForm() {
  const { plan, units, outlines, catalogue } = useDesk();
  const { crops } = useGardenCrops();
  const options = useCropOptions(crops);
  const { write, refused } = useWriting();
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
    if (kilograms === null) faults["harvest/kilograms"] = words.noWeight;
    if (pieces !== "" && !WHOLE.test(pieces)) faults["harvest/pieces"] = words.noPieces;
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
    };
  }

  async function submit() {
    const made = entry();
    if (!made) return;
    if (!(await write(made, words.kinds[kind]))) return;
    noteDisease(made);
    // The next harvest is often of the same day and bed.
    set({ weight: "", pieces: "", note: "", nextTime: NONE });
  }

  const faultOf = (field: string) => unread[field] ?? (refused?.field === field ? refused.text : undefined);
  const field = (name: "day" | "weight" | "pieces" | "note", label: string, at: string, type = "text") => (
    <FieldFrame id={`entry-${name}`} label={label} fault={faultOf(at)}>
      <input
        id={`entry-${name}`}
        type={type}
        inputMode={name === "weight" ? "decimal" : name === "pieces" ? "numeric" : undefined}
        className={`field ${name === "note" ? "" : "figures"} ${faultOf(at) ? "border-2 border-snag" : ""}`}
        value={name === "day" ? draft.day || today() : draft[name]}
        {...faultProps(`entry-${name}`, faultOf(at))}
        onChange={(event) => {
          set({ [name]: event.target.value });
        }}
      />
    </FieldFrame>
  );
  const known = ["day", "harvest/kilograms", "harvest/pieces", "note"];
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
      {kind !== "note" && (
        <Choice
          label={words.what}
          value={draft.crop || (kind === "harvest" ? firstCrop : NONE)}
          options={kind === "loss" ? [{ value: NONE, label: words.severalCrops }, ...options] : options}
          onChange={(crop) => {
            set({ crop });
          }}
        />
      )}
      {kind === "harvest" && field("weight", words.weight, "harvest/kilograms")}
      {kind === "harvest" && field("pieces", words.pieces, "harvest/pieces")}
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
        options={[
          { value: NONE, label: words.wholeGarden },
          ...plan.beds
            .filter(({ id }) => outlines.has(id))
            .map(({ id, name }) => ({ value: id, label: name })),
        ]}
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
      <button type="submit" className="strong-button self-end">
        {words.write}
      </button>
      <div className="col-span-2 sm:col-span-4">
        {waiting && <p role="status">{words.waits}</p>}
        <Fault text={refused && !known.includes(refused.field) ? refused.text : undefined} />
      </div>
    </form>
  );
}
