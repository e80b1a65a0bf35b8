import type { Catalogue, Walk, WalkTakeoff } from "../api/types";
import { formatArea, formatVolume } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { useFieldEdit } from "../forms/useFieldEdit";

type Layer = Walk["build"]["layers"][number];
type Surface = Catalogue["surfaces"][number];

/** A layer that somebody adds begins this deep if it is loose, metres: 4 in. */
const FIRST_DEPTH = 0.1016;

/** What a walk is made of, from the ground up, and what that takes. */
export function WalkBuildFields({ walk }: { walk: Walk }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const { build } = walk;
  const surface = desk.catalogue.surfaces.find((each) => each.key === walk.surface);
  const takeoff = desk.report?.walks.find((each) => each.walk === walk.id);

  function put(field: string, part: Partial<Walk["build"]>) {
    edit(field, { kind: "PutWalk", walk: { ...walk, build: { ...build, ...part } } });
  }

  function setLayers(layers: Layer[]) {
    put("layers", { layers });
  }

  return (
    <div className="space-y-2 border-t border-hair pt-2">
      <h4>What it is made of, from the ground up</h4>
      {surface && <p className="text-sm text-soft">{surface.upkeep}</p>}
      {build.layers.length === 0 && <p className="text-sm text-soft">{words.noLayers}</p>}
      <Layers layers={build.layers} takeoff={takeoff} faults={faults} onChange={setLayers} />
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            setLayers([...build.layers, { kind: "CHIP", depth: FIRST_DEPTH }]);
          }}
        >
          Add a layer on top
        </button>
        {surface && surface.usual.length > 0 && !sameLayers(build.layers, surface.usual) && (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              setLayers(surface.usual);
            }}
          >
            Lay the usual
          </button>
        )}
      </div>
      {faults["layers"] && (
        <p role="alert" className="text-sm text-snag">
          {faults["layers"]}
        </p>
      )}
      <CheckField
        label="Dig out first, so that it lies level"
        checked={build.dugIn}
        onChange={(dugIn) => {
          put("dugIn", { dugIn });
        }}
      />
      <CheckField
        label="Edging where it meets open ground"
        checked={build.edged}
        onChange={(edged) => {
          put("edged", { edged });
        }}
      />
      {takeoff && <Taken takeoff={takeoff} />}
    </div>
  );
}

interface LayersProps {
  layers: readonly Layer[];
  takeoff: WalkTakeoff | undefined;
  faults: Readonly<Record<string, string>>;
  onChange: (layers: Layer[]) => void;
}

function Layers({ layers, takeoff, onChange }: LayersProps) {
  const { catalogue, units } = useDesk();
  const kinds = catalogue.layers;
  const loose = (kind: Layer["kind"]) => kinds.find((each) => each.key === kind)?.loose ?? false;
  const replaced = (index: number, layer: Layer) => layers.map((each, i) => (i === index ? layer : each));
  return (
    <ol className="space-y-1">
      {layers.map((layer, index) => (
        <li key={index} className="grid grid-cols-[1fr_5.5rem_auto] items-end gap-2">
          <div>
            <Choice
              label={`Layer ${String(index + 1)}`}
              value={layer.kind}
              options={kinds.map((each) => ({ value: each.key, label: each.label }))}
              onChange={(kind) => {
                const depth = loose(kind) ? layer.depth || FIRST_DEPTH : 0;
                onChange(replaced(index, { kind, depth }));
              }}
            />
          </div>
          {loose(layer.kind) ? (
            <LengthField
              label="deep"
              value={layer.depth}
              units={units}
              onCommit={(depth) => {
                onChange(replaced(index, { ...layer, depth }));
              }}
            />
          ) : (
            <span />
          )}
          <button
            type="button"
            className="plain-button"
            aria-label={`Leave layer ${String(index + 1)} out`}
            onClick={() => {
              onChange(layers.filter((_, i) => i !== index));
            }}
          >
            ×
          </button>
          <p className="col-span-3 text-sm text-soft">
            <Ordered takeoff={takeoff?.layers[index]} />
          </p>
        </li>
      ))}
    </ol>
  );
}

function Ordered({ takeoff }: { takeoff: WalkTakeoff["layers"][number] | undefined }) {
  const { units, catalogue } = useDesk();
  if (!takeoff) return null;
  const more = catalogue.layers.find((each) => each.key === takeoff.layer.kind)?.ordered ?? 1;
  const amount =
    takeoff.volume > 0 ? formatVolume(takeoff.volume, units) : formatArea(takeoff.covered, units);
  return (
    <>
      order <span className="figures">{amount}</span>
      {more > 1 &&
        `: ${String(Math.round((more - 1) * 100))} % more than lies there, for ${words.moreFor(takeoff.volume > 0)}`}
    </>
  );
}

function Taken({ takeoff }: { takeoff: WalkTakeoff }) {
  const { units } = useDesk();
  return (
    <ul className="list-disc pl-4 text-sm" data-testid="walk-takeoff">
      <li>
        <span className="figures">{formatArea(takeoff.area, units)}</span> of ground, free of beds and other
        walks.
      </li>
      {takeoff.edging > 0 && (
        <li>
          <span className="figures">{formatLength(takeoff.edging, units)}</span> of edging.
        </li>
      )}
      {takeoff.rises > 0 && (
        <li>
          Lies <span className="figures">{formatLength(takeoff.rises, units)}</span> above the ground.
        </li>
      )}
      {takeoff.spoil > 0 && (
        <li>
          Dug out: <span className="figures">{formatVolume(takeoff.spoil, units)}</span> loose,{" "}
          <span className="figures">{takeoff.away.barrows}</span> barrows or{" "}
          <span className="figures">{takeoff.away.skips}</span> {takeoff.away.skips === 1 ? "skip" : "skips"}.
        </li>
      )}
    </ul>
  );
}

/** The walk with another surface; layers that were the usual ones of the old surface become those of the new one. */
export function resurfaced(walk: Walk, surface: Walk["surface"], surfaces: readonly Surface[]): Walk {
  const usual = (key: string) => surfaces.find((each) => each.key === key)?.usual ?? [];
  const untouched = sameLayers(walk.build.layers, usual(walk.surface));
  const layers = untouched ? usual(surface) : walk.build.layers;
  return { ...walk, surface, build: { ...walk.build, layers } };
}

function sameLayers(one: readonly Layer[], other: readonly Layer[]): boolean {
  return (
    one.length === other.length &&
    one.every((layer, i) => layer.kind === other[i]?.kind && (layer.depth ?? 0) === (other[i].depth ?? 0))
  );
}
