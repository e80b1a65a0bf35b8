import { useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { Link, useNavigate } from "react-router";
import { request } from "../api/client";
import { keys } from "../api/queries";
import type { SessionView } from "../api/types";
import { Fault } from "../parts/Fault";
import { TextField } from "../parts/TextField";
import { words as everywhere } from "../words";
import { CredentialField } from "./CredentialField";
import { fieldProblem, type FieldProblem } from "./fieldProblem";
import { words } from "./words";

/** Sets a password that was forgotten anew, with a code. */
export function RecoveryPage() {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [code, setCode] = useState("");
  const [problem, setProblem] = useState<FieldProblem | null>(null);
  const [busy, setBusy] = useState(false);

  async function submit(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    setBusy(true);
    try {
      const session = await request<SessionView>("POST", "/api/session/recovery", {
        name: fields.get("name"),
        code,
        wanted: fields.get("wanted"),
      });
      client.setQueryData(keys.session, session);
      await client.invalidateQueries({ queryKey: keys.gardens });
      await navigate("/gardens");
    } catch (failure) {
      setProblem(fieldProblem(failure));
      setBusy(false);
    }
  }

  return (
    <main className="mx-auto max-w-md px-5 py-8">
      <h1 className="text-2xl">{words.recovery}</h1>
      <p className="mt-2">{words.recoveryHow}</p>
      <form className="mt-4 space-y-3" onSubmit={(event) => void submit(event)} noValidate>
        <CredentialField
          name="name"
          label={everywhere.signInName}
          type="email"
          autoComplete="username"
          problem={problem}
        />
        <TextField
          label={words.code}
          value={code}
          fault={problem?.field === "code" ? problem.text : undefined}
          onCommit={setCode}
        />
        <CredentialField
          name="wanted"
          label={words.newPassword}
          type="password"
          autoComplete="new-password"
          problem={problem}
        />
        <Fault text={problem?.field === "" ? problem.text : undefined} />
        <div className="flex items-center gap-4">
          <button type="submit" className="strong-button" disabled={busy}>
            {words.setPassword}
          </button>
          <Link to="/" className="text-button text-sm">
            {words.backToSignIn}
          </Link>
        </div>
      </form>
    </main>
  );
}
