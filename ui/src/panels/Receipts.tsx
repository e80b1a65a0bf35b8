import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../api/client";
import { keys, useLedger } from "../api/queries";
import type { Forecast, LedgerEntry, LedgerPage } from "../api/types";
import { formatDifference, formatMoney } from "../measure/figures";
import { partName, words } from "../words";
import { useDesk } from "../workspace/desk";
import { ReceiptForm } from "./ReceiptForm";

/** What was paid: how it stands against the plan, a form for one more receipt, and all that are entered. */
export function Receipts() {
  const desk = useDesk();
  const [page, setPage] = useState(0);
  const { data } = useLedger(desk.plan.id, desk.garden.revision, page);
  if (!data) return null;
  return (
    <section className="space-y-2 border-t border-rule pt-2" data-testid="receipts">
      <h3>Receipts</h3>
      <Standing forecast={data.forecast} />
      <ReceiptForm />
      {data.count === 0 && <p className="text-sm text-soft">{words.noReceipts}</p>}
      <ul>
        {data.entries.map((entry) => (
          <Entry key={entry.id} entry={entry} />
        ))}
      </ul>
      {data.pages > 1 && <Pages page={data} onTurn={setPage} />}
    </section>
  );
}

/** Planned, paid and still to come for each part of the work and each season, and what cost more or less than planned. */
function Standing({ forecast }: { forecast: Forecast }) {
  const { byPart, bySeason, surprises } = forecast;
  return (
    <>
      <table className="w-full text-xs" data-testid="forecast">
        <Head first="Part" />
        <tbody>
          {byPart.map(({ part, ...sums }) => (
            <Sums key={part} name={partName(part)} sums={sums} />
          ))}
          <Sums name="All" sums={forecast} strong />
        </tbody>
      </table>
      {bySeason.length > 1 && (
        <table className="w-full text-xs" data-testid="forecast-by-season">
          <Head first="Season" />
          <tbody>
            {bySeason.map(({ season, ...sums }) => (
              <Sums key={season} name={String(season)} sums={sums} />
            ))}
          </tbody>
        </table>
      )}
      {surprises.length > 0 && (
        <details className="text-sm" open>
          <summary className="cursor-pointer">What surprised</summary>
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
        </details>
      )}
    </>
  );
}

function Head({ first }: { first: string }) {
  return (
    <thead>
      <tr className="border-b border-rule text-right text-soft">
        <th className="pt-1 text-left font-normal">{first}</th>
        <th className="font-normal">Planned</th>
        <th className="font-normal">Paid</th>
        <th className="font-normal">To come</th>
      </tr>
    </thead>
  );
}

interface SumsProps {
  name: string;
  sums: Pick<Forecast, "planned" | "paid" | "toCome">;
  strong?: boolean;
}

function Sums({ name, sums, strong }: SumsProps) {
  return (
    <tr className={strong ? "text-right font-semibold" : "border-b border-hair text-right"}>
      <td className="py-0.5 text-left">{name}</td>
      <td className="figures pl-1">{formatMoney(sums.planned)}</td>
      <td className="figures pl-1">{formatMoney(sums.paid)}</td>
      <td className="figures pl-1">{formatMoney(sums.toCome)}</td>
    </tr>
  );
}

function Entry({ entry }: { entry: LedgerEntry }) {
  const desk = useDesk();
  const client = useQueryClient();
  const back = useMutation({
    mutationFn: () => request<LedgerPage>("POST", `/api/gardens/${desk.plan.id}/ledger/${entry.id}/reversal`),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.ledger(desk.plan.id) }),
  });
  const standing = !entry.reversed && !entry.reverses;
  return (
    <li className="border-b border-hair text-sm" data-testid="receipt">
      <details>
        <summary className="flex cursor-pointer items-baseline gap-2 py-1">
          <span className="figures whitespace-nowrap text-soft">{entry.date}</span>
          <span className={`min-w-0 grow truncate ${standing ? "" : "text-soft line-through"}`}>
            {entry.shop}
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
        {standing && (
          <button
            type="button"
            className="plain-button my-1"
            disabled={back.isPending}
            onClick={() => {
              back.mutate();
            }}
          >
            Take this receipt back
          </button>
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
