import { useId } from "react";
import { faultProps, FieldFrame } from "../parts/FieldFrame";
import type { FieldProblem } from "./fieldProblem";

interface Props {
  name: string;
  label: string;
  type: "email" | "password";
  autoComplete: string;
  problem: FieldProblem | null;
}

/** A name or a password; the browser may fill it in. */
export function CredentialField({ name, label, type, autoComplete, problem }: Props) {
  const id = useId();
  const fault = problem?.field === name ? problem.text : undefined;
  return (
    <FieldFrame id={id} label={label} fault={fault}>
      <input
        id={id}
        name={name}
        type={type}
        autoComplete={autoComplete}
        className={`field ${fault ? "border-2 border-snag" : ""}`}
        {...faultProps(id, fault)}
      />
    </FieldFrame>
  );
}
