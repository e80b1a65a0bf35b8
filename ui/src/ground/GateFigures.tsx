import type { components } from "../api/schema";
import { formatMass } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { SmallTable } from "../parts/SmallTable";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

/** What a gate takes: its posts, its leaves and how each is made. */
export function GateFigures({ made }: { made: components["schemas"]["Made"] }) {
  const { units, catalogue } = useDesk();
  const board = (key: string) => catalogue.boards.find((each) => each.key === key)?.label ?? key;
  const size = `${formatLength(made.leaf, units)} × ${formatLength(made.high, units)}`;
  return (
    <div className="space-y-1 text-xs" data-testid="gate-figures">
      <SmallTable
        rows={[
          { key: "between", head: words.gate.between, cells: [formatLength(made.between, units)] },
          { key: "leaf", head: words.gate.leaf(made.leaves), cells: [size] },
          { key: "mass", head: words.gate.mass, cells: [formatMass(made.mass, units)] },
        ]}
      />
      <ul>
        {made.pieces.map(({ part, board: key, length, count }) => (
          <li key={part}>
            <span className="figures">{count}</span> × {words.gate.parts[part]}{" "}
            <span className="figures">{formatLength(length, units)}</span>{" "}
            <span className="text-soft">{board(key)}</span>
          </li>
        ))}
        {made.fittings.map(({ label, count }) => (
          <li key={label}>
            <span className="figures">{count}</span> × {label}
          </li>
        ))}
      </ul>
      <p>{words.gate.braces[made.brace]}</p>
      {made.post && (
        <p>
          {words.gate.post(
            Math.round(made.post.moment),
            made.post.stress.toFixed(1),
            made.post.allowed.toFixed(1),
            formatLength(made.post.depth, units),
          )}
        </p>
      )}
    </div>
  );
}
