import type { Bed, BedRevision, Build } from "../api/types";
import { batch, without } from "../edits/changes";
import { formatLength } from "../measure/lengths";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { revisionIn } from "../workspace/revisionIn";
import { useFieldEdit } from "../forms/useFieldEdit";

const NONE = "none";

/** What beds are built with besides boards: a ready-made metal kit instead, a cap, legs, or a mound. */
export function BuildFields({ beds }: { beds: readonly Bed[] }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const [first] = beds;
  const revision = first && revisionIn(first, desk.season);
  if (!revision) return null;
  const { build } = revision;
  const kits = desk.catalogue.kits;

  function rebuild(field: string, how: (revision: BedRevision) => BedRevision) {
    const changes = beds.flatMap((bed) => {
      const now = revisionIn(bed, desk.season);
      return now ? [{ kind: "RebuildBed" as const, bed: bed.id, revision: how(now) }] : [];
    });
    if (changes.length > 0) edit(field, batch("Build beds otherwise", changes));
  }

  function put(field: string, part: Partial<Build>) {
    rebuild(field, (now) => ({ ...now, build: { ...now.build, ...part } }));
  }

  /** A kit brings its own size and walls; without one the bed stays as large and has no walls until it gets boards. */
  function choose(key: string) {
    const kit = kits.find((k) => k.key === key);
    rebuild("kit", (now) => {
      if (!kit) return { ...now, build: without(now.build, "kit") };
      const upright = now.outline.width > now.outline.length;
      const [length, width] = upright ? [kit.width, kit.length] : [kit.length, kit.width];
      return {
        ...without(now, "frame"),
        outline: { ...now.outline, length, width },
        shape: { form: { kind: "RECTANGLE" }, keyholes: [] },
        build: { ...without(without(now.build, "cap"), "wall"), mound: 0, kit: kit.key },
      };
    });
  }

  const boxed = revision.frame !== undefined || build.kit !== undefined;
  const walled = build.wall !== undefined;
  return (
    <div className="space-y-2 border-t border-hair pt-2">
      <Choice
        label="Ready-made metal bed"
        value={build.kit ?? NONE}
        options={[
          { value: NONE, label: "no" },
          ...kits.map((kit) => ({
            value: kit.key,
            label: `${kit.key}: ${formatLength(kit.length, desk.units)} × ${formatLength(kit.width, desk.units)}, ${formatLength(kit.height, desk.units)} high`,
          })),
        ]}
        onChange={choose}
      />
      {faults["kit"] && (
        <p role="alert" className="text-sm text-snag">
          {faults["kit"]}
        </p>
      )}
      <div className="grid grid-cols-2 items-end gap-2">
        {walled ? null : boxed ? (
          <LengthField
            label="On legs, clear below"
            value={build.legs}
            units={desk.units}
            fault={faults["legs"]}
            onCommit={(legs) => {
              put("legs", { legs });
            }}
          />
        ) : (
          <LengthField
            label="Heaped up as a mound"
            value={build.mound}
            units={desk.units}
            fault={faults["mound"]}
            onCommit={(mound) => {
              put("mound", { mound });
            }}
          />
        )}
        {revision.frame && (
          <LengthField
            label="Cap boards, wide"
            value={build.cap?.width}
            units={desk.units}
            fault={faults["cap"]}
            onCommit={(width) => {
              put("cap", { cap: { width, leanedOn: build.cap?.leanedOn ?? false } });
            }}
            onEmpty={() => {
              rebuild("cap", (now) => ({ ...now, build: without(now.build, "cap") }));
            }}
          />
        )}
      </div>
      {revision.frame && build.legs > 0 && <p className="text-sm text-soft">{words.table}</p>}
      {revision.frame && build.legs === 0 && (
        <div className="grid grid-cols-2 items-end gap-2">
          {(["along", "across"] as const).map((way) => (
            <LengthField
              key={way}
              label={`Ground falls ${way}, made up`}
              value={build.drop?.[way] ?? 0}
              units={desk.units}
              fault={faults[way]}
              onCommit={(fall) => {
                put(way, { drop: { along: 0, across: 0, ...build.drop, [way]: fall } });
              }}
            />
          ))}
        </div>
      )}
      {build.cap && (
        <CheckField
          label="They lean on the cap as they reach in"
          checked={build.cap.leanedOn}
          onChange={(leanedOn) => {
            if (build.cap) put("cap", { cap: { ...build.cap, leanedOn } });
          }}
        />
      )}
    </div>
  );
}
