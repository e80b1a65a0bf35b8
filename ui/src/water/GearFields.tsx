import { without } from "../edits/changes";
import { formatPressure, parsePressure } from "../measure/water";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { MeasureField } from "../parts/MeasureField";
import { useDesk } from "../workspace/desk";
import type { Gear } from "./water";
import { words } from "./words";

interface Props {
  gear: Gear;
  faults: Readonly<Record<string, string>>;
  onChange: (field: string, gear: Gear) => void;
  onUnread: (field: string, message: string) => void;
}

/** What stands between a source and the first pipe. */
export function GearFields({ gear, faults, onChange, onUnread }: Props) {
  const { units, catalogue } = useDesk();
  const usual = catalogue.threads.find(({ usualIn }) => usualIn.includes(units));
  const thread = catalogue.threads.find((each) => each.thread === gear.thread) ?? usual;
  return (
    <div className="grid grid-cols-2 items-end gap-x-2">
      {(["preventer", "filter", "timer", "drain", "meter"] as const).map((part) => (
        <CheckField
          key={part}
          label={words.gear[part]}
          checked={gear[part]}
          onChange={(there) => {
            onChange(part, { ...gear, [part]: there });
          }}
        />
      ))}
      <MeasureField
        label={words.reducer}
        value={gear.reducer}
        empty={words.noReducer}
        format={(pressure) => formatPressure(pressure, units)}
        parse={(text) => parsePressure(text, units)}
        fault={faults["reducer"]}
        onCommit={(reducer) => {
          onChange("reducer", { ...gear, reducer });
        }}
        onUnread={() => {
          onUnread("reducer", words.unreadablePressure);
        }}
        onEmpty={() => {
          onChange("reducer", without(gear, "reducer"));
        }}
      />
      <Choice
        label={words.thread}
        value={thread?.thread ?? ""}
        options={catalogue.threads.map((each) => ({ value: each.thread, label: each.label }))}
        onChange={(value) => {
          const chosen = catalogue.threads.find((each) => each.thread === value);
          if (!chosen || chosen === usual) onChange("thread", without(gear, "thread"));
          else onChange("thread", { ...gear, thread: chosen.thread });
        }}
      />
      {thread !== usual && usual && (
        <p className="col-span-2 text-sm text-soft">{words.threadAdapter(usual.label)}</p>
      )}
    </div>
  );
}
