import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent, type ReactNode } from "react";
import { Link, Navigate, useNavigate } from "react-router";
import { request } from "../api/client";
import { keys, useSession } from "../api/queries";
import type { NewRecovery, RecoveryLeft } from "../api/types";
import { forgetAnswers } from "../outdoors/worker";
import { CheckField } from "../parts/CheckField";
import { Fault } from "../parts/Fault";
import { CredentialField } from "./CredentialField";
import { Credentials } from "./Credentials";
import { fieldProblem, type FieldProblem } from "./fieldProblem";
import { words as everywhere } from "../words";
import { dayOf } from "./guests";
import { guests, words } from "./words";

/** Somebody's own account: its password, where it is signed in, and its end. */
export function AccountPage() {
  const session = useSession();
  if (session.data && session.data.name === undefined) return <Navigate to="/" replace />;
  return (
    <main className="mx-auto max-w-3xl space-y-6 px-4 py-6">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="grow text-2xl">{words.account}</h1>
        <Link to="/gardens" className="text-button text-sm">
          {words.backToGardens}
        </Link>
      </div>
      {session.data?.guestUntil ? (
        <>
          <p className="text-soft">{guests.lookingRound(dayOf(session.data.guestUntil))}</p>
          <Keeping />
          <Export />
          <Deletion guest />
        </>
      ) : (
        <>
          <p className="truncate text-soft">{session.data?.name}</p>
          <Password name={session.data?.name ?? ""} />
          <Codes />
          <Export />
          <Elsewhere />
          <Deletion />
        </>
      )}
    </main>
  );
}

/** A form that sends something about the account, and tells how that went. */
function useSending() {
  const [problem, setProblem] = useState<FieldProblem | null>(null);
  const [busy, setBusy] = useState(false);
  const [done, setDone] = useState(false);
  async function send(method: "PUT" | "POST" | "DELETE", path: string, body?: unknown): Promise<boolean> {
    setBusy(true);
    setDone(false);
    try {
      await request(method, path, body);
      setProblem(null);
      setDone(true);
      return true;
    } catch (failure) {
      setProblem(fieldProblem(failure));
      return false;
    } finally {
      setBusy(false);
    }
  }
  return { send, problem, busy, done };
}

function Password({ name }: { name: string }) {
  const { send, problem, busy, done } = useSending();

  async function submit(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const form = event.currentTarget;
    const fields = new FormData(form);
    const changed = await send("PUT", "/api/account/password", {
      present: fields.get("present"),
      wanted: fields.get("wanted"),
    });
    if (changed) form.reset();
  }

  return (
    <Part title={words.password}>
      <form className="max-w-sm space-y-3" onSubmit={(event) => void submit(event)} noValidate>
        {/* So that the browser knows whose password it keeps. */}
        <input type="text" name="username" autoComplete="username" value={name} readOnly hidden />
        <CredentialField
          name="present"
          label={words.presentPassword}
          type="password"
          autoComplete="current-password"
          problem={problem}
        />
        <CredentialField
          name="wanted"
          label={words.newPassword}
          type="password"
          autoComplete="new-password"
          problem={problem}
        />
        <Fault text={ofTheForm(problem)} />
        <button type="submit" className="plain-button" disabled={busy}>
          {words.changePassword}
        </button>
        <Done text={done ? words.passwordChanged : ""} />
      </form>
    </Part>
  );
}

/** A guest signs up and keeps what they made. */
function Keeping() {
  const { send, problem, busy } = useSending();
  const client = useQueryClient();
  const navigate = useNavigate();

  async function submit(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    const credentials = { name: fields.get("name"), password: fields.get("password") };
    if (!(await send("POST", "/api/accounts", credentials))) return;
    await client.invalidateQueries({ queryKey: keys.session });
    await navigate("/gardens");
  }

  return (
    <Part title={guests.keep}>
      <p className="max-w-prose">{guests.keepHow}</p>
      <form className="mt-2 max-w-sm space-y-3" onSubmit={(event) => void submit(event)} noValidate>
        <Credentials problem={problem} chosen />
        <Fault text={ofTheForm(problem)} />
        <button type="submit" className="strong-button" disabled={busy}>
          {everywhere.signUp}
        </button>
      </form>
    </Part>
  );
}

const CODES = ["recovery-codes"] as const;

