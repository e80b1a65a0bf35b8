import type { Supply } from "../api/types";
import { formatLength } from "../measure/lengths";
import { formatVolume, fromKilograms, parseVolume, toKilograms } from "../measure/figures";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { nameOf } from "./FillingForm";
import { useFieldEdit } from "../forms/useFieldEdit";

/** How loose stuff comes to the garden: whether a lorry can tip, what is there already, and the yearly top-up. */
export function SupplyForm() {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const { supply } = desk.plan;
  const { goods, topUp } = desk.catalogue;

  function put(field: string, part: Partial<Supply>) {
    edit(field, { kind: "PutSupply", supply: { ...supply, ...part } });
  }

  const others = goods.filter((good) => !supply.onHand.some((one) => one.good === good.key));
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>How it comes, and what is there</h3>
      <CheckField
        label="A lorry can tip near by"
        checked={supply.tipping}
        onChange={(tipping) => {
          put("tipping", { tipping });
        }}
      />
      {!supply.tipping && <p className="text-sm text-soft">{words.noTipping}</p>}
      {supply.tipping && (
        <CheckField
          label="One lorry brings several goods for one delivery"
          checked={supply.sharedDelivery}
          onChange={(sharedDelivery) => {
            put("sharedDelivery", { sharedDelivery });
          }}
        />
      )}
      <CheckField
        label="Soil dug out for walks fills beds"
        checked={supply.spoil}
        onChange={(spoil) => {
          put("spoil", { spoil });
        }}
      />
      <Vehicles supply={supply} faults={faults} put={put} />
      <h4>On hand, used for beds, walks and drains before anything is bought</h4>
      <ul className="space-y-1">
        {supply.onHand.map((one) => (
          <li key={one.good} className="grid grid-cols-[1fr_6.5rem_auto] items-end gap-2">
            <span className="pb-2">{nameOf(goods, one.good)}</span>
            <TextField
              label="bulk"
              value={formatVolume(one.volume, desk.units)}
              figures
              fault={faults[one.good]}
              onCommit={(text) => {
                const volume = parseVolume(text, desk.units) ?? 0;
                put(one.good, {
                  onHand: supply.onHand.map((each) => (each.good === one.good ? { ...each, volume } : each)),
                });
              }}
            />
            <button
              type="button"
              className="plain-button"
              aria-label={`No ${nameOf(goods, one.good)} on hand`}
              onClick={() => {
                put(one.good, { onHand: supply.onHand.filter((each) => each.good !== one.good) });
              }}
            >
              ×
            </button>
          </li>
        ))}
      </ul>
      {others.length > 0 && (
        <Choice
          label="There is also"
          value=""
          options={[
            { value: "", label: "choose…" },
            ...others.map((good) => ({ value: good.key as string, label: good.label })),
          ]}
          onChange={(key) => {
            const good = others.find((each) => each.key === key);
            if (good) put("onHand", { onHand: [...supply.onHand, { good: good.key, volume: FIRST_VOLUME }] });
          }}
        />
      )}
      <TextField
        label={words.topUpYears}
        value={String(supply.topUpYears)}
        figures
        fault={faults["topUpYears"]}
        onCommit={(text) => {
          put("topUpYears", { topUpYears: /^\d{1,2}$/.test(text.trim()) ? Number(text) : -1 });
        }}
      />
      <p className="text-sm text-soft">{words.topUp(formatLength(topUp, desk.units))}</p>
    </section>
  );
}

interface VehiclesProps {
  supply: Supply;
  faults: Record<string, string | undefined>;
  put: (field: string, part: Partial<Supply>) => void;
}

/** What fetches loose stuff besides a small trailer, with what its bed holds and what it may carry. */
function Vehicles({ supply: { vehicles }, faults, put }: VehiclesProps) {
  const { units } = useDesk();

  function change(index: number, part: Partial<Supply["vehicles"][number]>) {
    put(`vehicles/${String(index)}`, {
      vehicles: vehicles.map((vehicle, i) => (i === index ? { ...vehicle, ...part } : vehicle)),
    });
  }

  return (
    <>
      <h4>Vehicles that fetch it</h4>
      <ul className="space-y-1">
        {vehicles.map((vehicle, index) => (
          <li key={index} className="grid grid-cols-[1fr_5.5rem_5.5rem_auto] items-end gap-2">
            <TextField
              label="Vehicle"
              value={vehicle.name}
              fault={faults[`vehicles/${String(index)}`]}
              onCommit={(name) => {
                change(index, { name });
              }}
            />
            <TextField
              label="Holds"
              value={formatVolume(vehicle.bed, units)}
              figures
              onCommit={(text) => {
                change(index, { bed: parseVolume(text, units) ?? 0 });
              }}
            />
            <TextField
              label={units === "METRIC" ? "Carries, kg" : "Carries, lb"}
              value={String(fromKilograms(vehicle.payload, units))}
              figures
              onCommit={(text) => {
                change(index, { payload: toKilograms(text, units) });
              }}
            />
            <button
              type="button"
              className="plain-button"
              aria-label={`No ${vehicle.name}`}
              onClick={() => {
                put("vehicles", { vehicles: vehicles.filter((_, i) => i !== index) });
              }}
            >
              ×
            </button>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          put("vehicles", { vehicles: [...vehicles, FIRST_VEHICLE] });
        }}
      >
        Add a vehicle
      </button>
    </>
  );
}

/** A half-ton pickup to begin with: litres and kilograms. */
const FIRST_VEHICLE = { name: "Pickup", bed: 1400, payload: 600 };

/** A barrow of 3 cu ft, litres. */
const FIRST_VOLUME = 85;
