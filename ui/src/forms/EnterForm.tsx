import type { ReactNode } from "react";
import { isReadable } from "./isReadable";

interface Props {
  className?: string;
  /** The main thing that is done with what is typed. */
  onEnter: () => void;
  children: ReactNode;
}

/** Fields in which Enter does the main thing, as its submit button does, unless one of them can't be read. */
export function EnterForm({ className, onEnter, children }: Props) {
  return (
    <form
      className={className}
      onSubmit={(event) => {
        event.preventDefault();
        if (isReadable(event.currentTarget)) onEnter();
      }}
      onKeyDown={(event) => {
        // A browser takes Enter in a list for nothing.
        if (event.key !== "Enter" || !(event.target instanceof HTMLSelectElement)) return;
        event.preventDefault();
        event.currentTarget.requestSubmit();
      }}
    >
      {children}
    </form>
  );
}
