import { useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { request } from "../api/client";
import { formatMoney } from "../measure/figures";
import { useDesk } from "../workspace/desk";
import { trying } from "../workspace/trying";
import type { Fence, PricedMake } from "./fence";
import { hours, pestNames } from "./told";
import { words } from "./words";

/** The same line of other meshes and posts; rest on one to see it, press to take it. */
export function FenceMakes({ fence }: { fence: Fence }) {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const { data, error } = useQuery({
    queryKey: ["makes", desk.plan.id, desk.garden.revision, desk.season, fence.id],
    queryFn: () =>
      request<PricedMake[]>(
        "GET",
        `/api/gardens/${desk.plan.id}/fences/${fence.id}/makes?season=${String(desk.season)}`,
      ),
    enabled: open,
    staleTime: Infinity,
    retry: false,
  });
  return (
    <details
      data-testid="makes"
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer">{words.compare}</summary>
      {open && error && (
        <p role="alert" className="text-snag">
          {error.message}
        </p>
      )}
      {open && !error && (data ? <Makes makes={data} /> : <p className="text-soft">{words.asking}</p>)}
    </details>
  );
}

function Makes({ makes }: { makes: readonly PricedMake[] }) {
  const desk = useDesk();
  const { kinds, posts } = desk.catalogue.fences;
  const drawn = makes[0]?.make.fence;
  const label = ({ kind, posts: post }: Fence) =>
    kind === drawn?.kind
      ? (posts.find((each) => each.kind === post)?.label ?? "")
      : (kinds.find((each) => each.kind === kind)?.label ?? "");
  return (
    <table className="w-full text-xs">
      <thead>
        <tr className="text-soft">
          {words.compareHeads.map((head) => (
            <th key={head} scope="col" className="pl-1 text-left font-normal first:pl-0">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {makes.map(({ make, cost }, index) => (
          <tr key={index} className="border-t border-hair align-top">
            <th scope="row" className="py-1 text-left font-normal">
              {index === 0 ? (
                words.asDrawn
              ) : (
                <button
                  type="button"
                  className="text-button text-left"
                  aria-label={words.instead(label(make.fence))}
                  {...trying(desk, make.change)}
                  onClick={() => {
                    desk.tryOut(null);
                    desk.submit(make.change);
                  }}
                >
                  {label(make.fence)}
                </button>
              )}
            </th>
            <td className="figures py-1 pl-1">{cost.cost ? formatMoney(cost.cost) : words.noPrice}</td>
            <td className="figures py-1 pl-1">{cost.aYear ? formatMoney(cost.aYear) : ""}</td>
            <td className="figures py-1 pl-1">{hours(cost.hours)}</td>
            <td className="py-1 pl-1">{pestNames(make.holds, desk.plan).join(", ") || words.nothingStops}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
