import { Dialog } from "radix-ui";
import { useHistory } from "../api/queries";
import { useDesk } from "./desk";

const KINDS: Record<string, string> = { UNDO: "Undone: ", REDO: "Made again: ", EDIT: "" };

/** Who changed what and when. */
export function HistoryDialog({
  open,
  onOpenChange,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  const desk = useDesk();
  const history = useHistory(desk.plan.id, desk.garden.revision, open);
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange} modal={false}>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-14 right-4 z-20 flex max-h-[75vh] w-[26rem] max-w-[calc(100vw-2rem)] flex-col border border-ink bg-white p-4"
        >
          <div className="flex items-baseline">
            <Dialog.Title className="grow text-lg">Edits, newest first</Dialog.Title>
            <Dialog.Close className="text-button">Close</Dialog.Close>
          </div>
          <ol className="relative mt-2 min-h-0 overflow-y-auto">
            {history.data?.length === 0 && <li className="text-soft">Nothing has been edited yet.</li>}
            {(history.data ?? []).map((entry) => (
              <li key={entry.id} className="border-t border-hair py-1.5">
                <span>
                  {KINDS[entry.kind]}
                  {entry.words}
                </span>
                <span className="block text-sm text-soft">
                  {new Date(entry.madeAt).toLocaleString()} · {entry.madeBy}
                </span>
              </li>
            ))}
          </ol>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
