import { useState } from "react";
import type { components } from "../api/schema";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatFood, parseFood } from "../measure/food";
import { plainNumber } from "../measure/numbers";
import { PaperLink } from "../papers/PaperLink";
import { byName } from "../parts/byName";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { MeasureField } from "../parts/MeasureField";
import { RovingList } from "../parts/RovingList";
import { useDesk } from "../workspace/desk";
import { cropId, idOf, useCropNames, useCropOptions, useGardenCrops } from "../variety/crops";
import { words } from "./words";

type CropWish = components["schemas"]["CropWish"];

/** Who eats, which crops, and how much of each. */
export function HouseholdSection() {
  const { plan, catalogue } = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const known = plan.household[0];
  const eaters = known?.eaters ?? catalogue.crops.usualEaters;
  const { crops } = useGardenCrops();
  const nameOf = useCropNames();
  const views = new Map(crops.map((view) => [idOf(view), view]));
  const viewOf = (wish: CropWish) => views.get(cropId(wish)) ?? views.get(wish.crop);
  const wishes = byName(
    plan.cropWishes.map((wish) => {
      const view = viewOf(wish);
      return { ...wish, name: view ? nameOf(view) : wish.crop };
    }),
  );
  return (
    <details className="space-y-2 border-t border-rule pt-2">
      <summary className="cursor-pointer font-semibold">{words.title}</summary>
      <p className="text-sm text-soft">{words.hint}</p>
      <MeasureField
        label={words.eaters}
        value={eaters}
        format={String}
        parse={(text) => {
          const read = Number(plainNumber(text));
          return text.trim() === "" || Number.isNaN(read) ? null : read;
        }}
        fault={faults["eaters"]}
        onCommit={(number) => {
          const household = { id: known?.id ?? crypto.randomUUID(), eaters: number };
          edit("eaters", { kind: "PutHousehold", household });
        }}
        onUnread={() => {
          refuse("eaters", words.noNumber);
        }}
      />
      {wishes.length === 0 && <p>{words.nothing}</p>}
      <RovingList data-testid="wishes">
        {wishes.map((wish) => (
          <WishRow
            key={wish.id}
            wish={wish}
            usual={(viewOf(wish)?.crop.eaten ?? 0) * eaters}
            fault={faults[wish.id]}
            onChange={(part) => {
              const { id, crop, variety, want, kilograms } = { ...wish, ...part };
              const cropWish = {
                id,
                crop,
                want,
                ...(variety === undefined ? {} : { variety }),
                ...(kilograms === undefined ? {} : { kilograms }),
              };
              edit(wish.id, { kind: "PutCropWish", cropWish });
            }}
            onUnread={() => {
              refuse(wish.id, words.noAmount);
            }}
            onTakeOff={() => {
              edit(wish.id, { kind: "RemoveCropWish", cropWish: wish.id });
            }}
          />
        ))}
      </RovingList>
      <AddWish />
      <p className="flex flex-wrap gap-x-4">
        <PaperLink paper="harvest" />
        <PaperLink paper="rotation" />
      </p>
    </details>
  );
}

interface WishRowProps {
  wish: CropWish & { name: string };
  /** Kilograms that they would usually eat. */
  usual: number;
  fault: string | undefined;
  onChange: (part: Partial<CropWish>) => void;
  onUnread: () => void;
  onTakeOff: () => void;
}

function WishRow({ wish, usual, fault, onChange, onUnread, onTakeOff }: WishRowProps) {
  const { units, catalogue } = useDesk();
  const { name } = wish;
  return (
    <div className="border-b border-hair py-1" data-testid="wish">
      <div className="flex items-baseline justify-between gap-2">
        <h4>{name}</h4>
        <button type="button" className="text-button text-sm" title={words.takeOff(name)} onClick={onTakeOff}>
          {words.off}
        </button>
      </div>
      <div className="grid grid-cols-2 items-end gap-2">
        <Choice
          label={words.want(name)}
          hideLabel
          value={wish.want}
          options={catalogue.crops.wants.map(({ key: value, label }) => ({ value, label }))}
          onChange={(want) => {
            onChange({ want });
          }}
        />
        {wish.want !== "NEVER" && (
          <MeasureField
            label={words.amount(name)}
            hideLabel
            value={wish.kilograms}
            empty={words.usual(formatFood(usual, units))}
            format={(kilograms) => formatFood(kilograms, units)}
            parse={(text) => parseFood(text, units)}
            fault={fault}
            onCommit={(kilograms) => {
              onChange({ kilograms });
            }}
            onEmpty={() => {
              onChange({ kilograms: undefined });
            }}
            onUnread={onUnread}
          />
        )}
      </div>
    </div>
  );
}

/** Crops that are eaten and not yet wished for. */
function AddWish() {
  const { plan } = useDesk();
  const { faults, edit } = useFieldEdit();
  const { crops } = useGardenCrops();
  const nameOf = useCropNames();
  const wished = new Set(plan.cropWishes.map(cropId));
  const left = crops.filter((view) => view.crop.eaten > 0 && !wished.has(idOf(view)));
  const options = useCropOptions(left);
  const [picked, setPicked] = useState("");
  const chosen = left.find((view) => idOf(view) === picked) ?? left[0];
  if (!chosen) return null;
  return (
    <div className="flex items-end gap-2">
      <div className="min-w-0 grow">
        <Choice label={words.add} value={idOf(chosen)} options={options} onChange={setPicked} />
      </div>
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          const { key: crop, variety } = chosen.crop;
          const cropWish = {
            id: crypto.randomUUID(),
            crop,
            want: "MAY" as const,
            ...(variety === undefined ? {} : { variety }),
          };
          edit("crop", { kind: "PutCropWish", cropWish });
        }}
      >
        {words.addIt(nameOf(chosen))}
      </button>
      <Fault text={faults["crop"]} />
    </div>
  );
}
