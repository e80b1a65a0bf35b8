interface Props {
  label: string;
  value: string;
  onChange: (text: string) => void;
  type?: "date" | "text";
  figures?: boolean;
}

/** A field of something that is not there yet: nothing is kept until all of it is added. */
export function DraftField({ label, value, onChange, type = "text", figures = type === "date" }: Props) {
  return (
    <label className="block text-sm">
      {label}
      <input
        type={type}
        className={`field block ${figures ? "figures w-44" : "w-64"}`}
        value={value}
        onChange={(event) => {
          onChange(event.target.value);
        }}
      />
    </label>
  );
}
