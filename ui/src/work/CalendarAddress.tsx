import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Problem, request } from "../api/client";
import type { components } from "../api/schema";
import { formatDay } from "../measure/halfMonths";
import { Fault } from "../parts/Fault";
import { useDesk } from "../workspace/desk";
import { addressWords as words } from "./addressWords";

type Address = components["schemas"]["CalendarAddress"];
type NewAddress = components["schemas"]["NewCalendarAddress"];

/** A private address at which the calendar of a phone fetches the days of work; it is made, shown once, and taken back. */
export function CalendarAddress() {
  const { plan, season } = useDesk();
  const client = useQueryClient();
  const [made, setMade] = useState<string>();
  const [fault, setFault] = useState<string>();
  const path = `/api/gardens/${plan.id}/calendar-address`;
  const key = ["calendar-address", plan.id];
  const { data } = useQuery({ queryKey: key, queryFn: () => request<Address>("GET", path) });

  async function change(send: () => Promise<string | undefined>) {
    setFault(undefined);
    try {
      setMade(await send());
      await client.invalidateQueries({ queryKey: key });
    } catch (failure) {
      setFault(failure instanceof Problem ? failure.message : words.failed);
    }
  }

  return (
    <details className="py-1 print:hidden" data-testid="calendar-address">
      <summary className="cursor-pointer">{words.title}</summary>
      <p className="max-w-prose text-sm text-soft">{words.explained}</p>
      {made !== undefined && (
        <label className="block max-w-3xl text-sm">
          {words.yours}
          <input
            readOnly
            className="field figures block w-full"
            value={made}
            onFocus={(event) => {
              event.target.select();
            }}
          />
        </label>
      )}
      <div className="flex flex-wrap items-center gap-2 py-1">
        {data?.madeAt !== undefined && (
          <span>{words.madeOn(formatDay(data.madeAt.slice(0, 10), season))}</span>
        )}
        <button
          type="button"
          className="plain-button"
          onClick={() =>
            void change(
              async () => `${window.location.origin}${(await request<NewAddress>("POST", path)).path}`,
            )
          }
        >
          {data?.madeAt === undefined ? words.make : words.makeAnother}
        </button>
        {data?.madeAt !== undefined && (
          <button
            type="button"
            className="plain-button"
            onClick={() =>
              void change(async () => {
                await request("DELETE", path);
                return undefined;
              })
            }
          >
            {words.takeBack}
          </button>
        )}
      </div>
      <Fault text={fault} />
    </details>
  );
}