function Codes() {
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: CODES,
    queryFn: () => request<RecoveryLeft>("GET", "/api/account/recovery-codes"),
  });
  const [codes, setCodes] = useState<readonly string[]>([]);
  const [problem, setProblem] = useState<FieldProblem | null>(null);
  const [busy, setBusy] = useState(false);

  async function submit(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const form = event.currentTarget;
    setBusy(true);
    try {
      const password = new FormData(form).get("password");
      const made = await request<NewRecovery>("POST", "/api/account/recovery-codes", { password });
      form.reset();
      setProblem(null);
      setCodes(made.codes);
      await client.invalidateQueries({ queryKey: CODES });
    } catch (failure) {
      setProblem(fieldProblem(failure));
    } finally {
      setBusy(false);
    }
  }

  return (
    <Part title={words.recoveryCodes}>
      <p className="max-w-prose">
        {words.recoveryCodesWhy} {data && words.codesLeft(data.left)}
      </p>
      {codes.length > 0 && (
        <div role="status" className="mt-2 max-w-sm border border-mark bg-markpale px-3 py-2">
          <p>{words.newCodes}</p>
          <ul className="figures mt-1 grid grid-cols-2 gap-x-4">
            {codes.map((code) => (
              <li key={code}>{code}</li>
            ))}
          </ul>
        </div>
      )}
      <form className="mt-2 max-w-sm space-y-3" onSubmit={(event) => void submit(event)} noValidate>
        <CredentialField
          name="password"
          label={words.presentPassword}
          type="password"
          autoComplete="current-password"
          problem={problem}
        />
        <Fault text={ofTheForm(problem)} />
        <button type="submit" className="plain-button" disabled={busy}>
          {words.makeCodes}
        </button>
      </form>
    </Part>
  );
}

/** Everything that somebody has, as one file. */
function Export() {
  return (
    <Part title={words.takeAway}>
      <p className="max-w-prose">{words.takeAwayWhat}</p>
      <a className="plain-button mt-2 inline-block" href="/api/account/export.zip" download>
        {words.takeAwayAll}
      </a>
    </Part>
  );
}

function Elsewhere() {
  const { send, problem, busy, done } = useSending();
  return (
    <Part title={words.elsewhere}>
      <p className="max-w-prose">{words.elsewhereWhy}</p>
      <Fault text={ofTheForm(problem)} />
      <button
        type="button"
        className="plain-button mt-2"
        disabled={busy}
        onClick={() => void send("DELETE", "/api/account/sessions")}
      >
        {words.signOutElsewhere}
      </button>
      <Done text={done ? words.signedOutElsewhere : ""} />
    </Part>
  );
}

function Deletion({ guest = false }: { guest?: boolean }) {
  const { send, problem, busy } = useSending();
  const [sure, setSure] = useState(false);
  const client = useQueryClient();
  const navigate = useNavigate();

  async function submit(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const password = new FormData(event.currentTarget).get("password");
    if (!(await send("POST", "/api/account/deletion", { password }))) return;
    await forgetAnswers();
    client.clear();
    await navigate("/");
  }

  return (
    <Part title={guest ? guests.throwAway : words.deletion}>
      <p className="max-w-prose">{guest ? guests.throwAwayMeans : words.deletionMeans}</p>
      <form className="mt-2 max-w-sm space-y-3" onSubmit={(event) => void submit(event)} noValidate>
        <CheckField label={guest ? guests.sureToThrowAway : words.sure} checked={sure} onChange={setSure} />
        {sure && !guest && (
          <CredentialField
            name="password"
            label={words.presentPassword}
            type="password"
            autoComplete="current-password"
            problem={problem}
          />
        )}
        <Fault text={ofTheForm(problem)} />
        <button type="submit" className="plain-button" disabled={busy || !sure}>
          {guest ? guests.throwAway : words.deleteAccount}
        </button>
      </form>
    </Part>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-t border-rule pt-3" aria-label={title}>
      <h2 className="mb-2 text-lg">{title}</h2>
      {children}
    </section>
  );
}

function Done({ text }: { text: string }) {
  return (
    <p role="status" className="mt-1">
      {text}
    </p>
  );
}

function ofTheForm(problem: FieldProblem | null): string | undefined {
  return problem?.field === "" ? problem.text : undefined;
}
