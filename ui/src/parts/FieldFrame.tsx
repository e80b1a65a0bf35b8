import type { ReactNode } from "react";

interface Props {
  id: string;
  label: string;
  hideLabel?: boolean | undefined;
  fault?: string | undefined;
  children: ReactNode;
}

/** Label above a field and, below, what is wrong with it. */
export function FieldFrame({ id, label, hideLabel, fault, children }: Props) {
  return (
    <div>
      <label htmlFor={id} className={hideLabel ? "sr-only" : "block text-sm text-soft"}>
        {label}
      </label>
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
