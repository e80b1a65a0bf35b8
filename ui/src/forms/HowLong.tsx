import { useDesk } from "../workspace/desk";

/** How long work is taken to be, with where the figures come from. */
export function HowLong({ work }: { work: readonly string[] }) {
  const rates = useDesk().catalogue.rates.filter(({ key }) => work.includes(key.split("/")[0] ?? ""));
  return (
    <details>
      <summary className="cursor-pointer text-sm">How the hours are reckoned</summary>
      <ul className="text-sm text-soft">
        {rates.map(({ key, label, minutes, unit, source }) => (
          <li key={key}>
            {label}: <span className="figures">{minutes}</span> min a {unit} ({source})
          </li>
        ))}
      </ul>
    </details>
  );
}
