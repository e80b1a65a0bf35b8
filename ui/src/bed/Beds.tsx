import type { BedAppraisal } from "../api/types";
import type { DrawProps } from "../sheet/layer";
import { useDesk } from "../workspace/desk";
import { BedShape } from "./BedShape";

/** The beds of the season; what is selected lies on top of its neighbours. */
export function Beds({ view, moved, selected }: DrawProps) {
  const { report, outlines, plan } = useDesk();
  const beds = report?.beds ?? [];
  const drawn = (bed: BedAppraisal) => {
    const hand = moved.get(bed.bed);
    return hand?.kind === "BOX" ? hand.outline : (outlines.get(bed.bed) ?? bed.outline);
  };
  return [...beds]
    .sort((a, b) => Number(selected.has(a.bed)) - Number(selected.has(b.bed)))
    .map((bed) => (
      <BedShape
        key={bed.bed}
        bed={bed}
        outline={drawn(bed)}
        view={view}
        gardeners={plan.gardeners}
        selected={selected.has(bed.bed)}
      />
    ));
}
