import { standingThings } from "../capabilities";
import { useCarrierGround, useRoutes } from "../api/queries";
import type { Carrier } from "../api/types";
import { freeName } from "../edits/changes";
import { formatArea, formatDistance } from "../measure/figures";
import { formatDimension } from "../measure/lengths";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { placeOf } from "./CarrierLayer";
import { Explain } from "../terms/Explain";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { useFieldEdit } from "../forms/useFieldEdit";

/** What has to get through besides the gardeners, and what each of them can do. */
export function CarrierList() {
  const desk = useDesk();
  const { carriers } = desk.plan;

  function add(label: string) {
    const preset = desk.catalogue.carriers.find((c) => c.label === label);
    if (!preset) return;
    const taken = carriers.map((carrier) => carrier.name);
    const name = taken.includes(label) ? freeName(label, taken) : label;
    const id = crypto.randomUUID();
    const { width, wheels, turning } = preset;
    desk.submit({ kind: "PutCarrier", carrier: { id, name, width, wheels, turning } });
    desk.showCarrier(id);
  }

  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <div className="flex items-center">
        <h3>What has to get through</h3>
        <Explain term="carrier" />
      </div>
      {carriers.length === 0 && <p className="text-soft">{words.noCarriers}</p>}
      {carriers.map((carrier) => (
        <CarrierForm key={carrier.id} carrier={carrier} />
      ))}
      <div className="flex flex-wrap gap-1">
        {desk.catalogue.carriers.map(({ label }) => (
          <button
            key={label}
            type="button"
            className="plain-button"
            onClick={() => {
              add(label);
            }}
          >
            + {label}
          </button>
        ))}
      </div>
    </section>
  );
}

function CarrierForm({ carrier }: { carrier: Carrier }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const shown = desk.carrier === carrier.id;

  function put(field: string, part: Partial<Carrier>) {
    edit(field, { kind: "PutCarrier", carrier: { ...carrier, ...part } });
  }

  return (
    <fieldset className="space-y-2 border-b border-hair pb-2">
      <legend className="sr-only">{carrier.name}</legend>
      <div className="grid grid-cols-[1fr_auto_auto] items-end gap-1">
        <TextField
          label="Name"
          value={carrier.name}
          fault={faults["name"]}
          onCommit={(name) => {
            put("name", { name });
          }}
        />
        <button
          type="button"
          className={shown ? "strong-button" : "plain-button"}
          aria-pressed={shown}
          onClick={() => {
            desk.showCarrier(shown ? null : carrier.id);
          }}
        >
          Show
        </button>
        <button
          type="button"
          className="plain-button px-2"
          aria-label={`Do without ${carrier.name}`}
          onClick={() => {
            edit("name", { kind: "RemoveCarrier", carrier: carrier.id });
          }}
        >
          −
        </button>
      </div>
      <div className="grid grid-cols-2 items-end gap-2">
        <LengthField
          label="Needs to pass"
          value={carrier.width}
          units={desk.units}
          fault={faults["width"]}
          onCommit={(width) => {
            put("width", { width });
          }}
        />
        <LengthField
          label="Turns in a circle of"
          value={carrier.turning}
          units={desk.units}
          fault={faults["turning"]}
          onCommit={(turning) => {
            put("turning", { turning });
          }}
        />
      </div>
      <CheckField
        label="On wheels"
        checked={carrier.wheels}
        onChange={(wheels) => {
          put("wheels", { wheels });
        }}
      />
      {shown && <CarrierFindings carrier={carrier} />}
    </fieldset>
  );
}

