import { formatArea, formatMass, formatVolume } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { formatPressure } from "../measure/water";
import { useDesk } from "../workspace/desk";
import type { Furniture, FurnitureTold } from "./furniture";
import { FrontView } from "./FrontView";
import { words } from "./words";

/** What it is cut from, weighs and holds, seen from its longer side, and what to look out for. */
export function FurnitureFigures({ thing, told }: { thing: Furniture; told: FurnitureTold }) {
  const { units, catalogue } = useDesk();
  const boardOf = (key: string) => catalogue.boards.find((board) => board.key === key)?.label ?? key;
  return (
    <div className="space-y-1 text-sm" data-testid="furniture-figures">
      <FrontView thing={thing} />
      {thing.kind !== "OWN" && told.boards.length > 0 && (
        <ul aria-label={words.pieces}>
          {told.boards.map(({ board, length, count }, index) => (
            <li key={index}>
              <span className="figures">{count}</span> × {boardOf(board)},{" "}
              <span className="figures whitespace-nowrap">{formatLength(length, units)}</span>
            </li>
          ))}
        </ul>
      )}
      {told.mesh > 0 && <p>{words.mesh(formatArea(told.mesh, units))}.</p>}
      {told.holds !== undefined && <p>{words.holds(formatVolume(told.holds, units))}.</p>}
      {told.kilograms > 0 && <p>{words.weighs(formatMass(told.kilograms, units))}.</p>}
      {told.pressure !== undefined && (
        <p>{words.barrels(told.barrels, formatPressure(told.pressure, units))}.</p>
      )}
      {told.cautions.map((caution) => (
        <p key={caution}>{caution}</p>
      ))}
    </div>
  );
}
