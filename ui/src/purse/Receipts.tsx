import { useMutation, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useId, useState } from "react";
import { Problem, request } from "../api/client";
import { askAnew, keys, ledgerChanged, useLedger } from "../api/queries";
import type { Forecast, LedgerEntry, LedgerPage, Money } from "../api/types";
import { formatAmount, formatDifference, formatMoney } from "../measure/figures";
import { PaperLink } from "../papers/PaperLink";
import { words as everywhere } from "../words";
import { partName, words } from "./words";
import { BudgetShares } from "./BudgetShares";
import { useDesk } from "../workspace/desk";
import { ReceiptForm } from "./ReceiptForm";
import { emptyDraft, paying, type Draft } from "./receiptDraft";
import { keepScan, scanPath } from "./scans";

const PurseCharts = lazy(() => import("./PurseCharts"));

/** What was paid: how it stands against the plan, a form for one more receipt, and all that are entered. */
export function Receipts() {
  const desk = useDesk();
  const [page, setPage] = useState(0);
  const [draft, setDraft] = useState<Draft>(emptyDraft);
  const [open, setOpen] = useState(false);
  const { data } = useLedger(desk.plan.id, desk.garden.revision, page);
  if (!data) return null;
  return (
    <section className="space-y-2 border-t border-rule pt-2" data-testid="receipts">
      <h3 className="flex items-baseline">
        <span className="grow">Plan and paid</span> <PaperLink paper="receipts" />
      </h3>
      <Standing forecast={data.forecast} />
      <Charts forecast={data.forecast} />
      <ReceiptForm draft={draft} open={open} onDraft={setDraft} onOpen={setOpen} />
      {data.count === 0 && <p className="text-sm text-soft">{words.noReceipts}</p>}
      <ul>
        {data.entries.map((entry) => (
          <Entry
            key={entry.id}
            entry={entry}
            onPay={() => {
              setDraft(paying(entry));
              setOpen(true);
            }}
          />
        ))}
      </ul>
      {data.pages > 1 && <Pages page={data} onTurn={setPage} />}
    </section>
  );
}

/** Planned, paid, ordered and still to come for each part of the work and each season, and what cost more or less than planned. */
function Standing({ forecast }: { forecast: Forecast }) {
  const { byPart, bySeason, surprises, held, left } = forecast;
  const ordered = Number(forecast.committed.amount) !== 0;
  return (
    <>
      <table className="w-full text-xs" data-testid="forecast">
        <Head first={`In ${left.currency}`} ordered={ordered} />
        <tbody>
          {byPart.map(({ part, ...sums }) => (
            <Sums key={part} name={partName(part)} sums={sums} ordered={ordered} />
          ))}
          <Sums name="All" sums={forecast} ordered={ordered} strong />
        </tbody>
      </table>
      {bySeason.length > 1 && (
        <table className="w-full text-xs" data-testid="forecast-by-season">
          <Head first="Season" ordered={ordered} />
          <tbody>
            {bySeason.map(({ season, ...sums }) => (
              <Sums key={season} name={String(season)} sums={sums} ordered={ordered} />
            ))}
          </tbody>
        </table>
      )}
      <BudgetShares forecast={forecast} />
      <p className="text-sm" data-testid="contingency">
        {contingency(held, left)}
      </p>
      {surprises.length > 0 && (
        <details className="text-sm" open>
          <summary className="cursor-pointer">What surprised</summary>
          <SurpriseList surprises={surprises.slice(0, SHOWN)} />
          {surprises.length > SHOWN && (
            <details>
              <summary className="cursor-pointer text-soft">{surprises.length - SHOWN} smaller ones</summary>
              <SurpriseList surprises={surprises.slice(SHOWN)} />
            </details>
          )}
        </details>
      )}
    </>
  );
}

/** So many surprises are told at once, the largest first. */
const SHOWN = 5;

function SurpriseList({ surprises }: { surprises: Forecast["surprises"] }) {
  return (
    <ul>
      {surprises.map(({ item, label, planned, paid, more }) => (
        <li key={item} className="flex justify-between gap-2 border-b border-hair">
          <span>
            {label}: <span className="figures">{formatMoney(paid)}</span> for what was planned at{" "}
            <span className="figures">{formatMoney(planned)}</span>
          </span>
          <span className="figures whitespace-nowrap">{formatDifference(more)}</span>
        </li>
      ))}
    </ul>
  );
}

/** What is left of what is held back for surprises. */
function contingency(held: Money, left: Money): string {
  if (Number(left.amount) < 0) return `${formatMoney(left)} left: the budget does not suffice.`;
  if (Number(held.amount) === 0) return `${formatMoney(left)} left, nothing of it held back for surprises.`;
  return Number(left.amount) >= Number(held.amount)
    ? `${formatMoney(left)} left, ${formatMoney(held)} of it held back for surprises.`
    : `${formatMoney(left)} left of the ${formatMoney(held)} held back for surprises.`;
}

function Head({ first, ordered }: { first: string; ordered: boolean }) {
  return (
    <thead>
      <tr className="border-b border-rule text-right text-soft">
        <th className="pt-1 text-left font-normal">{first}</th>
        <th className="font-normal">Planned</th>
        <th className="font-normal">Paid</th>
        {ordered && <th className="font-normal">Ordered</th>}
        <th className="font-normal">To come</th>
      </tr>
    </thead>
  );
}

interface SumsProps {
  name: string;
  sums: Pick<Forecast, "planned" | "paid" | "committed" | "toCome">;
  ordered: boolean;
  strong?: boolean;
}

