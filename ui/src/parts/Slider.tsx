import { useId } from "react";

interface Props {
  label: string;
  text: string;
  value: number;
  most: number;
  onChange: (value: number) => void;
}

/** One of many in a row; what it stands for is said beside its label. */
export function Slider({ label, text, value, most, onChange }: Props) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="flex justify-between text-sm text-soft">
        {label} <span className="figures text-ink">{text}</span>
      </label>
      <input
        id={id}
        type="range"
        min={0}
        max={most}
        value={value}
        aria-valuetext={text}
        className="w-full accent-mark"
        onChange={(event) => {
          onChange(Number(event.target.value));
        }}
      />
    </div>
  );
}
