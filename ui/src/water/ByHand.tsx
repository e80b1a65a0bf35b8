import { useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import { formatDistance } from "../measure/figures";
import { formatWater } from "../measure/water";
import { useDesk } from "../workspace/desk";
import { formatMinutes, monthName } from "./months";
import type { HandWatering } from "./water";
import { words } from "./words";

/** How long the same water takes with cans or a hose, along the ways on foot; asked for when it is opened. */
export function ByHand({ month }: { month: number | undefined }) {
  const desk = useDesk();
  const { revision } = desk.garden;
  const { id } = desk.plan;
  const [open, setOpen] = useState(false);
  const query = `season=${String(desk.season)}${month === undefined ? "" : `&month=${String(month)}`}`;
  const { data } = useQuery({
    queryKey: ["by-hand", id, revision, query],
    queryFn: () => request<HandWatering>("GET", `/api/gardens/${id}/water/by-hand?${query}`),
    enabled: open,
    staleTime: Infinity,
  });
  return (
    <details
      data-testid="by-hand"
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer">{words.byHand}</summary>
      {open && (data ? <Told told={data} month={month} /> : <p className="text-soft">{words.working}</p>)}
    </details>
  );
}

function Told({ told, month }: { told: HandWatering; month: number | undefined }) {
  const { units, bedById } = useDesk();
  const sum = (part: "byCan" | "byHose") => told.beds.reduce((minutes, bed) => minutes + bed[part], 0);
  const shutOut = told.shutOut.map((bed) => bedById.get(bed)?.name).join(", ");
  return (
    <div className="space-y-1 py-1 text-sm">
      <p>
        {words.handHours({
          when: month === undefined ? words.byThumb : words.inMonth(monthName(month, "long")),
          cans: formatMinutes(sum("byCan")),
          hose: formatMinutes(sum("byHose")),
        })}
      </p>
      <table className="w-full text-xs">
        <thead>
          <tr className="text-soft">
            <th scope="col" className="text-left font-normal">
              {words.bed}
            </th>
            <th scope="col" className="text-right font-normal">
              {words.way}
            </th>
            <th scope="col" className="text-right font-normal">
              {words.water}
            </th>
            <th scope="col" className="text-right font-normal">
              {words.cans}
            </th>
            <th scope="col" className="text-right font-normal">
              {words.hose}
            </th>
          </tr>
        </thead>
        <tbody>
          {told.beds.map((bed) => (
            <tr key={bed.bed}>
              <th scope="row" className="text-left font-normal">
                {bedById.get(bed.bed)?.name}
              </th>
              <td className="figures text-right whitespace-nowrap">{formatDistance(bed.way, units)}</td>
              <td className="figures text-right whitespace-nowrap">{formatWater(bed.litres, units)}</td>
              <td className="figures text-right whitespace-nowrap">{formatMinutes(bed.byCan)}</td>
              <td className="figures text-right whitespace-nowrap">{formatMinutes(bed.byHose)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {shutOut && <p className="text-snag">{words.notOnFoot(shutOut)}</p>}
      <p className="text-soft">{words.handExplained}</p>
    </div>
  );
}
