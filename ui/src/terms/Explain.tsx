import { Popover } from "radix-ui";
import { useState } from "react";
import { TERMS, type Term, type TermName } from "./terms";

/** A small question mark beside a word: what it means comes on hover, on focus, and on a tap. */
export function Explain({ term }: { term: TermName }) {
  const [open, setOpen] = useState(false);
  const { word, says, Drawing }: Term = TERMS[term];
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        type="button"
        className="group inline-flex size-6 shrink-0 cursor-help items-center justify-center align-middle"
        aria-label="What does this mean?"
        data-term={term}
        onPointerEnter={({ pointerType }) => {
          if (pointerType === "mouse") setOpen(true);
        }}
        onPointerLeave={({ pointerType }) => {
          if (pointerType === "mouse") setOpen(false);
        }}
        onFocus={({ target }) => {
          if (target.matches(":focus-visible")) setOpen(true);
        }}
        onBlur={() => {
          setOpen(false);
        }}
      >
        <span className="flex size-4.5 items-center justify-center rounded-full border border-soft text-xs leading-none text-soft group-hover:border-mark group-hover:text-mark">
          ?
        </span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className="z-50 max-w-72 border border-ink bg-white p-3 text-sm"
          sideOffset={4}
          collisionPadding={8}
          role="note"
          aria-label={word}
          onOpenAutoFocus={(event) => {
            event.preventDefault();
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
          }}
        >
          <strong>{word}.</strong> {says}
          {Drawing && <Drawing />}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
