import type { ReactNode, RefObject } from "react";

interface Props {
  /** Takes the focus when what was offered is taken or put away. */
  asker: RefObject<HTMLButtonElement | null>;
  busy?: boolean;
  onAsk: () => void;
  children: ReactNode;
}

/** Asks for something that takes a while. It keeps the focus meanwhile, as a disabled button would not. */
export function AskButton({ asker, busy = false, onAsk, children }: Props) {
  return (
    <button
      ref={asker}
      type="button"
      className="plain-button"
      aria-disabled={busy}
      onClick={() => {
        if (!busy) onAsk();
      }}
    >
      {children}
    </button>
  );
}
