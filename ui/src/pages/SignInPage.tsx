import { useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { Link, useNavigate } from "react-router";
import { request } from "../api/client";
import { keys, useSession } from "../api/queries";
import type { DemoView, SessionView } from "../api/types";
import { words as everywhere } from "../words";
import { Credentials } from "./Credentials";
import { fieldProblem, type FieldProblem } from "./fieldProblem";
import { Frontispiece } from "./Frontispiece";
import { dayOf } from "./guests";
import { guests, words } from "./words";

/** Signing up and in, and the way into the demo. */
export function SignInPage() {
  const session = useSession();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [problem, setProblem] = useState<FieldProblem | null>(null);
  const [busy, setBusy] = useState(false);

  async function enter(asked: () => Promise<{ session: SessionView; to: string }>) {
    setBusy(true);
    try {
      const opened = await asked();
      client.setQueryData(keys.session, opened.session);
      await client.invalidateQueries({ queryKey: keys.gardens });
      await navigate(opened.to);
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
    const path = form.get("act") === "up" ? "/api/accounts" : "/api/session";
    void enter(async () => ({ session: await request("POST", path, credentials), to: "/gardens" }));
  }

  async function lookRound() {
    const { session: opened, garden } = await request<DemoView>("POST", "/api/session/demo");
    return { session: opened, to: `/gardens/${garden}` };
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
        <Link to="/guide" className="text-button mt-3 inline-block">
          {words.guide}
        </Link>
      </div>
      <div className="self-center">
        {session.data?.name !== undefined && (
          <p className="mb-4 border border-mark bg-markpale px-3 py-2">
            {session.data.guestUntil
              ? guests.lookingRound(dayOf(session.data.guestUntil))
              : `You are signed in as ${session.data.name}.`}{" "}
            <Link to="/gardens" className="text-button">
              Your gardens
            </Link>
          </p>
        )}
        {session.failureReason && <p className="mb-3 bg-ochrepale px-3 py-1">{everywhere.awayIdle}</p>}
        <form className="space-y-3" onSubmit={submit} noValidate>
          <Credentials problem={problem} />
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
              {everywhere.signUp}
            </button>
            <Link to="/recovery" className="text-button ml-auto self-center text-sm">
              {words.forgotten}
            </Link>
          </div>
        </form>
        {session.data?.demoOffered && (
          <div className="mt-6 border-t border-rule pt-4">
            <button
              type="button"
              className="plain-button w-full"
              disabled={busy}
              onClick={() => void enter(lookRound)}
            >
              Look round the demo
            </button>
            <p className="mt-1 text-sm text-soft">
              A walled yard by a harbour light: three gardeners, one of them seated, and a few snags to find.
              You get a copy of your own, without signing up: change what you like.
            </p>
          </div>
        )}
      </div>
    </main>
  );
}
