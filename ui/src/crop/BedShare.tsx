import { TextField } from "../parts/TextField";
import type { Planting } from "./plantings";
import { words } from "./words";

type BedPart = Planting["part"];

const PER_CENT = 100;

interface Props {
  part: BedPart;
  faults: Readonly<Record<string, string>>;
  onChange: (field: string, part: BedPart) => void;
  onUnread: (field: string, message: string) => void;
}

/** Which part of a bed, in per cent along its longer side and across it. */
export function BedShare({ part, faults, onChange, onUnread }: Props) {
  const share = (side: keyof BedPart, label: string) => {
    const field = `part/${side}`;
    return (
      <TextField
        label={label}
        figures
        value={String(Math.round(part[side] * PER_CENT * 10) / 10)}
        fault={faults[field]}
        onCommit={(text) => {
          const typed = Number(text.replace(",", ".").replace("%", ""));
          if (text.trim() === "" || Number.isNaN(typed)) onUnread(field, words.noShare);
          else onChange(field, { ...part, [side]: typed / PER_CENT });
        }}
      />
    );
  };
  return (
    <fieldset className="space-y-1">
      <legend className="text-sm text-soft">{words.share}</legend>
      <div className="grid grid-cols-2 items-end gap-2">
        {share("from", words.along)}
        {share("to", words.alongTo)}
        {share("low", words.across)}
        {share("high", words.acrossTo)}
      </div>
    </fieldset>
  );
}
