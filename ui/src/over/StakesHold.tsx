import type { components } from "../api/schema";
import { formatPull, formatThickness } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

/** How many stakes hold something down in which wind. */
export function StakesHold({ wind, pull, stake, each, stakes }: components["schemas"]["StakesHold"]) {
  const { units } = useDesk();
  return (
    <p>
      {words.pulls(wind, formatPull(pull, units))}{" "}
      {words.stakes(stakes, formatThickness(stake.thick, units), formatLength(stake.deep, units))}
      {words.each(formatPull(each, units))}
    </p>
  );
}
