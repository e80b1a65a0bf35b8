import { plainNumber } from "../measure/numbers";
import type { Rectangle } from "../api/types";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { boundsOf, corners, shifted, stretched } from "../sheet/geometry";
import { useDesk } from "../workspace/desk";
import { words } from "../words";

interface PlaceFieldsProps {
  place: Rectangle;
  labels?: { length: string; width: string };
  faults: Readonly<Record<string, string>>;
  onChange: (field: string, place: Rectangle) => void;
  /** What was typed can't be read. */
  onUnread: (field: string, message: string) => void;
}

/** Size, place and turn of a rectangle on the plot, each typed; it grows away from its lower left side. */
export function PlaceFields({
  place,
  labels = { length: "Length, outside", width: "Width, outside" },
  faults,
  onChange,
  onUnread,
}: PlaceFieldsProps) {
  const { plan, units } = useDesk();
  const plot = boundsOf(plan.site.corners);
  const bounds = boundsOf(corners(place));
  return (
    <>
      <LengthField
        label={labels.length}
        value={place.length}
        units={units}
        fault={faults["length"]}
        onCommit={(length) => {
          onChange("length", stretched(place, 1, length));
        }}
      />
      <LengthField
        label={labels.width}
        value={place.width}
        units={units}
        fault={faults["width"]}
        onCommit={(width) => {
          onChange("width", stretched(place, 2, width));
        }}
      />
      <LengthField
        label="From plot's left"
        value={bounds.left - plot.left}
        units={units}
        fault={faults["left"]}
        onCommit={(left) => {
          onChange("left", shifted(place, left - (bounds.left - plot.left), 0));
        }}
      />
      <LengthField
        label="From plot's foot"
        value={bounds.bottom - plot.bottom}
        units={units}
        fault={faults["foot"]}
        onCommit={(foot) => {
          onChange("foot", shifted(place, 0, foot - (bounds.bottom - plot.bottom)));
        }}
      />
      <TextField
        label="Turned, degrees"
        value={String(Math.round(place.turn * 100) / 100)}
        figures
        fault={faults["turn"]}
        onCommit={(text) => {
          const degrees = Number(plainNumber(text));
          if (text.trim() === "" || !Number.isFinite(degrees)) onUnread("turn", words.unreadableDegrees);
          else onChange("turn", { ...place, turn: degrees });
        }}
      />
    </>
  );
}
