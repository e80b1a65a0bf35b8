import { without } from "../edits/changes";
import { formatArea } from "../measure/figures";
import {
  formatBucket,
  formatFlow,
  formatPressure,
  parseArea,
  parseBucket,
  parseFlow,
  parsePressure,
} from "../measure/water";
import { plainAmount } from "../measure/numbers";
import { CheckField } from "../parts/CheckField";
import { MeasureField } from "../parts/MeasureField";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import type { Haul, Pump, Roof } from "./water";
import { words } from "./words";

interface Props<T> {
  faults: Readonly<Record<string, string>>;
  /** Undefined: it is not there any more. */
  onChange: (value: T | undefined) => void;
  onUnread: (field: string, message: string) => void;
}

const PER_CENT = 100;

/** What fills a barrel from above. An area that is emptied takes the roof away. */
export function RoofFields({ roof, faults, onChange, onUnread }: Props<Roof> & { roof: Roof | undefined }) {
  const { units, catalogue } = useDesk();
  return (
    <div className="grid grid-cols-2 items-end gap-2">
      <MeasureField
        label={words.roofArea}
        value={roof?.area}
        empty={words.noRoof}
        format={(area) => formatArea(area, units)}
        parse={(text) => parseArea(text, units)}
        fault={faults["roof/area"] ?? faults["roof"]}
        onCommit={(area) => {
          onChange({ runoff: catalogue.usualWater.runoff, ...roof, area });
        }}
        onUnread={() => {
          onUnread("roof", words.unreadableArea);
        }}
        onEmpty={() => {
          onChange(undefined);
        }}
      />
      {roof && (
        <>
          <MeasureField
            label={words.runoff}
            value={roof.runoff}
            format={(share) => `${String(Number((share * PER_CENT).toFixed(1)))} %`}
            parse={(text) => {
              const read = /^(\d+(?:[.,]\d+)?)\s*%?$/.exec(text.trim());
              return read?.[1] ? Number(read[1].replace(",", ".")) / PER_CENT : null;
            }}
            fault={faults["roof/runoff"]}
            onCommit={(runoff) => {
              onChange({ ...roof, runoff });
            }}
            onUnread={() => {
              onUnread("roof/runoff", words.unreadableShare);
            }}
          />
          <TextField
            label={words.overflow}
            value={roof.overflow ?? ""}
            empty={words.overflowUnsaid}
            fault={faults["roof/overflow"]}
            onCommit={(text) => {
              onChange(text.trim() === "" ? without(roof, "overflow") : { ...roof, overflow: text });
            }}
          />
        </>
      )}
    </div>
  );
}

/** Water that is brought: litres a trip, emptied where none is. */
export function HaulFields({ haul, faults, onChange, onUnread }: Props<Haul> & { haul: Haul | undefined }) {
  const { units, plan } = useDesk();
  const { currency } = plan.budget.sum;
  return (
    <div className="grid grid-cols-2 items-end gap-2">
      <MeasureField
        label={words.trip}
        value={haul?.trip}
        empty={words.noTrips}
        format={(litres) => formatBucket(litres, units)}
        parse={(text) => parseBucket(text, units)}
        fault={faults["haul/trip"] ?? faults["haul"]}
        onCommit={(trip) => {
          onChange({ price: { amount: "0", currency }, ...haul, trip });
        }}
        onUnread={() => {
          onUnread("haul", words.unreadableBucket);
        }}
        onEmpty={() => {
          onChange(undefined);
        }}
      />
      {haul && (
        <TextField
          label={words.tripPrice(currency)}
          value={haul.price.amount}
          figures
          fault={faults["haul/price"]}
          onCommit={(text) => {
            onChange({ ...haul, price: { amount: plainAmount(text, currency) || "0", currency } });
          }}
        />
      )}
    </div>
  );
}

/** A pump by its label. */
export function PumpFields({ pump, faults, onChange, onUnread }: Props<Pump> & { pump: Pump | undefined }) {
  const { units, catalogue } = useDesk();
  const pressure = (field: "closed" | "at") =>
    pump && (
      <MeasureField
        label={words.pump[field]}
        value={pump[field]}
        format={(value) => formatPressure(value, units)}
        parse={(text) => parsePressure(text, units)}
        fault={faults[`pump/${field}`]}
        onCommit={(value) => {
          onChange({ ...pump, [field]: value });
        }}
        onUnread={() => {
          onUnread(`pump/${field}`, words.unreadablePressure);
        }}
      />
    );
  return (
    <div>
      <CheckField
        label={words.pumpThere}
        checked={pump !== undefined}
        onChange={(there) => {
          onChange(there ? catalogue.usualWater.pump : undefined);
        }}
      />
      {pump && (
        <div className="grid grid-cols-2 items-end gap-2">
          {pressure("closed")}
          <MeasureField
            label={words.pump.flow}
            value={pump.flow}
            format={(flow) => formatFlow(flow, units)}
            parse={(text) => parseFlow(text, units)}
            fault={faults["pump/flow"]}
            onCommit={(flow) => {
              onChange({ ...pump, flow });
            }}
            onUnread={() => {
              onUnread("pump/flow", words.unreadableFlow);
            }}
          />
          {pressure("at")}
        </div>
      )}
    </div>
  );
}
