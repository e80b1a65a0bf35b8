import { formatMass } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { useDesk } from "../workspace/desk";
import type { HoopSet, HoopTold } from "./hoops";
import { SideView } from "./SideView";
import { GluedUp } from "../over/GluedUp";
import { words as everyBed } from "../over/words";
import { words } from "./words";

/** What a set takes, a side view for each width of bed, and what to look out for. */
export function HoopFigures({ set, told }: { set: HoopSet; told: HoopTold }) {
  const { units, bedById } = useDesk();
  const going = told.over.filter(({ misfit }) => !misfit);
  const widths = going.filter(({ span }, index) => going.findIndex((other) => other.span === span) === index);
  return (
    <div className="space-y-1">
      {told.cut !== undefined && told.bows > 0 && (
        <p className="text-sm" data-testid="hoop-figures">
          {words.each(
            words.count(told.bows),
            formatLength(told.cut, units),
            formatMass(told.kilograms, units),
          )}
        </p>
      )}
      {told.glued && <GluedUp bow={told.glued} />}
      {widths.map((over) => (
        <figure key={over.bed}>
          <SideView
            bow={over}
            depth={set.depth}
            label={(rise, span) => words.sideView(bedById.get(over.bed)?.name ?? everyBed.aBed, rise, span)}
          />
          <figcaption className="text-sm text-soft">
            {words.bend(formatLength(over.tightest, units))}
          </figcaption>
        </figure>
      ))}
      {told.cautions.map((caution) => (
        <p key={caution} className="text-sm">
          {caution}
        </p>
      ))}
    </div>
  );
}
