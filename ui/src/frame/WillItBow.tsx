import type { BedAppraisal } from "../api/types";
import { formatLength } from "../measure/lengths";
import { useDesk } from "../workspace/desk";

type Bowing = NonNullable<BedAppraisal["bowing"]>;

/** Whether the sides of a bed bow under wet soil, and the ties that hold them. */
export function WillItBow({ bowing }: { bowing: Bowing }) {
  const { units } = useDesk();
  const tied = bowing.sides.filter((side) => side.ties > 0);
  return (
    <section className="mt-2" data-testid="bowing">
      <h3>Will it bow?</h3>
      {tied.length === 0 && <p>No: its boards hold the soil from corner to corner.</p>}
      {tied.map((side) => (
        <p key={side.length}>
          Ties or stakes every <span className="figures">{formatLength(side.spacing, units)}</span>:{" "}
          <span className="figures">{side.ties}</span> in each side of{" "}
          <span className="figures">{formatLength(side.length, units)}</span>
          {side.untied === undefined ? (
            ", which would give way altogether without."
          ) : (
            <>
              , which would bow by <span className="figures">{formatLength(side.untied, units)}</span>{" "}
              without.
            </>
          )}
          {side.stakes && (
            <>
              {" "}
              As stakes: <span className="figures">{side.stakes.count}</span> of {side.stakes.board},{" "}
              <span className="figures">{formatLength(side.stakes.length, units)}</span> long,{" "}
              <span className="figures">{formatLength(side.stakes.depth, units)}</span> of it in the ground.
            </>
          )}
        </p>
      ))}
      <p className="text-sm text-soft">
        Wet soil presses {bowing.kilopascals.toFixed(1)} kPa on the lowest course,{" "}
        {bowing.newtonsPerMetre.toFixed(0)} N on each metre of it; such a board holds that over{" "}
        {formatLength(bowing.span, units)}, with creep over the years.
      </p>
    </section>
  );
}
