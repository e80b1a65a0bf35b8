import { useState } from "react";
import { without } from "../edits/changes";
import { LengthField } from "../parts/LengthField";
import { MeasureField } from "../parts/MeasureField";
import { RovingList } from "../parts/RovingList";
import { CornerFields } from "../forms/CornerFields";
import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatBucket, formatFlow, formatPressure, parseBucket, parsePressure } from "../measure/water";
import { useDesk } from "../workspace/desk";
import { BarrelForm } from "./BarrelForm";
import { GearFields } from "./GearFields";
import { useWater } from "./useWater";
import type { Tap } from "./water";
import { words } from "./words";

const SECONDS_PER_HOUR = 3600;

/** Taps by bucket and watch, and barrels. */
export function SourcesSection() {
  const desk = useDesk();
  const { taps, barrels } = desk.plan;
  return (
    <section className="space-y-2">
      <h3>{words.sources}</h3>
      {taps.length + barrels.length === 0 && <p className="text-soft">{words.noSources}</p>}
      <RovingList>
        {taps.map((tap) => (
          <TapForm key={tap.id} tap={tap} />
        ))}
        {barrels.map((barrel) => (
          <BarrelForm key={barrel.id} barrel={barrel} />
        ))}
      </RovingList>
      {taps.length + barrels.length === 0 ? (
        <NewSource />
      ) : (
        <details>
          <summary className="cursor-pointer">{words.another}</summary>
          <NewSource />
        </details>
      )}
    </section>
  );
}

/** A bucket and the seconds until it is full, as read off a watch. */
function NewSource() {
  const desk = useDesk();
  const water = useWater();
  const [bucket, setBucket] = useState(desk.units === "METRIC" ? 10 : 7.571);
  const [seconds, setSeconds] = useState(30);
  const [unread, setUnread] = useState<Readonly<Record<string, string>>>({});
  return (
    <div className="space-y-2">
      <div className="grid grid-cols-2 items-end gap-2">
        <MeasureField
          label={words.bucket}
          value={bucket}
          format={(litres) => formatBucket(litres, desk.units)}
          parse={(text) => parseBucket(text, desk.units)}
          fault={unread["bucket"]}
          onCommit={(litres) => {
            setUnread({});
            setBucket(litres);
          }}
          onUnread={() => {
            setUnread({ bucket: words.unreadableBucket });
          }}
        />
        <SecondsField
          label={words.seconds}
          value={seconds}
          fault={unread["seconds"]}
          onCommit={(read) => {
            setUnread({});
            setSeconds(read);
          }}
          onUnread={() => {
            setUnread({ seconds: words.unreadableSeconds });
          }}
        />
      </div>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            void water.tap(bucket, seconds);
          }}
        >
          {words.measureTap}
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            void water.barrel();
          }}
        >
          {words.addBarrel}
        </button>
      </div>
      {water.fault && (
        <p role="alert" className="text-snag">
          {water.fault}
        </p>
      )}
    </div>
  );
}

interface SecondsProps {
  label: string;
  value: number | undefined;
  fault: string | undefined;
  onCommit: (seconds: number) => void;
  onUnread: () => void;
  onEmpty?: () => void;
}

function SecondsField(props: SecondsProps) {
  return (
    <MeasureField
      {...props}
      format={String}
      parse={(text) => (/^\d+(?:[.,]\d+)?$/.test(text.trim()) ? Number(text.trim().replace(",", ".")) : null)}
    />
  );
}

