import { useState } from "react";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { formatLength } from "../measure/lengths";
import { useDesk } from "../workspace/desk";
import type { CropColumn, CropView, Variety } from "./crops";
import { words } from "./words";

type Column = CropColumn["key"];

/** Lengths are typed in any unit, and stand in the table in these parts of a metre. */
const LENGTHS: Partial<Record<Column, number>> = {
  IN_ROW: 0.01,
  BETWEEN: 0.01,
  HEIGHT: 0.01,
  SPREAD: 0.01,
  ROOTS: 0.01,
  DEPTH: 0.001,
};
/** How it comes into the bed is the same as of its crop. */
const FIXED: readonly Column[] = ["STOCK"];
const AS_USUAL = "";
const DIGITS = 1000;

interface Props {
  variety: Variety;
  /** The crop that it is like, in the catalogue. */
  like: CropView;
  faults: Readonly<Record<string, string>>;
  /** Undefined: as the crop has it. */
  onChange: (column: Column, figure: string | undefined) => void;
}

/** The figures of a variety: those of its crop, but for what it has of its own. */
export function OwnFigures({ variety, like, faults, onChange }: Props) {
  const { catalogue } = useDesk();
  const own = new Map(variety.figures.map(({ column, figure }) => [column, figure]));
  // It stays open while a figure that is refused comes and goes.
  const [open, setOpen] = useState(own.size > 0);
  const columns = catalogue.crops.columns.filter(
    ({ key }) => like.figures[key] !== undefined && !FIXED.includes(key),
  );
  return (
    <details
      open={open}
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer">{words.ownFigures}</summary>
      <p className="text-sm text-soft">{words.figuresHint}</p>
      <div className="grid grid-cols-2 items-end gap-2">
        {columns.map((column) => (
          <OwnFigure
            key={column.key}
            column={column}
            usual={like.figures[column.key] ?? ""}
            figure={own.get(column.key)}
            fault={faults[column.key]}
            onChange={(figure) => {
              onChange(column.key, figure);
            }}
          />
        ))}
      </div>
    </details>
  );
}

interface OwnFigureProps {
  column: CropColumn;
  usual: string;
  figure: string | undefined;
  fault: string | undefined;
  onChange: (figure: string | undefined) => void;
}

function OwnFigure({ column: { key, takes }, usual, figure, fault, onChange }: OwnFigureProps) {
  const { units } = useDesk();
  const label = words.columns[key];
  const part = LENGTHS[key];
  if (takes.choices.length > 0) {
    const usualLabel = takes.choices.find((each) => each.key === usual)?.label ?? usual;
    return (
      <Choice
        label={label}
        value={figure ?? AS_USUAL}
        options={[
          { value: AS_USUAL, label: usualLabel },
          ...takes.choices
            .filter((each) => each.key !== usual)
            .map((each) => ({ value: each.key, label: each.label })),
        ]}
        onChange={(chosen) => {
          onChange(chosen === AS_USUAL ? undefined : chosen);
        }}
      />
    );
  }
  if (part !== undefined) {
    return (
      <LengthField
        label={label}
        value={figure === undefined ? undefined : Number.parseFloat(figure) * part}
        empty={formatLength(Number.parseFloat(usual) * part, units)}
        units={units}
        fault={fault}
        onCommit={(metres) => {
          onChange(String(Math.round((metres / part) * DIGITS) / DIGITS));
        }}
        onEmpty={() => {
          onChange(undefined);
        }}
      />
    );
  }
  return (
    <TextField
      label={label}
      value={figure ?? ""}
      empty={usual}
      figures
      fault={fault}
      onCommit={(text) => {
        onChange(text.trim() === "" ? undefined : text.trim());
      }}
    />
  );
}
