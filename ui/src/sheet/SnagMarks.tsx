import { useDesk } from "../workspace/desk";
import { toSheet, type View } from "./view";

/** The number of every snag at its place; serious ones filled. */
export function SnagMarks({ view }: { view: View }) {
  const { report } = useDesk();
  return (
    <g pointerEvents="none" aria-hidden="true">
      {(report?.snags ?? []).map((snag, index) => {
        if (!snag.place) return null;
        const { x, y } = toSheet(view, snag.place);
        const serious = snag.weight === "SERIOUS";
        return (
          <g key={index} transform={`translate(${x.toFixed(1)} ${y.toFixed(1)})`}>
            <path
              d="M0 0L-7-12H-10V-28H10V-12H7Z"
              fill={serious ? "var(--color-snag)" : "white"}
              stroke="var(--color-snag)"
              strokeWidth="1.5"
            />
            <text
              y="-15.5"
              textAnchor="middle"
              fontSize="12"
              fontWeight="700"
              fill={serious ? "white" : "var(--color-snag)"}
            >
              {index + 1}
            </text>
          </g>
        );
      })}
    </g>
  );
}
