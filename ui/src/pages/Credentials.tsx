import { words } from "../words";
import { CredentialField } from "./CredentialField";
import type { FieldProblem } from "./fieldProblem";

interface Props {
  problem: FieldProblem | null;
  /** Whether the password is chosen here. */
  chosen?: boolean;
}

/** The name and the password of an account. */
export function Credentials({ problem, chosen = false }: Props) {
  return (
    <>
      <CredentialField
        name="name"
        label={words.signInName}
        type="email"
        autoComplete="username"
        problem={problem}
      />
      <CredentialField
        name="password"
        label={words.password}
        type="password"
        autoComplete={chosen ? "new-password" : "current-password"}
        problem={problem}
      />
    </>
  );
}
