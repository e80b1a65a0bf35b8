import type { Point } from "../api/types";
import { boundsOf, corners } from "../sheet/geometry";
import { useDesk } from "../workspace/desk";
import { CornerFields } from "../forms/CornerFields";
import { useFieldEdit } from "../forms/useFieldEdit";

/** Pieces of ground apart from the first: a strip by the wall, a plot behind. */
export function FurtherPieces() {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const { site } = desk.plan;

  function put(further: Point[][]) {
    edit("further", { kind: "SetSite", site: { ...site, further } });
  }

  function add() {
    const plot = boundsOf([site.corners, ...site.further].flat());
    const width = plot.right - plot.left;
    const centre = { x: plot.right + 1 + width / 4, y: plot.bottom + 0.6 };
    put([...site.further, corners({ centre, length: width / 2, width: 1.2, turn: 0 })]);
  }

  return (
    <div className="space-y-2">
      {site.further.map((piece, index) => (
        <details key={index} className="border-b border-hair py-1">
          <summary className="cursor-pointer">Further ground {index + 1}</summary>
          <div className="space-y-2 py-2">
            <CornerFields
              corners={piece}
              units={desk.units}
              onChange={(changed) => {
                put(site.further.map((other, i) => (i === index ? changed : other)));
              }}
            />
            <button
              type="button"
              className="plain-button"
              aria-label={`Delete further ground ${String(index + 1)}`}
              onClick={() => {
                put(site.further.filter((_, i) => i !== index));
              }}
            >
              Delete
            </button>
          </div>
        </details>
      ))}
      {faults["further"] && (
        <p role="alert" className="text-sm text-snag">
          {faults["further"]}
        </p>
      )}
      <button type="button" className="plain-button" onClick={add}>
        Add a piece of ground
      </button>
    </div>
  );
}
