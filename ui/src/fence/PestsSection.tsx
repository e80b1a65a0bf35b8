import { formatLength } from "../measure/lengths";
import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { freeName } from "../edits/changes";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { RovingList } from "../parts/RovingList";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import type { Pest } from "./fence";
import { PestTable } from "./PestTable";
import { words } from "./words";

type Needs = NonNullable<Pest["own"]>;

/** What comes for the vegetables, and whether it is kept out. */
export function PestsSection() {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const { pests } = desk.plan;
  const kinds = desk.catalogue.fences.pests;
  const unnamed = kinds.filter(({ kind }) => kind === "OWN" || !pests.some((pest) => pest.kind === kind));

  function add(kind: Pest["kind"]) {
    const preset = kinds.find((each) => each.kind === kind);
    if (!preset) return;
    const taken = pests.map(({ name }) => name);
    const pest: Pest = {
      id: crypto.randomUUID(),
      name: taken.includes(preset.label) ? freeName(preset.label, taken) : preset.label,
      kind,
      pressing: "LOW",
      ...(preset.own && { own: preset.own }),
      lifetime: {},
    };
    edit("add", { kind: "PutPest", pest });
  }

  return (
    <section className="space-y-2">
      <h3>{words.against}</h3>
      {pests.length === 0 && <p className="text-soft">{words.noPests}</p>}
      <RovingList>
        {byName(pests).map((pest) => (
          <PestForm key={pest.id} pest={pest} />
        ))}
      </RovingList>
      <div className="flex flex-wrap gap-1" role="group" aria-label={words.addPest}>
        {unnamed.map(({ kind, label }) => (
          <button
            key={kind}
            type="button"
            className="plain-button px-2 text-sm"
            onClick={() => {
              add(kind);
            }}
          >
            + {label}
          </button>
        ))}
      </div>
      {faults["add"] && (
        <p role="alert" className="text-snag">
          {faults["add"]}
        </p>
      )}
      <PestTable />
    </section>
  );
}

function PestForm({ pest }: { pest: Pest }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const put = (field: string, part: Partial<Pest>) => {
    edit(field, { kind: "PutPest", pest: { ...pest, ...part } });
  };
  return (
    <ThingForm
      thing={pest}
      testId="pest"
      about={words.pressing[pest.pressing]}
      seasons={{ from: "Comes from season", until: "Gone from season" }}
      always="always"
      faults={faults}
      onChange={put}
      takeOut={["Delete", words.takeDown(pest.name)]}
      onTakeOut={() => {
        edit("name", { kind: "RemovePest", pest: pest.id });
      }}
      note={<Asked pest={pest} />}
    >
      <Choice
        label={words.presses}
        value={pest.pressing}
        options={(["LOW", "HIGH"] as const).map((value) => ({ value, label: words.pressing[value] }))}
        onChange={(pressing) => {
          put("pressing", { pressing });
        }}
      />
      {pest.own && <OwnNeeds own={pest.own} faults={faults} put={put} units={desk.units} />}
    </ThingForm>
  );
}

interface OwnNeedsProps {
  own: Needs;
  faults: Readonly<Record<string, string>>;
  put: (field: string, part: Partial<Pest>) => void;
  units: ReturnType<typeof useDesk>["units"];
}

/** What one of the gardener's own takes. */
function OwnNeeds({ own, faults, put, units }: OwnNeedsProps) {
  return (
    <div className="space-y-2">
      <div className="grid grid-cols-3 items-end gap-2">
        {(["height", "mesh", "meshed", "buried", "apron"] as const).map((field) => (
          <LengthField
            key={field}
            label={words.needs[field]}
            value={own[field]}
            units={units}
            fault={faults[`own/${field}`]}
            onCommit={(metres) => {
              put(`own/${field}`, { own: { ...own, [field]: metres } });
            }}
          />
        ))}
      </div>
      <CheckField
        label={words.climbs}
        checked={own.climbs}
        onChange={(climbs) => {
          put("own/climbs", { own: { ...own, climbs } });
        }}
      />
    </div>
  );
}

/** What a fence has to be for it, in a sentence. */
function Asked({ pest }: { pest: Pest }) {
  const { report, units } = useDesk();
  const row = report?.fencing.pests.find((each) => each.pest === pest.id);
  if (row?.net !== undefined) {
    return <p className="text-sm text-soft">{words.netOf(formatLength(row.net, units))}</p>;
  }
  if (!row?.needs) return null;
  const { needs } = row;
  const written = (metres: number) => formatLength(metres, units);
  const parts = [
    needs.height > 0 ? words.askedHeight(written(needs.height)) : "",
    needs.meshed > 0 && needs.meshed < needs.height
      ? words.askedMeshed(written(needs.mesh), written(needs.meshed))
      : words.askedMesh(written(needs.mesh)),
    needs.apron > 0
      ? words.askedApron(written(needs.buried), written(needs.apron))
      : needs.buried > 0
        ? words.askedFoot(written(needs.buried))
        : "",
    needs.climbs ? words.askedSmooth : "",
  ].filter(Boolean);
  return <p className="text-sm text-soft">{words.asked(parts)}</p>;
}
