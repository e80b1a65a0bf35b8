import { plainNumber } from "../measure/numbers";
import { Link } from "react-router";
import type { Plan } from "../api/types";
import { formatMoney } from "../measure/figures";
import { TextField } from "../parts/TextField";
import { partName } from "./words";
import { useDesk } from "../workspace/desk";
import { PaperLink } from "../papers/PaperLink";
import { BillTable } from "./BillTable";
import { PriceBook } from "./PriceBook";
import { PutOff } from "./PutOff";
import { Receipts } from "./Receipts";
import { Sundries } from "./Sundries";
import { WorkBySeason } from "./WorkBySeason";
import { useFieldEdit } from "../forms/useFieldEdit";

/** The budget, what it is planned to go on, and what things cost. */
export function PursePanel() {
  const desk = useDesk();
  const lines = desk.report?.bill ?? [];
  return (
    <div className="space-y-3">
      <BudgetForm budget={desk.plan.budget} />
      <Receipts />
      <PutOff key={desk.season} />
      <ShoppingLinks />
      <ByPart />
      <h3 className="flex items-baseline border-t border-rule pt-2">
        <span className="grow">Bill</span> <PaperLink paper="bill" />
      </h3>
      <BillTable lines={lines} empty="Nothing to buy yet." />
      <WorkBySeason />
      <Sundries />
      <PriceBook />
    </div>
  );
}

/** The list of what the season that is looked at still needs: for a phone, or on paper. */
function ShoppingLinks() {
  const { plan, season } = useDesk();
  return (
    <p className="flex flex-wrap gap-2">
      <Link className="plain-button" to={`/gardens/${plan.id}/shopping?season=${String(season)}`}>
        Shopping list {season}
      </Link>
      <a
        className="plain-button"
        href={`/api/gardens/${plan.id}/shopping/list.pdf?season=${String(season)}`}
        aria-label={`Shopping list ${String(season)} as PDF`}
        download
      >
        PDF
      </a>
    </p>
  );
}

/** What each part of the work comes to, what stays of it, what was saved, and the cost of the soil that is grown on. */
function ByPart() {
  const { report, units } = useDesk();
  if (!report || report.byPart.length === 0) return null;
  const { kept, saved } = report.purse;
  return (
    <>
      <h3 className="border-t border-rule pt-2">Planned, by part</h3>
      <table className="w-full">
        <tbody>
          {report.byPart.map(({ part, planned }) => (
            <tr key={part} className="border-b border-hair">
              <td className="py-0.5">{partName(part)}</td>
              <td className="figures text-right">{formatMoney(planned)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-sm text-soft" data-testid="worth">
        {report.perArea && (
          <>
            <span className="figures">{formatMoney(report.perArea)}</span> for a square{" "}
            {units === "METRIC" ? "metre" : "foot"} of soil in {report.season}.{" "}
          </>
        )}
        {Number(kept.amount) > 0 && (
          <>
            <span className="figures">{formatMoney(kept)}</span> of all is for what stays with you
            {report.perArea ? ", left out there" : ""}.{" "}
          </>
        )}
        {Number(saved.amount) > 0 && (
          <>
            <span className="figures">{formatMoney(saved)}</span> saved by what comes free.
          </>
        )}
      </p>
    </>
  );
}

function BudgetForm({ budget }: { budget: Plan["budget"] }) {
  const { faults, edit, refuse } = useFieldEdit();
  const put = (field: string, sum: string, contingency: number) => {
    edit(field, {
      kind: "SetBudget",
      budget: { ...budget, sum: { amount: sum, currency: budget.sum.currency }, contingency },
    });
  };
  return (
    <div className="grid grid-cols-2 gap-2">
      <TextField
        label={`Budget, ${budget.sum.currency}`}
        value={budget.sum.amount}
        figures
        fault={faults["sum"]}
        onCommit={(text) => {
          put("sum", text.trim(), budget.contingency);
        }}
      />
      <TextField
        label="Held back, per cent"
        explain="contingency"
        value={String(budget.contingency)}
        figures
        fault={faults["contingency"]}
        onCommit={(text) => {
          const share = Number(plainNumber(text));
          if (text.trim() === "" || !Number.isFinite(share))
            refuse("contingency", "Write per cent, like 10.");
          else put("contingency", budget.sum.amount, share);
        }}
      />
    </div>
  );
}