function CarrierFindings({ carrier }: { carrier: Carrier }) {
  const desk = useDesk();
  const { data } = useCarrierGround(desk.plan.id, desk.garden.revision, desk.season, carrier.id);
  if (!data) return <p className="text-soft">Walking it …</p>;
  const name = (id: string) =>
    desk.bedById.get(id)?.name ??
    standingThings(desk.plan).find((f) => f.id === id)?.name ??
    "the plot's edge";
  const turns = carrier.turning > carrier.width;
  return (
    <div className="space-y-1 text-sm" aria-live="polite">
      <p>
        Can use <span className="figures">{formatArea(data.area, desk.units)}</span> of ground and gets
        alongside{" "}
        <span className="figures">
          {data.alongside.length} of {data.alongside.length + data.shutOut.length}
        </span>{" "}
        beds.
      </p>
      {data.shutOut.length > 0 && <p className="text-snag">Not to {data.shutOut.map(name).join(", ")}.</p>}
      {turns && (
        <p>
          {data.turning.length === 0 && data.tees.length === 0
            ? "It can turn round nowhere: it has to be backed out."
            : data.deadEnds.length === 0
              ? "It can turn round wherever it gets, or drive through."
              : `${String(data.deadEnds.length)} dead ${data.deadEnds.length === 1 ? "end" : "ends"}; the longest has to be backed out over ${formatDistance(Math.max(...data.deadEnds.map((end) => end.back)), desk.units)}.`}
          {data.tees.length > 0 &&
            ` In ${String(data.tees.length)} ${data.tees.length === 1 ? "place" : "places"} it turns in a T, drawn dashed.`}
        </p>
      )}
      <p>
        {data.passing.length === 0
          ? "Nowhere do two of a kind pass each other."
          : `Two of a kind pass each other in ${String(data.passing.length)} ${data.passing.length === 1 ? "place" : "places"}.`}{" "}
        {data.unpassable > 0.5 && (
          <>
            The longest walk without one is{" "}
            <span className="figures">{formatDistance(data.unpassable, desk.units)}</span>.
          </>
        )}
      </p>
      {data.pinches.length > 0 && (
        <details>
          <summary className="cursor-pointer">
            Too narrow at {data.pinches.length} {data.pinches.length === 1 ? "place" : "places"}
          </summary>
          <ul>
            {data.pinches.map((pinch, index) => (
              <li key={index}>
                <span className="figures">{formatDimension(pinch.width, desk.units)}</span> between{" "}
                {name(pinch.bed)} and {pinch.other === undefined ? "the plot's edge" : name(pinch.other)}:{" "}
                <span className="figures">{formatDimension(carrier.width - pinch.width, desk.units)}</span>{" "}
                more would free it
                {pinch.lean > 0 && (
                  <>
                    , or <span className="figures">{formatDimension(pinch.lean, desk.units)}</span> less
                    leaning out
                  </>
                )}
              </li>
            ))}
          </ul>
        </details>
      )}
      <FetchAndCarry carrier={carrier} />
    </div>
  );
}

/** The shortest way from a tap, the compost, a door or a gate to every bed. */
function FetchAndCarry({ carrier }: { carrier: Carrier }) {
  const desk = useDesk();
  const sources = [
    ...desk.plan.waysIn.map(({ id, name }) => ({ value: id, label: name })),
    ...standingThings(desk.plan)
      .filter((f) => ["TAP", "COMPOST", "BENCH", "DOOR", "SHED"].includes(f.kind))
      .map(({ id, name }) => ({ value: id, label: name })),
  ];
  const from = placeOf(desk, desk.fetchFrom);
  const { data, isFetching } = useRoutes(desk.plan.id, desk.garden.revision, desk.season, carrier.id, from);
  if (sources.length === 0) return <p className="text-soft">{words.noSources}</p>;
  const far = data?.at(-1);
  return (
    <div className="space-y-1">
      <Choice
        label="Fetch and carry from"
        value={desk.fetchFrom ?? ""}
        options={[{ value: "", label: "nowhere yet" }, ...sources]}
        onChange={(id) => {
          desk.setFetchFrom(id === "" ? null : id);
        }}
      />
      {from && isFetching && <p className="text-soft">Walking it …</p>}
      {from && data?.length === 0 && <p className="text-snag">No bed can be come to from there.</p>}
      {far && (
        <>
          <p>
            The far bed, {desk.bedById.get(far.bed)?.name}, is{" "}
            <span className="figures">{formatDistance(far.length, desk.units)}</span> away.
          </p>
          <ul className="max-h-40 overflow-y-auto">
            {data?.map((route) => (
              <li key={route.bed} className="flex justify-between gap-2">
                <button
                  type="button"
                  className="text-button truncate"
                  onClick={() => {
                    desk.select([route.bed]);
                  }}
                >
                  {desk.bedById.get(route.bed)?.name}
                </button>
                <span className="figures">{formatDistance(route.length, desk.units)}</span>
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}
