import { formatArea, formatMass } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { useDesk } from "../workspace/desk";
import type { BedCover, CoverTold } from "./covers";
import { EndView } from "./EndView";
import { words } from "./words";

/** What a cover weighs and is cut from, seen from its end, and what to look out for. */
export function CoverFigures({ cover, told }: { cover: BedCover; told: CoverTold }) {
  const { units } = useDesk();
  const slope = formatLength(told.slope, units);
  const mass = formatMass(told.sectionKilograms, units);
  return (
    <div className="space-y-1 text-sm" data-testid="cover-figures">
      <EndView cover={cover} />
      <p>
        {cover.sections === 1 ? words.whole(mass) : words.section(formatLength(told.section, units), mass)}.
      </p>
      {cover.kind === "COLD_FRAME" && (
        <>
          <p>{words.lid(slope, told.tilt, formatMass(told.lidKilograms, units))}.</p>
          <p>
            {words.prop(formatLength(told.prop, units))}. {words.opener}
          </p>
        </>
      )}
      {cover.kind === "CLOCHE" && <p>{words.lean(slope, told.tilt)}.</p>}
      <table className="w-full">
        <caption className="text-left font-semibold">{words.cut}</caption>
        <thead>
          <tr className="text-left">
            <th scope="col">{words.part}</th>
            <th scope="col">{words.size}</th>
            <th scope="col" className="text-right">
              {words.count}
            </th>
          </tr>
        </thead>
        <tbody>
          {told.sheets.map(({ name, from, length, width, count }) => (
            <tr key={name} className="border-t border-hair">
              <td>
                {name} <span className="text-soft">{from}</span>
              </td>
              <td className="figures whitespace-nowrap">
                {formatLength(length, units)} × {formatLength(width, units)}
              </td>
              <td className="figures text-right">{count}</td>
            </tr>
          ))}
          {told.battens.map(({ length, count }) => (
            <tr key={length} className="border-t border-hair">
              <td>{words.batten}</td>
              <td className="figures whitespace-nowrap">{formatLength(length, units)}</td>
              <td className="figures text-right">{count}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {told.sideEnds.length === 2 && (
        <p>
          {words.aslant(
            formatLength(told.sideEnds[0] ?? 0, units),
            formatLength(told.sideEnds[1] ?? 0, units),
          )}
        </p>
      )}
      {cover.kind === "CLOCHE" && (
        <p>{words.triangles(formatLength(cover.width, units), formatLength(cover.high, units))}</p>
      )}
      {told.net > 0 && <p>{words.net(formatArea(told.net, units))}.</p>}
      {told.cautions.map((caution) => (
        <p key={caution}>{caution}</p>
      ))}
    </div>
  );
}
