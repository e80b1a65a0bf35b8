import { useWork } from "../api/queries";
import { HowLong } from "../forms/HowLong";
import { PaperLink } from "../papers/PaperLink";
import { useDesk } from "../workspace/desk";

const KINDS = ["frame", "wall", "carry"];

/** Hours of sawing, laying and carrying, season by season. */
export function WorkBySeason() {
  const { plan, garden } = useDesk();
  const { data } = useWork(plan.id, garden.revision);
  if (!data || data.length === 0) return null;
  return (
    <section className="space-y-1 border-t border-rule pt-2">
      <h3>Work, by season</h3>
      <table className="w-full text-sm">
        <tbody>
          {data.flatMap(({ season, hours, tasks }) => [
            <tr key={season} className="border-b border-hair font-semibold">
              <th scope="row" className="figures py-0.5 text-left">
                {season}
              </th>
              <td className="figures text-right whitespace-nowrap">about {inHours(hours)}</td>
            </tr>,
            ...tasks.map(({ rate, quantity, hours: its }) => (
              <tr key={`${String(season)} ${rate.key}`} className="border-b border-hair">
                <td className="py-0.5 pr-2 text-soft">
                  {rate.label}: <span className="figures">{Math.ceil(quantity)}</span>
                </td>
                <td className="figures text-right whitespace-nowrap">{inHours(its)}</td>
              </tr>
            )),
          ])}
        </tbody>
      </table>
      <p className="text-sm text-soft">
        For one person who does it for the first time, and at your own pace where you have entered hours. Beds
        are cleared in the way that the panel Plot says; other ground is left as it is.
      </p>
      <PaperLink paper="work" />
      <HowLong work={KINDS} />
    </section>
  );
}

/** Under ten hours to the half hour. */
function inHours(hours: number): string {
  return hours < 10 ? `${(Math.max(1, Math.round(hours * 2)) / 2).toFixed(1)} h` : `${hours.toFixed(0)} h`;
}
