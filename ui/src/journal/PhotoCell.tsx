import { Fault } from "../parts/Fault";
import { useDesk } from "../workspace/desk";
import { photoPath, useWriting, type JournalLine } from "./journal";
import { PhotoField } from "./PhotoField";
import { words } from "./words";

interface Props {
  line: JournalLine;
  /** What the entry says. */
  said: string;
}

/** The photo beside an entry, small, which opens; or the way to one. */
export function PhotoCell({ line: { entry, photo, takenBack }, said }: Props) {
  const { plan } = useDesk();
  const { keepPhoto, removePhoto, refused } = useWriting();
  const path = photoPath(plan.id, entry.id);
  return (
    <>
      {photo ? (
        <span className="inline-flex flex-wrap items-center gap-2">
          <a href={`${path}?large=true`} target="_blank" rel="noreferrer">
            <img
              src={path}
              alt={words.photoOf(said)}
              loading="lazy"
              className="h-16 w-16 border border-rule object-cover"
            />
          </a>
          <button
            type="button"
            className="text-button text-sm print:hidden"
            aria-label={words.removePhotoNamed(said)}
            onClick={() => void removePhoto(entry.id)}
          >
            {words.removePhoto}
          </button>
        </span>
      ) : (
        !takenBack && (
          <PhotoField
            label={words.addPhoto}
            named={words.addPhotoNamed(said)}
            onChoose={(file) => {
              if (file) void keepPhoto(entry.id, file);
            }}
          />
        )
      )}
      <Fault text={refused?.text} />
    </>
  );
}
