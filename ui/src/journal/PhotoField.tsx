import { useId } from "react";
import { words } from "./words";

interface Props {
  label: string;
  /** The one that is chosen; without it only the way to choose is shown. */
  chosen?: File | undefined;
  onChoose: (file: File | undefined) => void;
  /** Of the entry, for those who do not see it. */
  named?: string;
}

/** Takes a photo, or one from the album. */
export function PhotoField({ label, chosen, onChoose, named = label }: Props) {
  const id = useId();
  return (
    <span className="inline-flex flex-wrap items-center gap-2">
      <label htmlFor={id} className="text-button cursor-pointer text-sm focus-within:outline-2 print:hidden">
        {chosen ? words.otherPhoto : label}
        <input
          id={id}
          type="file"
          aria-label={named}
          accept="image/jpeg,image/png,image/webp"
          className="sr-only"
          onChange={(event) => {
            onChoose(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
      </label>
      {chosen && (
        <span className="text-sm">
          {chosen.name}{" "}
          <button
            type="button"
            className="text-button text-sm"
            onClick={() => {
              onChoose(undefined);
            }}
          >
            {words.noPhoto}
          </button>
        </span>
      )}
    </span>
  );
}
