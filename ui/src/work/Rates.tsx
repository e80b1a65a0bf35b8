import { useFieldEdit } from "../forms/useFieldEdit";
import { readNumber } from "../measure/numbers";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import type { WorkOfSeason } from "./tasks";
import { words } from "./words";

/** How long each kind of the season's work takes: as the program guesses, as it was timed, and as the gardener says. */
export function Rates({ told: { tasks, learned } }: { told: WorkOfSeason }) {
  const { plan, catalogue } = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const timed = new Map(learned.map((each) => [each.rate, each]));
  const own = new Map(plan.ownRates.map((each) => [each.rate, each]));
  const here = new Set([...tasks.map(({ rate }) => rate.key), ...timed.keys(), ...own.keys()]);
  const rates = catalogue.rates.filter(({ key }) => here.has(key));

  function keep(rate: string, text: string) {
    const known = own.get(rate);
    const minutes = readNumber(text);
    if (text.trim() === "") {
      if (known) edit(rate, { kind: "RemoveOwnRate", ownRate: known.id });
    } else if (minutes === null) {
      refuse(rate, words.noMinutes);
    } else {
      edit(rate, { kind: "PutOwnRate", ownRate: { id: known?.id ?? crypto.randomUUID(), rate, minutes } });
    }
  }

  return (
    <details data-testid="rates">
      <summary className="cursor-pointer">{words.ratesTitle}</summary>
      <p className="max-w-prose text-sm text-soft">{words.ratesExplained}</p>
      <table className="my-1 max-w-4xl text-sm">
        <thead>
          <tr>
            {[words.rateHead, words.guessHead, words.yoursHead, words.ownHead].map((head) => (
              <th key={head} scope="col" className="pr-4 text-left">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rates.map(({ key, label, minutes, unit, source }) => {
            const times = timed.get(key);
            return (
              <tr key={key} className="border-t border-hair align-top">
                <th scope="row" className="py-1 pr-4 text-left font-normal">
                  {label}
                </th>
                <td className="py-1 pr-4">
                  {words.minutes(minutes, unit)}
                  <span className="block text-soft">{source}</span>
                </td>
                <td className="py-1 pr-4">
                  {times &&
                    `${words.minutes(times.minutes, unit)}, ${
                      times.spread === undefined ? words.once : words.spread(times.spread, times.times)
                    }`}
                </td>
                <td className="w-32 py-1">
                  <TextField
                    figures
                    hideLabel
                    label={words.ownNamed(label, unit)}
                    value={own.has(key) ? String(own.get(key)?.minutes) : ""}
                    fault={faults[key]}
                    onCommit={(text) => {
                      keep(key, text);
                    }}
                  />
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </details>
  );
}
