import type { Point } from "../api/types";
import { words } from "../words";
import { ByNumbers } from "./ByNumbers";
import { ToolButton } from "./ToolButton";

interface Props {
  /** What the button does. */
  take: string;
  /** On the button that opens the numbers, and on the one that places the line. */
  labels: readonly [open: string, place: string];
  /** The key that opens the numbers. */
  shortcut: string;
  /** Whether the tool stays in hand after a line. */
  stays?: boolean;
  /** Draws it; why it was not taken goes to `refused`, where it is given. */
  draw: (places: readonly Point[], refused?: (message: string) => void) => Promise<void>;
}

/** A line from one place to another, dragged on the sheet or placed by numbers. */
export function DrawLine({ take, labels, shortcut, stays = false, draw }: Props) {
  return (
    <div className="flex flex-wrap gap-2">
      <ToolButton
        tool={{
          kind: "line",
          stays,
          drawn: (from, to) => {
            void draw([from, to]);
          },
        }}
        take={take}
        inHand={words.drawing.LINE}
      />
      <ByNumbers
        labels={labels}
        shortcut={shortcut}
        extent="LINE"
        size={{ length: 2, width: 2 }}
        onPlace={(geometry, refused) => {
          if (geometry.kind === "PLACES") void draw(geometry.places, refused);
        }}
      />
    </div>
  );
}
