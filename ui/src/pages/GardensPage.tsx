import { useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link, Navigate, useNavigate } from "react-router";
import { Away, Problem, request, type Fault } from "../api/client";
import { keys, useGardens, useSession } from "../api/queries";
import type { GardenView } from "../api/types";
import { SharedGardens } from "../sharing/SharedGardens";
import { useSignOut } from "../outdoors/useSignOut";
import { words as everywhere } from "../words";
import { DeletedGardens } from "./DeletedGardens";
import { GardenRow } from "./GardenRow";
import { NewGardenForm } from "./NewGardenForm";
import { OneBedForm } from "./OneBedForm";
import { dayOf } from "./guests";
import { guests, words } from "./words";

/** Largest garden file, bytes; the program refuses a larger one too. */
const LARGEST_FILE = 8_000_000;

/** Somebody's gardens: open one, begin one, bring one from a file. */
export function GardensPage() {
  const session = useSession();
  const gardens = useGardens();
  const signOut = useSignOut();
  const [beginning, setBeginning] = useState<"garden" | "bed" | null>(null);

  if (session.data && session.data.name === undefined) return <Navigate to="/" replace />;
  const guestUntil = session.data?.guestUntil;

  return (
    <main className="mx-auto max-w-3xl px-4 py-6">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="grow text-2xl">Your gardens</h1>
        <Link
          to="/account"
          className="max-w-full truncate text-sm text-soft underline hover:text-mark"
          aria-label={words.accountOf(guestUntil ? guests.name : (session.data?.name ?? ""))}
        >
          {guestUntil ? guests.name : session.data?.name}
        </Link>
        {!guestUntil && (
          <button type="button" className="text-button text-sm" onClick={() => void signOut()}>
            Sign out
          </button>
        )}
      </div>
      {guestUntil && (
        <p className="mt-2 border border-mark bg-markpale px-3 py-2">
          {guests.kept(dayOf(guestUntil))}{" "}
          <Link to="/account" className="text-button">
            {everywhere.keepAsGuest}
          </Link>
        </p>
      )}
      {gardens.failureReason instanceof Away && (
        <p className="mt-2 bg-ochrepale px-3 py-1">{everywhere.awayIdle}</p>
      )}
      <ul className="mt-4 border-t border-ink">
        {gardens.data?.length === 0 && <li className="py-3 text-soft">None yet. Begin one below.</li>}
        {(gardens.data ?? []).map((garden) => (
          <GardenRow key={garden.id} garden={garden} />
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap gap-2">
        {(["garden", "bed"] as const).map((what) => (
          <button
            key={what}
            type="button"
            className={what === "garden" ? "strong-button" : "plain-button"}
            aria-expanded={beginning === what}
            onClick={() => {
              setBeginning(beginning === what ? null : what);
            }}
          >
            {what === "garden" ? "Begin a garden" : "One bed for a small sum"}
          </button>
        ))}
        <ImportButton />
        <Link to="/guide" className="text-button ml-auto self-center">
          {words.guide}
        </Link>
      </div>
      {beginning === "garden" && <NewGardenForm />}
      {beginning === "bed" && <OneBedForm />}
      <SharedGardens />
      <DeletedGardens />
    </main>
  );
}

function ImportButton() {
  const input = useRef<HTMLInputElement>(null);
  const client = useQueryClient();
  const navigate = useNavigate();
  const [problem, setProblem] = useState<{ text: string; faults: readonly Fault[] } | null>(null);

  async function bring(file: File) {
    setProblem(null);
    if (file.size > LARGEST_FILE) {
      setProblem({ text: `${file.name} is larger than any garden file (8 MB).`, faults: [] });
      return;
    }
    try {
      const garden = await request<GardenView>(
        "POST",
        "/api/gardens/import",
        new Blob([file], { type: "application/json" }),
      );
      await client.invalidateQueries({ queryKey: keys.gardens });
      await navigate(`/gardens/${garden.plan.id}`);
    } catch (failure) {
      if (failure instanceof Problem)
        setProblem({ text: `${file.name}: ${failure.message}`, faults: failure.faults });
      else setProblem({ text: everywhere.awayIdle, faults: [] });
    }
  }

  return (
    <>
      <button type="button" className="plain-button" onClick={() => input.current?.click()}>
        Bring one from a file
      </button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        className="hidden"
        aria-label="Garden file"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = "";
          if (file) void bring(file);
        }}
      />
      {problem && (
        <div role="alert" className="w-full border border-snag bg-snagpale px-3 py-2">
          <p>{problem.text}</p>
          <ul className="mt-1 max-h-60 overflow-y-auto text-sm">
            {problem.faults.map((fault, index) => (
              <li key={index}>
                <span className="figures">{fault.pointer || "(file)"}</span>: {fault.wrong}; {fault.right}
              </li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}
