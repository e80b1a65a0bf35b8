import { useQueryClient } from "@tanstack/react-query";
import { Dialog } from "radix-ui";
import { useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { Problem, request } from "../api/client";
import { keys } from "../api/queries";
import type { GardenView, Version } from "../api/types";
import { formatArea, formatMoney } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { EnterForm } from "../forms/EnterForm";
import { TextField } from "../parts/TextField";
import { Picture } from "../sheet/Picture";
import { Explain } from "../terms/Explain";
import { words as everywhere } from "../words";
import { words } from "./words";
import { useDesk } from "./desk";
import { useVersions } from "./useVersions";
import { VersionDifferences } from "./VersionDifferences";

interface Props {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** Versions of the garden side by side, in pictures and figures. */
export function VariantsDialog({ open, onOpenChange }: Props) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/30" />
        <Dialog.Content
          className="fixed inset-x-4 top-12 z-30 mx-auto max-h-[85vh] max-w-5xl overflow-y-auto border border-ink bg-paper p-4"
          aria-describedby={undefined}
        >
          <div className="mb-2 flex items-center justify-between">
            <div className="flex items-center">
              <Dialog.Title className="text-lg">Variants side by side</Dialog.Title>
              <Explain term="variant" />
            </div>
            <Dialog.Close className="plain-button">Close</Dialog.Close>
          </div>
          <Versions
            onDone={() => {
              onOpenChange(false);
            }}
          />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Versions({ onDone }: { onDone: () => void }) {
  const desk = useDesk();
  const client = useQueryClient();
  const navigate = useNavigate();
  const { search } = useLocation();
  /** Another version, at the same step and season. */
  const at = (garden: string) => ({ pathname: `/gardens/${garden}`, search });
  const [name, setName] = useState("");
  const [from, setFrom] = useState(String(desk.season));
  const [fault, setFault] = useState<string>();
  /** One is on its way: a second Enter makes no second one. */
  const [keeping, setKeeping] = useState(false);
  const path = `/api/gardens/${desk.plan.id}/variants`;
  const { data } = useVersions(desk.plan.id, desk.garden.revision, desk.season);
  const main = data?.find((version) => version.main);

  async function attempt(work: () => Promise<unknown>) {
    setFault(undefined);
    try {
      await work();
      await client.invalidateQueries({ queryKey: ["variants"] });
    } catch (failure) {
      setFault(failure instanceof Problem ? failure.message : everywhere.awayIdle);
    }
  }

  function keep() {
    if (keeping) return;
    const year = /^\d{1,6}$/.test(from.trim()) ? Number(from) : 0;
    setKeeping(true);
    void attempt(async () => {
      const made = await request<GardenView>("POST", path, { name, from: year });
      client.setQueryData(keys.garden(made.plan.id), made);
      setName("");
    }).finally(() => {
      setKeeping(false);
    });
  }

  function takeOver(version: Version) {
    if (!main) return;
    void attempt(async () => {
      const now = await request<GardenView>("GET", `/api/gardens/${main.garden}`);
      const taken = `/api/gardens/${main.garden}/variants/${version.garden}/take`;
      const after = await request<GardenView>("POST", taken, { revision: now.revision });
      client.setQueryData(keys.garden(main.garden), after);
      await navigate(at(main.garden));
      onDone();
    });
  }

  return (
    <div className="space-y-3">
      <p className="max-w-3xl text-soft">{words.variants}</p>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-3">
        {data?.map((version) => (
          <Card
            key={version.garden}
            version={version}
            here={version.garden === desk.plan.id}
            onShown={onDone}
            onOpen={() => {
              void navigate(at(version.garden));
              onDone();
            }}
            onTake={() => {
              takeOver(version);
            }}
            onDelete={() => {
              void attempt(async () => {
                await request("DELETE", `/api/gardens/${version.garden}`);
                if (version.garden === desk.plan.id && main) await navigate(at(main.garden));
              });
            }}
          />
        ))}
      </ul>
      {fault && (
        <p role="alert" className="text-sm text-snag">
          {fault}
        </p>
      )}
      <EnterForm className="flex max-w-xl items-end gap-2 border-t border-rule pt-3" onEnter={keep}>
        <div className="grow">
          <TextField label="Name of a new variant" value={name} onCommit={setName} />
        </div>
        <div className="w-28">
          <TextField label="Differs from season" value={from} figures onCommit={setFrom} />
        </div>
        <button type="submit" className="strong-button whitespace-nowrap">
          Keep this as a variant
        </button>
      </EnterForm>
    </div>
  );
}

interface CardProps {
  version: Version;
  here: boolean;
  onOpen: () => void;
  onTake: () => void;
  onDelete: () => void;
  /** The sheet is looked at. */
  onShown: () => void;
}

function Card({ version, here, onOpen, onTake, onDelete, onShown }: CardProps) {
  const [compared, setCompared] = useState(false);
  const { units, season } = useDesk();
  return (
    <li className={`border bg-white p-2 ${here ? "border-2 border-mark" : "border-rule"}`}>
      <h3 className="truncate" title={version.name}>
        {version.name}
      </h3>
      <p className="text-sm text-soft">
        {version.main ? "the garden itself" : `differs from ${String(version.from)}`}
        {here ? ", open now" : ""}
      </p>
      <Picture
        ground={[version.ground]}
        beds={version.beds}
        label={`${version.name} in ${String(season)}: ${String(version.beds.length)} beds`}
      />
      <dl className="grid grid-cols-[1fr_auto] gap-x-2 text-sm">
        <dt>Beds in {season}</dt>
        <dd className="figures text-right">{version.beds.length}</dd>
        <dt>Growing area</dt>
        <dd className="figures text-right">{formatArea(version.growing, units)}</dd>
        <dt>Edges</dt>
        <dd className="figures text-right">{formatLength(version.edge, units)}</dd>
        <dt>Planned, all seasons</dt>
        <dd className="figures text-right">{formatMoney(version.planned)}</dd>
        <dt>Snags, serious ones</dt>
        <dd className="figures text-right">
          {version.snags}, {version.serious}
        </dd>
      </dl>
      {compared && <VersionDifferences version={version} onShown={onShown} />}
      <div className="mt-2 flex flex-wrap gap-1">
        {!here && !compared && (
          <button
            type="button"
            className="plain-button"
            aria-label={`What differs in ${version.name}`}
            onClick={() => {
              setCompared(true);
            }}
          >
            What differs
          </button>
        )}
        {!here && (
          <button type="button" className="plain-button" onClick={onOpen}>
            Open
          </button>
        )}
        {!version.main && (
          <>
            <button type="button" className="strong-button" onClick={onTake}>
              Take it over
            </button>
            <button
              type="button"
              className="plain-button"
              aria-label={`Delete ${version.name}`}
              onClick={onDelete}
            >
              Delete
            </button>
          </>
        )}
      </div>
    </li>
  );
}
