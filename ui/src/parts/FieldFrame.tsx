import type { ReactNode } from "react";
import { Explain } from "../terms/Explain";
import type { TermName } from "../terms/terms";

interface Props {
  id: string;
  label: string;
  hideLabel?: boolean | undefined;
  fault?: string | undefined;
  /** The word of the label that may be new to somebody. */
  explain?: TermName | undefined;
  children: ReactNode;
}

/** Label above a field and, below, what is wrong with it. */
export function FieldFrame({ id, label, hideLabel, fault, explain, children }: Props) {
  return (
    <div>
      <div className={hideLabel ? "contents" : "flex items-center text-sm text-soft"}>
        <label htmlFor={id} className={hideLabel ? "sr-only" : ""}>
          {label}
        </label>
        {explain && <Explain term={explain} />}
      </div>
      {children}
      {fault && (
        <p id={`${id}-fault`} role="alert" className="mt-0.5 text-sm text-snag">
          {fault}
        </p>
      )}
    </div>
  );
}

/** What ties an input to the fault in its frame. */
export function faultProps(id: string, fault: string | undefined) {
  return { "aria-invalid": fault !== undefined, "aria-describedby": fault ? `${id}-fault` : undefined };
}
