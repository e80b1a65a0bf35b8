import { useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { Link } from "react-router";
import { Problem, request } from "../api/client";
import { keys } from "../api/queries";
import type { ListedGarden } from "../api/types";
import { daysAgo } from "../measure/days";
import { ShareDialog } from "../sharing/ShareDialog";
import { words } from "../words";
import { GardenPicture } from "./GardenPicture";

/** One of somebody's gardens: opened, named, copied, shared and deleted. */
export function GardenRow({ garden }: { garden: ListedGarden }) {
  const client = useQueryClient();
  const [naming, setNaming] = useState(false);
  const [fault, setFault] = useState<string>();
  const { id, name } = garden;

  async function attempt(work: Promise<unknown>) {
    setFault(undefined);
    try {
      await work;
      await client.invalidateQueries({ queryKey: keys.gardens });
      return true;
    } catch (failure) {
      setFault(failure instanceof Problem ? failure.message : words.awayIdle);
      return false;
    }
  }

  async function rename(to: string) {
    if (to === name || (await attempt(request("PUT", `/api/gardens/${id}/name`, { name: to })))) {
      setNaming(false);
      client.removeQueries({ queryKey: keys.garden(id) });
    }
  }

  return (
    <li className="border-b border-rule py-2">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <GardenPicture garden={garden} />
        <div className="min-w-40 grow basis-40">
          {naming ? (
            <NewName
              name={name}
              onName={(to) => void rename(to)}
              onCancel={() => {
                setNaming(false);
                setFault(undefined);
              }}
            />
          ) : (
            <Link to={`/gardens/${id}`} className="block truncate text-lg hover:text-mark hover:underline">
              {name}
            </Link>
          )}
          <span className="block text-sm text-soft">
            edited {daysAgo(garden.touchedAt, new Date())}, since{" "}
            <span className="figures">{garden.firstSeason}</span>
          </span>
        </div>
        <div className="flex shrink-0 gap-3">
          <button
            type="button"
            className="text-button text-sm"
            aria-label={`Rename ${name}`}
            onClick={() => {
              setNaming(true);
            }}
          >
            Rename
          </button>
          <button
            type="button"
            className="text-button text-sm"
            aria-label={`Copy ${name}`}
            title="Another garden like it, without its edits and receipts"
            onClick={() => void attempt(request("POST", `/api/gardens/${id}/copy`))}
          >
            Copy
          </button>
          <ShareDialog garden={id} name={name} />
          <button
            type="button"
            className="text-button text-sm"
            aria-label={`Delete ${name}`}
            title="It can be brought back for a week"
            onClick={() => void attempt(request("DELETE", `/api/gardens/${id}`))}
          >
            Delete
          </button>
        </div>
      </div>
      {fault && (
        <p role="alert" className="text-sm text-snag">
          {fault}
        </p>
      )}
    </li>
  );
}

interface NewNameProps {
  name: string;
  onName: (name: string) => void;
  onCancel: () => void;
}

function NewName({ name, onName, onCancel }: NewNameProps) {
  const [text, setText] = useState(name);
  function submit(event: FormEvent) {
    event.preventDefault();
    onName(text.trim());
  }
  return (
    <form className="flex gap-2" onSubmit={submit}>
      <input
        className="field min-w-0 grow text-lg"
        aria-label={`New name of ${name}`}
        autoFocus
        value={text}
        onFocus={(event) => {
          event.target.select();
        }}
        onChange={(event) => {
          setText(event.target.value);
        }}
        onKeyDown={(event) => {
          if (event.key === "Escape") onCancel();
        }}
      />
      <button type="submit" className="plain-button">
        Keep
      </button>
    </form>
  );
}
