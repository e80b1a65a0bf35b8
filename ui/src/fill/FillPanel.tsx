import { formatVolume } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { byName } from "../parts/byName";
import { PaperLink } from "../papers/PaperLink";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { BillTable } from "../purse/BillTable";
import { FillingForm } from "./FillingForm";
import { InGroundForm } from "./InGroundForm";
import { SoilSupplies } from "./SoilSupplies";
import { SupplyForm } from "./SupplyForm";

/** How much soil each bed takes, and how it is bought. */
export function FillPanel() {
  const desk = useDesk();
  const beds = byName(desk.report?.beds ?? []);
  const filled = beds.filter((bed) => bed.fill > 0);
  const chosen = beds.filter((bed) => desk.selection.has(bed.bed));
  const meant = chosen.length > 0 ? chosen : beds;
  const planned = (judged: typeof beds) =>
    judged.flatMap(({ bed }) => desk.plan.beds.find(({ id }) => id === bed) ?? []);
  const flat = planned(meant.filter(({ height }) => height === 0));
  const boxes = planned(meant.filter(({ height }) => height > 0));
  const soil = (desk.report?.bill ?? []).filter((line) => line.part === "FILL");
  return (
    <div className="space-y-3">
      <p className="text-soft">
        Framed beds are filled to {formatLength(desk.catalogue.freeboard, desk.units)} below the top. Beds in
        the ground need nothing brought in, or compost on top.
      </p>
      <table className="w-full text-sm">
        <thead>
          <tr className="border-b border-rule text-left text-soft">
            <th className="font-normal">Bed in {desk.season}</th>
            <th className="text-right font-normal">deep</th>
            <th className="text-right font-normal">holds</th>
          </tr>
        </thead>
        <tbody>
          {filled.map((bed) => (
            <tr
              key={bed.bed}
              className={`border-b border-hair ${desk.selection.has(bed.bed) ? "bg-markpale" : ""}`}
            >
              <td className="max-w-32 truncate py-1">
                <button
                  type="button"
                  className="text-button"
                  onClick={() => {
                    desk.select([bed.bed]);
                  }}
                >
                  {bed.name}
                </button>
              </td>
              <td className="figures text-right whitespace-nowrap">
                {formatLength(bed.fillDepth, desk.units)}
              </td>
              <td className="figures text-right whitespace-nowrap">{formatVolume(bed.fill, desk.units)}</td>
            </tr>
          ))}
          <tr className="font-semibold">
            <td className="py-1">Together</td>
            <td />
            <td className="figures text-right">
              {formatVolume(
                filled.reduce((sum, bed) => sum + bed.fill, 0),
                desk.units,
              )}
            </td>
          </tr>
        </tbody>
      </table>
      <PaperLink paper="fill" />
      <FillingForm key={boxes.map((bed) => bed.id).join()} beds={boxes} />
      <InGroundForm beds={flat} />
      <SupplyForm />
      <h3>What to buy, by season</h3>
      <BillTable lines={soil} empty="No soil to buy." />
      <p className="text-sm text-soft">
        Bags or bulk, whichever is cheaper for the season, delivery included. What settles is a later year’s
        top-up, not ordered at once.
      </p>
      <SoilSupplies />
      <p className="text-sm text-soft">{words.soilCaution}</p>
    </div>
  );
}
