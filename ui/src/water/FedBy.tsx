import { Choice } from "../parts/Choice";
import { useDesk } from "../workspace/desk";
import { feeding } from "./water";
import { words } from "./words";

interface Props {
  from: string;
  /** What can't feed it: itself. */
  not?: string;
  onChange: (from: string) => void;
}

/** The tap, barrel or run that feeds something. */
export function FedBy({ from, not, onChange }: Props) {
  const { plan } = useDesk();
  const known = feeding(plan).filter(({ id }) => id !== not);
  const gone = known.every(({ id }) => id !== from);
  return (
    <Choice
      label={words.fedBy}
      value={from}
      options={[
        ...(gone ? [{ value: from, label: words.nothing }] : []),
        ...known.map(({ id, name }) => ({ value: id, label: name })),
      ]}
      onChange={onChange}
    />
  );
}
