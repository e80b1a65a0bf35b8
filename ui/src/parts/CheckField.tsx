import { useId } from "react";

interface Props {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}

/** Yes or no. */
export function CheckField({ label, checked, onChange }: Props) {
  const id = useId();
  return (
    <label htmlFor={id} className="flex min-h-8 cursor-pointer items-center gap-2">
      <input
        id={id}
        type="checkbox"
        className="h-4 w-4"
        checked={checked}
        onChange={(event) => {
          onChange(event.target.checked);
        }}
      />
      <span>{label}</span>
    </label>
  );
}
