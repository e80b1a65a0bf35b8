import { Dialog } from "radix-ui";
import { useDesk } from "./desk";

const KEYS: readonly (readonly [where: string, keys: readonly (readonly [string, string])[]])[] = [
  [
    "Anywhere but in a field",
    [
      ["1 to 7", "go to a step of the order of work"],
      ["B", "draw a bed"],
      ["N", "place a bed by numbers, under Ground another thing"],
      ["A", "arrange the selected beds: align, repeat, mirror"],
      ["G, W", "under Walks & reach: a gate, a walk by numbers"],
      ["Shift G", "under Walks & reach: add a gardener"],
      ["C, Shift C", "under Ground: add compost bays, or put them by numbers"],
      ["Control A", "select all beds"],
      ["Control Z, Control Y", "undo, redo"],
      ["[ and ]", "fold the panel or the snags away, and back"],
      ["?", "this list"],
    ],
  ],
  [
    "On the sheet",
    [
      ["Tab, Shift Tab", "to the next thing in reading order, or back; after the last one out of the sheet"],
      ["Enter", "to the numbers of the thing"],
      ["Arrow keys", "move what is selected by the snap step, with Shift by ten"],
      ["R, Shift R", "turn it by 15 degrees, or back"],
      ["D", "duplicate it"],
      ["P", "pin its dimensions, or let them go"],
      ["Delete", "take it out"],
      ["Escape", "select nothing, or give up what is being done"],
      ["Alt while dragging", "set snapping aside"],
      ["Space while dragging, or the wheel", "move or zoom the sheet"],
    ],
  ],
  [
    "In a field",
    [
      ["Up, Down, Home, End", "in a list: to another entry; Tab leaves the list"],
      ["Enter", "take what is typed; in a form by numbers, place the thing"],
      ["Escape", "give it up"],
    ],
  ],
];

/** Every key that does something. */
export function Shortcuts() {
  const { help, setHelp } = useDesk();
  return (
    <Dialog.Root open={help} onOpenChange={setHelp}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-50 max-h-[85dvh] w-[38rem] max-w-[calc(100vw-2rem)] -translate-1/2 overflow-y-auto border border-ink bg-white p-4"
        >
          <div className="flex items-baseline">
            <Dialog.Title className="grow text-lg">Keys</Dialog.Title>
            <Dialog.Close className="text-button">Close</Dialog.Close>
          </div>
          {KEYS.map(([where, keys]) => (
            <section key={where}>
              <h3 className="mt-3 border-b border-rule">{where}</h3>
              <dl className="grid grid-cols-[13rem_1fr]">
                {keys.map(([key, does]) => (
                  <div key={key} className="contents">
                    <dt className="figures border-b border-hair py-1">{key}</dt>
                    <dd className="border-b border-hair py-1">{does}</dd>
                  </div>
                ))}
              </dl>
            </section>
          ))}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
