import { useState } from "react";
import { request } from "../api/client";
import type { Bed, BedRevision, Filling } from "../api/types";
import { batch, without } from "../edits/changes";
import { formatShare } from "../measure/figures";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { revisionIn } from "../workspace/revisionIn";
import { useFieldEdit } from "../forms/useFieldEdit";

type Good = Filling["parts"][number]["good"];

const OWN = "own";
const SEVERAL = "several";
const NOTHING = "nothing";
/** Something below the mix begins with this share of the depth. */
const FIRST_PERCENT = 40;

/** What beds are filled with: one of the usual recipes, or an own mix by parts; for the selected beds, or for all. */
export function FillingForm({ beds }: { beds: readonly Bed[] }) {
  const desk = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const { recipes, goods } = desk.catalogue;
  const [mixing, setMixing] = useState(false);
  const [first] = beds;
  const revision = first && revisionIn(first, desk.season);
  const mix = recipes[0]?.filling;
  if (!revision || !mix) return null;
  const filling = revision.build.filling ?? mix;
  const alike = beds.every((bed) => sameFilling(revisionIn(bed, desk.season)?.build.filling ?? mix, filling));
  const recipe = alike ? recipes.find((each) => sameFilling(each.filling, filling)) : undefined;
  const own = alike && (mixing || recipe === undefined);

  function fill(field: string, how: (now: Filling) => Filling | null) {
    const changes = beds.flatMap((bed) => {
      const now = revisionIn(bed, desk.season);
      const next = now && filled(now, how(now.build.filling ?? mix ?? filling));
      return next ? [{ kind: "RebuildBed" as const, bed: bed.id, revision: next }] : [];
    });
    if (changes.length > 0) edit(field, batch("Fill beds otherwise", changes));
  }

  function setParts(parts: Filling["parts"]) {
    fill("parts", () => ({ ...filling, parts }));
  }

  async function mixWhatIsThere() {
    const there = await request<Filling | undefined>("GET", `/api/gardens/${desk.plan.id}/own-mix`).catch(
      () => undefined,
    );
    if (there) fill("parts", (now) => ({ ...now, parts: there.parts }));
    else refuse("parts", words.nothingToMix);
  }

  const missing = goods.filter((good) => !filling.parts.some((part) => part.good === good.key));
  const whole = filling.parts.reduce((sum, part) => sum + part.parts, 0);
  return (
    <section className="space-y-2 border-t border-rule pt-2" data-testid="filling">
      <h3>{beds.length === 1 ? `Fill ${first.name} with` : `Fill ${String(beds.length)} beds with`}</h3>
      <Choice
        label="Recipe"
        value={own ? OWN : recipe ? String(recipes.indexOf(recipe)) : SEVERAL}
        options={[
          ...(alike ? [] : [{ value: SEVERAL, label: "filled differently" }]),
          ...recipes.map((each, index) => ({ value: String(index), label: each.label })),
          { value: OWN, label: "An own mix" },
        ]}
        onChange={(value) => {
          setMixing(value === OWN);
          const chosen = recipes[Number(value)];
          if (chosen) fill("parts", () => chosen.filling);
          else if (value === OWN && !alike) fill("parts", () => filling);
        }}
      />
      {recipe && !own && <p className="text-sm text-soft">{recipe.remark}</p>}
      {own && (
        <>
          <ul className="space-y-1">
            {filling.parts.map((part, index) => (
              <li key={part.good} className="grid grid-cols-[1fr_4rem_3rem_auto] items-end gap-2">
                <span className="pb-2">{nameOf(goods, part.good)}</span>
                <TextField
                  label="parts"
                  value={String(part.parts)}
                  figures
                  onCommit={(text) => {
                    const parts = /^\d{1,7}$/.test(text.trim()) ? Number(text) : 0;
                    setParts(filling.parts.map((each, i) => (i === index ? { ...each, parts } : each)));
                  }}
                />
                <span className="figures pb-2 text-right text-sm">{formatShare(part.parts / whole)}</span>
                <button
                  type="button"
                  className="plain-button"
                  aria-label={`Leave ${nameOf(goods, part.good)} out`}
                  onClick={() => {
                    setParts(filling.parts.filter((_, i) => i !== index));
                  }}
                >
                  ×
                </button>
              </li>
            ))}
          </ul>
          {desk.plan.supply.onHand.length > 0 && (
            <button type="button" className="plain-button" onClick={() => void mixWhatIsThere()}>
              Mix what is on hand, in the shares in which it is there
            </button>
          )}
          {missing.length > 0 && (
            <Choice
              label="Add to the mix"
              value=""
              options={[
                { value: "", label: "choose…" },
                ...missing.map((good) => ({ value: good.key as string, label: good.label })),
              ]}
              onChange={(key) => {
                const good = missing.find((each) => each.key === key);
                if (good) setParts([...filling.parts, { good: good.key, parts: 1 }]);
              }}
            />
          )}
        </>
      )}
      {faults["parts"] && (
        <p role="alert" className="text-sm text-snag">
          {faults["parts"]}
        </p>
      )}
      {alike && (
        <div className="grid grid-cols-[1fr_5.5rem] items-end gap-2">
          <Choice
            label="Below it"
            value={filling.below?.good ?? NOTHING}
            options={[
              { value: NOTHING as string, label: "nothing else" },
              ...goods.map((good) => ({ value: good.key as string, label: good.label })),
            ]}
            onChange={(key) => {
              const good = goods.find((each) => each.key === key)?.key;
              fill("below", (now) =>
                good
                  ? { ...now, below: { good, percent: now.below?.percent ?? FIRST_PERCENT } }
                  : without(now, "below"),
              );
            }}
          />
          {filling.below && (
            <TextField
              label="% of depth"
              value={String(filling.below.percent)}
              figures
              fault={faults["percent"]}
              onCommit={(text) => {
                const percent = /^\d{1,3}$/.test(text.trim()) ? Number(text) : 0;
                fill("percent", (now) => (now.below ? { ...now, below: { ...now.below, percent } } : null));
              }}
            />
          )}
        </div>
      )}
      {filling.parts.some((part) => part.good === "MANURE") && (
        <p className="text-sm text-soft">{words.manureCaution}</p>
      )}
    </section>
  );
}

function filled(revision: BedRevision, filling: Filling | null): BedRevision | null {
  return filling && { ...revision, build: { ...revision.build, filling } };
}

/** The gardener's word for a good. */
export function nameOf(goods: readonly { key: Good; label: string }[], good: Good): string {
  return goods.find((each) => each.key === good)?.label ?? good;
}

export function sameFilling(one: Filling, other: Filling): boolean {
  return (
    one.parts.length === other.parts.length &&
    one.parts.every((part, i) => part.good === other.parts[i]?.good && part.parts === other.parts[i].parts) &&
    one.below?.good === other.below?.good &&
    one.below?.percent === other.below?.percent
  );
}
