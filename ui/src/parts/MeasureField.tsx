import { TextField } from "./TextField";

interface Props {
  label: string;
  /** Undefined while nobody has said. */
  value: number | undefined;
  format: (value: number) => string;
  /** Null for what can't be read. */
  parse: (text: string) => number | null;
  onCommit: (value: number) => void;
  onUnread: () => void;
  /** Where it may be left out: it was emptied. */
  onEmpty?: () => void;
  fault?: string | undefined;
  /** Shown while it is empty: what that means. */
  empty?: string;
  hideLabel?: boolean;
}

/** A figure with its unit, such as a pressure or a flow, typed in any unit that the reader knows. */
export function MeasureField(props: Props) {
  const { label, value, format, parse, onCommit, onUnread, onEmpty, fault, empty, hideLabel = false } = props;
  return (
    <TextField
      label={label}
      value={value === undefined ? "" : format(value)}
      figures
      hideLabel={hideLabel}
      fault={fault}
      {...(empty === undefined ? {} : { empty })}
      onCommit={(text) => {
        if (text.trim() === "" && onEmpty) {
          onEmpty();
          return;
        }
        const read = parse(text);
        if (read === null) onUnread();
        else onCommit(read);
      }}
    />
  );
}
