import { formatDifference, formatMoney } from "../measure/figures";
import { words } from "./words";
import { useDesk } from "./desk";

const STATES = {
  WITHIN: "within the budget",
  INTO_CONTINGENCY: "eats into the contingency",
  OVERDRAWN: "over the budget",
} as const;

/** What the budget goes to, each with the hatch it has on the bar. */
const SPENT = [
  { sum: "paid", label: "paid", hatch: "bg-ink" },
  {
    sum: "ordered",
    label: "ordered",
    hatch: "bg-[repeating-linear-gradient(45deg,var(--color-ink)_0_2px,white_2px_5px)]",
  },
  {
    sum: "toCome",
    label: "to come",
    hatch: "bg-[repeating-linear-gradient(-45deg,var(--color-soft)_0_1px,white_1px_6px)]",
  },
] as const;

/** One bar for the whole budget: paid, ordered, to come, left, and the difference that the edit under the hand makes. */
export function PurseLine() {
  const { report, preview, setStep } = useDesk();
  const purse = report?.purse;
  if (!purse) return <div className="h-8 border-b border-rule bg-paper max-lg:hidden" />;
  const { left, state } = purse;
  const budget = Number(purse.budget.amount);
  const spent = SPENT.map(({ sum }) => Number(purse[sum].amount));
  const whole = Math.max(
    budget,
    spent.reduce((all, each) => all + each, 0),
    1,
  );
  const share = (amount: number) => `${String(Math.max(0, (amount / whole) * 100))}%`;
  const held = Number(purse.held.amount);
  const missing = state === "OVERDRAWN";
  const difference = preview && Number(preview.difference.amount) !== 0 ? preview.difference : null;
  return (
    <button
      type="button"
      aria-label={`Purse: paid ${formatMoney(purse.paid)}, ordered ${formatMoney(purse.ordered)}, to come ${formatMoney(purse.toCome)}, left ${formatMoney(left)} of ${formatMoney(purse.budget)}, ${STATES[state]}`}
      className="flex min-h-8 w-full cursor-pointer flex-wrap items-center gap-x-4 border-b border-rule bg-paper px-3 py-0.5 text-left max-lg:hidden"
      onClick={() => {
        setStep("purse");
      }}
    >
      {SPENT.map(({ sum, label, hatch }) => (
        <Figure key={sum} label={label} value={formatMoney(purse[sum])} hatch={hatch} />
      ))}
      <span className="relative flex h-4 min-w-40 grow border border-ink bg-white" aria-hidden="true">
        {SPENT.map(({ sum, hatch }, index) => (
          <span
            key={sum}
            className={`h-full ${hatch} ${index > 0 ? "border-l border-white" : ""}`}
            style={{ width: share(spent[index] ?? 0) }}
          />
        ))}
        <span
          className="absolute inset-y-0 border-l-2 border-ochre bg-ochre/15"
          style={{ left: share(budget - held), width: share(held) }}
          title={`${formatMoney(purse.held)} held back for surprises`}
        />
        {missing && (
          <span className="absolute inset-y-0 right-0 bg-snag/40" style={{ left: share(budget) }} />
        )}
      </span>
      <Figure label="left" value={formatMoney(left)} alarming={missing} />
      <span className="text-sm text-soft">of {formatMoney(purse.budget)}</span>
      <span
        aria-live="polite"
        className={`figures min-w-24 px-1 text-right ${difference ? "bg-mark text-white" : ""}`}
        data-testid="difference"
      >
        {difference ? formatDifference(difference) : ""}
      </span>
      {state !== "WITHIN" && (
        <span className={`text-sm font-semibold ${missing ? "text-snag" : "text-ochre"}`}>
          {STATES[state]}
        </span>
      )}
      {report.quickBoards && <span className="text-sm text-soft">{words.quickBoards}</span>}
      {purse.unpriced > 0 && <span className="text-sm text-ochre">{purse.unpriced} without a price</span>}
    </button>
  );
}

interface FigureProps {
  label: string;
  value: string;
  hatch?: string;
  alarming?: boolean;
}

function Figure({ label, value, hatch, alarming = false }: FigureProps) {
  return (
    <span className="whitespace-nowrap">
      {hatch && (
        <span className={`mr-1 inline-block h-2.5 w-3.5 border border-ink ${hatch}`} aria-hidden="true" />
      )}
      <span className="text-sm text-soft">{label} </span>
      <span className={`figures font-semibold ${alarming ? "text-snag" : ""}`} data-figure={label}>
        {value}
      </span>
    </span>
  );
}
