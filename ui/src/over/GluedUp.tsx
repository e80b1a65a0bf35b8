import type { components } from "../api/schema";
import { formatGrams, formatThickness } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { SmallTable } from "../parts/SmallTable";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

type GluedBow = components["schemas"]["GluedBow"];

/** Metres: narrower is dust. */
const WORTH_TELLING = 0.0005;

/** Of which strips a bow is glued up, what that takes, and how long each strip is. */
export function GluedUp({ bow }: { bow: GluedBow }) {
  const { units, catalogue } = useDesk();
  const label = catalogue.boards.find(({ key }) => key === bow.board)?.label ?? bow.board;
  return (
    <div className="space-y-1 text-sm" data-testid="glued-bow">
      <p>
        {words.strips(bow.strips, formatThickness(bow.thickness, units))} {words.ripped(label, bow.toABoard)}
        {bow.left >= WORTH_TELLING && words.rest(formatThickness(bow.left, units))}.
      </p>
      <p>{words.glue(formatGrams(bow.glue, units), bow.clamps)}</p>
      <SmallTable
        caption={words.layers}
        rows={bow.layers.map((length, layer) => ({
          key: String(layer),
          head: words.layer(layer + 1, bow.layers.length),
          cells: [formatLength(length, units)],
        }))}
      />
    </div>
  );
}
