import { useLedger } from "../api/queries";
import { formatDifference, formatMoney } from "../measure/figures";
import { words } from "../words";
import { useDesk } from "./desk";

const STATES = {
  WITHIN: "within the budget",
  INTO_CONTINGENCY: "eats into the contingency",
  OVERDRAWN: "over the budget",
} as const;

/** One bar for the whole budget: planned, held back, left, and the difference that the edit under the hand makes. */
export function PurseLine() {
  const { report, preview, setStep, plan, garden } = useDesk();
  const forecast = useLedger(plan.id, garden.revision).data?.forecast;
  const purse = report?.purse;
  if (!purse) return <div className="h-11 border-b border-rule bg-paper" />;
  const { left, state } = purse;
  const budget = Number(purse.budget.amount);
  const planned = Number(purse.planned.amount);
  const whole = Math.max(budget, planned, 1);
  const share = (amount: number) => `${String(Math.max(0, (amount / whole) * 100))}%`;
  const held = Number(purse.held.amount);
  const calm = state === "WITHIN";
  const difference = preview && Number(preview.difference.amount) !== 0 ? preview.difference : null;
  return (
    <button
      type="button"
      aria-label={`Purse: planned ${formatMoney(purse.planned)} of ${formatMoney(purse.budget)}, ${STATES[state]}`}
      className="flex w-full cursor-pointer flex-wrap items-center gap-x-5 gap-y-1 border-b border-rule bg-paper px-3 py-1.5 text-left"
      onClick={() => {
        setStep("purse");
      }}
    >
      <Figure label="planned" value={formatMoney(purse.planned)} />
      <span className="relative h-5 min-w-40 grow border border-ink bg-white" aria-hidden="true">
        <span
          className={`absolute inset-y-0 left-0 ${calm ? "bg-ink" : "bg-snag"}`}
          style={{ width: share(Math.min(planned, whole)) }}
        />
        <span
          className="absolute inset-y-0 border-l-2 border-ochre bg-[repeating-linear-gradient(45deg,transparent_0_4px,var(--color-ochre)_4px_5px)]"
          style={{ left: share(budget - held), width: share(held) }}
        />
        {planned > budget && (
          <span className="absolute inset-y-0 border-l-2 border-white" style={{ left: share(budget) }} />
        )}
      </span>
      <Figure label="budget" value={formatMoney(purse.budget)} />
      <Figure label="held back" value={formatMoney(purse.held)} />
      <Figure label="paid" value={forecast ? formatMoney(forecast.paid) : "…"} />
      <Figure label="left" value={formatMoney(left)} alarming={!calm || Number(left.amount) < 0} />
      <span
        aria-live="polite"
        className={`figures min-w-28 px-1 text-right ${difference ? "bg-mark text-white" : ""}`}
        data-testid="difference"
      >
        {difference ? formatDifference(difference) : ""}
      </span>
      {!calm && <span className="text-sm font-semibold text-snag">{STATES[state]}</span>}
      {report.quickBoards && <span className="text-sm text-soft">{words.quickBoards}</span>}
      {purse.unpriced > 0 && <span className="text-sm text-snag">{purse.unpriced} without a price</span>}
    </button>
  );
}

function Figure({ label, value, alarming = false }: { label: string; value: string; alarming?: boolean }) {
  return (
    <span className="whitespace-nowrap">
      <span className="text-sm text-soft">{label} </span>
      <span className={`figures font-semibold ${alarming ? "text-snag" : ""}`} data-figure={label}>
        {value}
      </span>
    </span>
  );
}
