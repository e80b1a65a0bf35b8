import { ToolButton } from "../forms/ToolButton";
import { useState } from "react";
import type { Feature, FeatureKind } from "../api/types";
import { formatDistance } from "../measure/figures";
import { CheckField } from "../parts/CheckField";
import { RovingList } from "../parts/RovingList";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { newFeature } from "../sheet/useDrawn";
import { without } from "../edits/changes";
import { words as everywhere } from "../words";
import { words } from "./words";
import { featureLengths } from "./featureLengths";
import { RetainingWall } from "./RetainingWall";
import { useDesk } from "../workspace/desk";
import { ByNumbers } from "../forms/ByNumbers";
import { CornerFields } from "../forms/CornerFields";
import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";

/** What stands on the plot besides beds: drawn on the sheet or put down by numbers, and listed. */
export function FeatureList() {
  const desk = useDesk();
  const [kind, setKind] = useState<FeatureKind>("SHED");
  const preset = desk.catalogue.features.find((f) => f.kind === kind);
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>What stands there</h3>
      <Choice
        label="Kind"
        value={kind}
        options={desk.catalogue.features.map((f) => ({ value: f.kind, label: f.label }))}
        onChange={setKind}
      />
      <div className="flex flex-wrap gap-2">
        <ToolButton
          tool={{ kind: "feature", feature: kind }}
          take="Draw it"
          inHand={everywhere.drawing[preset?.extent ?? "AREA"]}
        />
        {preset && (
          <ByNumbers
            key={preset.extent}
            labels={["Put it down by numbers", "Put it there"]}
            shortcut="N"
            extent={preset.extent}
            size={{ length: 2, width: 2 }}
            onPlace={(geometry, refused) => {
              const places =
                geometry.kind === "PLACES"
                  ? [...geometry.places]
                  : geometry.kind === "SPOT"
                    ? [geometry.place]
                    : [];
              const feature = newFeature(preset, places, desk.plan.features);
              desk.submit({ kind: "PutFeature", feature }, refused);
              desk.select([feature.id]);
            }}
          />
        )}
      </div>
      {preset?.caution && <p className="text-sm text-soft">{preset.caution}</p>}
      {desk.plan.features.length === 0 && <p className="text-soft">{words.noFeatures}</p>}
      <RovingList>
        {desk.plan.features.map((feature) => (
          <FeatureForm key={feature.id} feature={feature} />
        ))}
      </RovingList>
    </section>
  );
}

function FeatureForm({ feature }: { feature: Feature }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const preset = desk.catalogue.features.find((f) => f.kind === feature.kind);
  const extent = preset?.extent ?? "AREA";
  const opening = feature.kind === "DOOR" || feature.kind === "WINDOW";

  function put(field: string, part: object) {
    edit(field, { kind: "PutFeature", feature: { ...feature, ...part } as Feature });
  }

  return (
    <ThingForm
      thing={feature}
      about={preset?.label === feature.name ? undefined : preset?.label}
      seasons={{
        from: beginning(feature),
        until: "Gone from season",
      }}
      faults={faults}
      onChange={put}
      takeOut={["Delete", `Delete ${feature.name}`]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveFeature", feature: feature.id });
      }}
      note={feature.kind === "DRAIN" && <p className="text-sm text-soft">{words.drainBought}</p>}
    >
      <CornerFields
        corners={feature.places}
        least={{ AREA: 3, LINE: 2, SPOT: 1 }[extent]}
        fixed={extent === "SPOT"}
        units={desk.units}
        fault={faults["places"]}
        onChange={(places) => {
          put("places", { places });
        }}
      />
      <div className="grid grid-cols-3 items-end gap-2">
        {featureLengths(feature, extent).map(({ field, label, metres, explain, with: changed }) => (
          <LengthField
            key={field}
            label={label}
            explain={explain}
            value={metres}
            units={desk.units}
            fault={faults[field]}
            onCommit={(value) => {
              edit(field, { kind: "PutFeature", feature: changed(value) });
            }}
          />
        ))}
        {(feature.kind === "HOUSE" || feature.kind === "SHED") && (
          <LengthField
            label={words.ridge}
            value={feature.ridge}
            units={desk.units}
            fault={faults["ridge"]}
            onCommit={(ridge) => {
              edit("ridge", { kind: "PutFeature", feature: { ...feature, ridge } });
            }}
            onEmpty={() => {
              edit("ridge", { kind: "PutFeature", feature: without(feature, "ridge") });
            }}
          />
        )}
      </div>
      {(feature.kind === "HOUSE" || feature.kind === "SHED") && (
        <p className="text-sm text-soft">{words.ridgeHint}</p>
      )}
      {feature.kind === "RETAINING_WALL" && (
        <RetainingWall
          wall={feature}
          fault={faults["masonry"]}
          onChange={(wall) => {
            edit("masonry", { kind: "PutFeature", feature: wall });
          }}
        />
      )}
      <FenceLength feature={feature} />
      {"bareInWinter" in feature && (feature.kind === "TREE" || feature.kind === "HEDGE") && (
        <CheckField
          label="Bare in winter"
          checked={feature.bareInWinter}
          onChange={(bareInWinter) => {
            put("bare", { bareInWinter });
          }}
        />
      )}
      {"lookout" in feature && opening && (
        <CheckField
          label="The garden is to be seen from here"
          checked={feature.lookout}
          onChange={(lookout) => {
            put("lookout", { lookout });
          }}
        />
      )}
    </ThingForm>
  );
}

/** What happens in its first season. */
function beginning(feature: Feature): string {
  if (feature.kind === "DRAIN") return "Laid in season";
  return "masonry" in feature ? words.builtIn : "From season";
}

/** How much of a fence, wall or hedge stands in the season, without the openings that ways in make. */
function FenceLength({ feature }: { feature: Feature }) {
  const desk = useDesk();
  const fence = desk.report?.fences.find((line) => line.feature === feature.id);
  if (!fence) return null;
  return (
    <p className="text-sm">
      <span className="figures">{formatDistance(fence.length, desk.units)}</span> long
      {fence.parts.length > 1 && `, in ${String(fence.parts.length)} parts: ways in lead through it`}.
    </p>
  );
}
