import type { Change } from "../api/types";
import { formatMoney } from "../measure/figures";
import { useDesk } from "../workspace/desk";
import { trying } from "../workspace/trying";
import type { PricedFence } from "./fence";
import { hours } from "./told";
import { words } from "./words";

interface Props {
  label: string;
  cost: PricedFence["cost"];
  /** Said after what it costs. */
  about: string;
  change: Change;
  onTake: () => void;
}

/** A fence that one could have: seen on the sheet while one rests on it, taken by a click. */
export function FenceOffer({ label, cost, about, change, onTake }: Props) {
  const desk = useDesk();
  return (
    <button
      type="button"
      className="block w-full cursor-pointer border border-rule p-2 text-left hover:bg-markpale focus:bg-markpale"
      {...trying(desk, change)}
      onClick={() => {
        desk.tryOut(null);
        onTake();
      }}
    >
      <b>{label}</b>, <Costs cost={cost} />. <span className="text-soft">{about}</span>
    </button>
  );
}

/** What a fence costs in all and in a year, and how long it takes. */
export function Costs({ cost: { cost, aYear, hours: work } }: Pick<Props, "cost">) {
  return (
    <>
      {cost ? formatMoney(cost) : words.noPrice}
      {aYear && ` (${words.aYear(formatMoney(aYear))})`}, {words.hours(hours(work))}
    </>
  );
}
