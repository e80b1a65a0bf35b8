import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Problem, request } from "../api/client";
import type { GardenLink, NewLink } from "../api/types";
import { Fault } from "../parts/Fault";
import { words as everywhere } from "../words";
import { words } from "./words";

/** A link with which anybody may look at the garden: makes it, tells it once, and takes it back. */
export function LinkPart({ garden }: { garden: string }) {
  const path = `/api/gardens/${garden}/link`;
  const key = ["link", garden] as const;
  const client = useQueryClient();
  const { data } = useQuery({ queryKey: key, queryFn: () => request<GardenLink>("GET", path) });
  const [address, setAddress] = useState("");
  const [fault, setFault] = useState<string>();

  async function attempt(work: () => Promise<string>) {
    setFault(undefined);
    try {
      setAddress(await work());
      await client.invalidateQueries({ queryKey: key });
    } catch (failure) {
      setFault(failure instanceof Problem ? `${failure.message} ${failure.next}` : everywhere.awayIdle);
    }
  }

  async function make() {
    const made = await request<NewLink>("POST", path);
    return window.location.origin + made.path;
  }

  async function takeBack() {
    await request("DELETE", path);
    return "";
  }

  const link = data?.link;
  return (
    <section className="space-y-2 border-t border-rule pt-3" aria-label={words.link}>
      <h3>{words.link}</h3>
      <p className="text-sm text-soft">{words.linkMeans}</p>
      {address !== "" && (
        <input
          readOnly
          className="field figures text-sm"
          aria-label={words.linkAddress}
          value={address}
          onFocus={(event) => {
            event.target.select();
          }}
        />
      )}
      {link && <p className="text-sm">{words.visitors(link.visitors)}</p>}
      <Fault text={fault} />
      <div className="flex flex-wrap gap-2">
        <button type="button" className="plain-button" onClick={() => void attempt(make)}>
          {link ? words.anotherLink : words.makeLink}
        </button>
        {link && (
          <button type="button" className="plain-button" onClick={() => void attempt(takeBack)}>
            {words.takeLinkBack}
          </button>
        )}
      </div>
    </section>
  );
}
