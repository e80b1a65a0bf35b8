import { useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { Link, useNavigate } from "react-router";
import { request } from "../api/client";
import { keys, useSession } from "../api/queries";
import type { SessionView } from "../api/types";
import { words } from "../words";
import { CredentialField } from "./CredentialField";
import { fieldProblem, type FieldProblem } from "./fieldProblem";
import { Frontispiece } from "./Frontispiece";

/** Signing up and in, and the way into the demo. */
export function SignInPage() {
  const session = useSession();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [problem, setProblem] = useState<FieldProblem | null>(null);
  const [busy, setBusy] = useState(false);

  async function open(path: string, body?: unknown) {
    setBusy(true);
    try {
      const opened = await request<SessionView>("POST", path, body);
      client.setQueryData(keys.session, opened);
      await client.invalidateQueries({ queryKey: keys.gardens });
      await navigate("/gardens");
    } catch (failure) {
      setProblem(fieldProblem(failure));
    } finally {
      setBusy(false);
    }
  }

  function submit(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const form = new FormData(event.currentTarget, (event.nativeEvent as SubmitEvent).submitter);
    const credentials = { name: form.get("name"), password: form.get("password") };
    void open(form.get("act") === "up" ? "/api/accounts" : "/api/session", credentials);
  }

  return (
    <main className="mx-auto grid min-h-full max-w-5xl content-center gap-x-16 gap-y-8 px-5 py-8 md:grid-cols-[1.15fr_1fr]">
      <div>
        <h1 className="text-4xl">Fair Acre</h1>
        <p className="mt-3 max-w-md text-lg">
          Draw your vegetable plot to scale. Fair Acre measures, reckons and judges it while you draw: who
          reaches what, who gets through where, what it takes and what it costs.
        </p>
        <Frontispiece />
      </div>
      <div className="self-center">
        {session.data?.name !== undefined && (
          <p className="mb-4 border border-mark bg-markpale px-3 py-2">
            You are signed in as {session.data.name}.{" "}
            <Link to="/gardens" className="text-button">
              Your gardens
            </Link>
          </p>
        )}
        {session.failureReason && <p className="mb-3 bg-ochrepale px-3 py-1">{words.awayIdle}</p>}
        <form className="space-y-3" onSubmit={submit} noValidate>
          <CredentialField
            name="name"
            label="E-mail or user name"
            type="email"
            autoComplete="username"
            problem={problem}
          />
          <CredentialField
            name="password"
            label="Password, at least 10 characters"
            type="password"
            autoComplete="current-password"
            problem={problem}
          />
          {problem?.field === "" && (
            <p role="alert" className="text-snag">
              {problem.text}
            </p>
          )}
          <div className="flex gap-2">
            <button type="submit" name="act" value="in" className="strong-button" disabled={busy}>
              Sign in
            </button>
            <button type="submit" name="act" value="up" className="plain-button" disabled={busy}>
              Sign up
            </button>
          </div>
        </form>
        {session.data?.demoOffered && (
          <div className="mt-6 border-t border-rule pt-4">
            <button
              type="button"
              className="plain-button w-full"
              disabled={busy}
              onClick={() => void open("/api/session/demo")}
            >
              Look round the demo
            </button>
            <p className="mt-1 text-sm text-soft">
              A walled yard by a harbour light: three gardeners, one of them seated, and a few snags to find.
              Everybody shares it.
            </p>
          </div>
        )}
      </div>
    </main>
  );
}