function TapForm({ tap }: { tap: Tap }) {
  const desk = useDesk();
  const { units } = desk;
  const { faults, edit, refuse } = useFieldEdit();
  const put = (field: string, part: Partial<Tap>) => {
    edit(field, { kind: "PutTap", tap: { ...tap, ...part } });
  };
  return (
    <ThingForm
      thing={tap}
      testId="tap"
      about={formatFlow((tap.bucket * SECONDS_PER_HOUR) / tap.seconds, units)}
      seasons={{ from: "From season", until: "Gone from season" }}
      always="there already"
      faults={faults}
      onChange={put}
      takeOut={["Delete", `Delete ${tap.name}`]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveTap", tap: tap.id });
      }}
    >
      <div className="grid grid-cols-2 items-end gap-2">
        <MeasureField
          label={words.bucket}
          value={tap.bucket}
          format={(litres) => formatBucket(litres, units)}
          parse={(text) => parseBucket(text, units)}
          fault={faults["bucket"]}
          onCommit={(bucket) => {
            put("bucket", { bucket });
          }}
          onUnread={() => {
            refuse("bucket", words.unreadableBucket);
          }}
        />
        <SecondsField
          label={words.seconds}
          value={tap.seconds}
          fault={faults["seconds"]}
          onCommit={(seconds) => {
            put("seconds", { seconds });
          }}
          onUnread={() => {
            refuse("seconds", words.unreadableSeconds);
          }}
        />
        <MeasureField
          label={words.closed}
          value={tap.closed}
          empty={words.noGauge(formatPressure(desk.catalogue.usualWater.pressure, units))}
          format={(pressure) => formatPressure(pressure, units)}
          parse={(text) => parsePressure(text, units)}
          fault={faults["closed"]}
          onCommit={(closed) => {
            put("closed", { closed });
          }}
          onUnread={() => {
            refuse("closed", words.unreadablePressure);
          }}
          onEmpty={() => {
            edit("closed", { kind: "PutTap", tap: without(tap, "closed") });
          }}
        />
        <MeasureField
          label={words.evening}
          value={tap.evening}
          empty={words.notRead}
          format={(pressure) => formatPressure(pressure, units)}
          parse={(text) => parsePressure(text, units)}
          fault={faults["evening"]}
          onCommit={(evening) => {
            put("evening", { evening });
          }}
          onUnread={() => {
            refuse("evening", words.unreadablePressure);
          }}
          onEmpty={() => {
            edit("evening", { kind: "PutTap", tap: without(tap, "evening") });
          }}
        />
        <LengthField
          label={words.height}
          value={tap.height}
          units={units}
          fault={faults["height"]}
          onCommit={(height) => {
            put("height", { height });
          }}
        />
        <SecondReading
          tap={tap}
          faults={faults}
          onChange={(changed) => {
            edit("flowing", { kind: "PutTap", tap: changed });
          }}
          onUnread={(message) => {
            refuse("flowing", message);
          }}
        />
      </div>
      <CornerFields
        corners={[tap.place]}
        least={1}
        fixed
        units={units}
        fault={faults["place"]}
        onChange={([place = tap.place]) => {
          put("place", { place });
        }}
      />
      <GearFields
        gear={tap.gear}
        faults={faults}
        onChange={(field, gear) => {
          put(field, { gear });
        }}
        onUnread={refuse}
      />
    </ThingForm>
  );
}

interface ReadingProps {
  tap: Tap;
  faults: Readonly<Record<string, string>>;
  onChange: (tap: Tap) => void;
  onUnread: (message: string) => void;
}

/** With the tap half open: kept once both figures are there, and forgotten when either is emptied. */
function SecondReading({ tap, faults, onChange, onUnread }: ReadingProps) {
  const { units } = useDesk();
  const [half, setHalf] = useState<Partial<NonNullable<Tap["flowing"]>>>({});
  const { seconds, pressure } = tap.flowing ?? half;
  const put = (part: Partial<NonNullable<Tap["flowing"]>>) => {
    const next = { ...half, ...tap.flowing, ...part };
    setHalf(next);
    if (next.seconds !== undefined && next.pressure !== undefined) {
      onChange({ ...tap, flowing: { seconds: next.seconds, pressure: next.pressure } });
    }
  };
  const empty = () => {
    setHalf({});
    if (tap.flowing) onChange(without(tap, "flowing"));
  };
  return (
    <>
      <SecondsField
        label={words.halfOpenSeconds}
        value={seconds}
        fault={undefined}
        onCommit={(read) => {
          put({ seconds: read });
        }}
        onUnread={() => {
          onUnread(words.unreadableSeconds);
        }}
        onEmpty={empty}
      />
      <MeasureField
        label={words.halfOpenPressure}
        value={pressure}
        format={(read) => formatPressure(read, units)}
        parse={(text) => parsePressure(text, units)}
        fault={faults["flowing"]}
        onCommit={(read) => {
          put({ pressure: read });
        }}
        onUnread={() => {
          onUnread(words.unreadablePressure);
        }}
        onEmpty={empty}
      />
    </>
  );
}
