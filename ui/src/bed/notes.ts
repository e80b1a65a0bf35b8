import type { BedAppraisal, Rectangle } from "../api/types";
import { formatMoney, formatShare, formatVolume } from "../measure/figures";
import { formatDimension } from "../measure/lengths";
import { formatFlow } from "../measure/water";
import type { Desk } from "../workspace/desk";
import { dayOfHalf } from "../measure/halfMonths";

function sizeOf({ length, width }: Rectangle, units: Desk["units"]): string {
  return `${formatDimension(length, units)} × ${formatDimension(width, units)}`;
}

/** Which of the pests that are named get to a bed on foot; undefined where none is named. */
function openTo({ report, plan }: Pick<Desk, "report" | "plan">, bed: string): string | undefined {
  const onFoot = (report?.fencing.pests ?? []).filter(({ needs }) => needs);
  if (onFoot.length === 0) return undefined;
  const open = onFoot.filter((row) => row.open.includes(bed)).map(({ pest }) => pest);
  const names = plan.pests.filter(({ id }) => open.includes(id)).map(({ name }) => name);
  return names.length === 0 ? "closed in" : `open to ${names.join(", ")}`;
}

/** What grows in a bed on the day that is shown. */
function growing({ plan, season, shown }: Pick<Desk, "plan" | "season" | "shown">, bed: string): string {
  const day = dayOfHalf(season, plan.yearBegins ?? "--01-01", shown.sun.half);
  const names = plan.plantings
    .filter((planting) => planting.bed === bed && planting.from <= day && day < planting.until)
    .map(({ name }) => name);
  return names.length === 0 ? "bare" : [...new Set(names)].join(", ");
}

/** What is written under a bed's name: each step of the trade order has its own figure. */
export function bedNote(
  desk: Pick<Desk, "step" | "units" | "judged" | "report" | "plan" | "season" | "shown">,
  bed: BedAppraisal,
  outline: Rectangle,
): string {
  switch (desk.step) {
    case "ground":
    case "beds":
    case "sun":
      return sizeOf(outline, desk.units);
    case "reach": {
      const missed = Math.max(0, ...bed.reach.map((reach) => reach.unreached.area));
      return missed === 0 ? "all reached" : `${formatShare(missed / bed.soil)} missed`;
    }
    case "frames":
      return bed.height === 0 ? "no frame" : `${formatDimension(bed.height, desk.units)} high`;
    case "fill":
      return bed.fill === 0 ? "no fill" : formatVolume(bed.fill, desk.units);
    case "water": {
      const lines = desk.report?.water.zones
        .flatMap(({ beds }) => beds)
        .filter((watered) => watered.bed === bed.bed);
      const flow = lines?.reduce((sum, watered) => sum + watered.flow, 0) ?? 0;
      return flow === 0 ? "by hand" : formatFlow(flow, desk.units);
    }
    case "fence":
      return openTo(desk, bed.bed) ?? sizeOf(outline, desk.units);
    case "crops":
      return growing(desk, bed.bed);
    case "purse": {
      // What a bed would cost alone is worked out in full judgements only.
      const cost = desk.judged?.beds.find((other) => other.bed === bed.bed)?.aloneCost;
      return cost ? formatMoney(cost) : "";
    }
  }
}