function Sums({ name, sums, ordered, strong }: SumsProps) {
  return (
    <tr className={strong ? "text-right font-semibold" : "border-b border-hair text-right"}>
      <td className="py-0.5 text-left">{name}</td>
      <td className="figures pl-1">{formatAmount(sums.planned)}</td>
      <td className="figures pl-1">{formatAmount(sums.paid)}</td>
      {ordered && <td className="figures pl-1">{formatAmount(sums.committed)}</td>}
      <td className="figures pl-1">{formatAmount(sums.toCome)}</td>
    </tr>
  );
}

/** Drawn once somebody looks: the charts' script is larger than the rest of the purse. */
function Charts({ forecast }: { forecast: Forecast }) {
  const [open, setOpen] = useState(false);
  return (
    <details
      className="text-sm"
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer">As charts</summary>
      {open && (
        <Suspense fallback={<p className="text-soft">Drawing.</p>}>
          <PurseCharts forecast={forecast} />
        </Suspense>
      )}
    </details>
  );
}

function Entry({ entry, onPay }: { entry: LedgerEntry; onPay: () => void }) {
  const desk = useDesk();
  const client = useQueryClient();
  const back = useMutation({
    mutationFn: () => request<LedgerPage>("POST", `/api/gardens/${desk.plan.id}/ledger/${entry.id}/reversal`),
    onSuccess: () => ledgerChanged(client, desk.plan.id),
  });
  const standing = !entry.reversed && !entry.reverses && !entry.settled;
  return (
    <li className="border-b border-hair text-sm" data-testid="receipt">
      <details>
        <summary className="flex cursor-pointer items-baseline gap-2 py-1">
          <span className="figures whitespace-nowrap text-soft">{entry.date}</span>
          <span className={`min-w-0 grow truncate ${standing ? "" : "text-soft line-through"}`}>
            {entry.shop}
            {entry.ordered && (entry.settled ? ", ordered and paid since" : ", ordered")}
          </span>
          <span className="figures whitespace-nowrap">{formatMoney(entry.total)}</span>
        </summary>
        <ul className="pl-4">
          {entry.lines.map((line, index) => (
            <li key={index} className="flex justify-between gap-2">
              <span>
                <span className="figures">{line.quantity}</span> × {line.text}
              </span>
              <span className="figures whitespace-nowrap">{formatMoney(line.cost)}</span>
            </li>
          ))}
        </ul>
        {Number(entry.discount.amount) !== 0 && (
          <p className="pl-4 text-soft">
            With its share of <span className="figures">{formatMoney(entry.discount)}</span> discount taken
            off.
          </p>
        )}
        {Number(entry.tax.amount) !== 0 && (
          <p className="pl-4 text-soft">
            With its share of <span className="figures">{formatMoney(entry.tax)}</span> tax.
          </p>
        )}
        {entry.reverses && <p className="pl-4 text-soft">{words.takesBack}</p>}
        <Scanned entry={entry} />
        {standing && (
          <p className="flex flex-wrap gap-2 py-1">
            {entry.ordered && (
              <button type="button" className="plain-button" onClick={onPay}>
                It is paid: enter its receipt
              </button>
            )}
            <button
              type="button"
              className="plain-button"
              disabled={back.isPending}
              onClick={() => {
                back.mutate();
              }}
            >
              Take this {entry.ordered ? "order" : "receipt"} back
            </button>
          </p>
        )}
        {back.isError && (
          <p role="alert" className="text-snag">
            {back.error.message}
          </p>
        )}
      </details>
      {entry.difference && standing && (
        <p className="pb-1 pl-4 text-snag">
          Doesn’t add up: the paper says{" "}
          <span className="figures">{formatMoney(entry.paper ?? entry.total)}</span>, the lines come to{" "}
          <span className="figures">{formatMoney(entry.total)}</span>.
        </p>
      )}
    </li>
  );
}

/** The paper itself: to be looked at, or to be added. */
function Scanned({ entry }: { entry: LedgerEntry }) {
  const desk = useDesk();
  const client = useQueryClient();
  const id = useId();
  const keep = useMutation({
    mutationFn: (file: File) => keepScan(desk.plan.id, entry.id, file),
    onSuccess: () => askAnew(client, keys.ledger(desk.plan.id)),
  });
  const failure = keep.error instanceof Problem ? keep.error : undefined;
  const path = scanPath(desk.plan.id, entry.id);
  return (
    <div className="pl-4">
      {entry.scan && (
        <a className="text-button" href={path} target="_blank" rel="noreferrer">
          {entry.scan === "PDF" ? (
            "The paper as PDF"
          ) : (
            <img src={path} alt={`Receipt from ${entry.shop}`} loading="lazy" className="max-h-40" />
          )}
        </a>
      )}
      <label htmlFor={id} className="block text-soft">
        {entry.scan ? "Another photo or PDF in its place" : "Add a photo or PDF of the paper"}
      </label>
      <input
        id={id}
        type="file"
        accept="image/jpeg,image/png,application/pdf"
        className="w-full"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          if (chosen) keep.mutate(chosen);
          event.target.value = "";
        }}
      />
      {keep.isError && (
        <p role="alert" className="text-snag">
          {failure ? `${failure.message} ${failure.next}` : everywhere.awayIdle}
        </p>
      )}
    </div>
  );
}

function Pages({ page, onTurn }: { page: LedgerPage; onTurn: (page: number) => void }) {
  return (
    <p className="flex items-center justify-between text-sm">
      <button
        type="button"
        className="plain-button"
        disabled={page.page === 0}
        onClick={() => {
          onTurn(page.page - 1);
        }}
      >
        Newer
      </button>
      <span className="figures">
        {page.page + 1} of {page.pages}
      </span>
      <button
        type="button"
        className="plain-button"
        disabled={page.page + 1 >= page.pages}
        onClick={() => {
          onTurn(page.page + 1);
        }}
      >
        Older
      </button>
    </p>
  );
}
