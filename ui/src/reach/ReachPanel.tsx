import type { Gardener } from "../api/types";
import { formatArea, formatShare } from "../measure/figures";
import { freeName } from "../edits/changes";
import { hatchId, Swatch } from "../sheet/Patterns";
import { words } from "./words";
import { Explain } from "../terms/Explain";
import { useDesk } from "../workspace/desk";
import { CarrierList } from "./CarrierList";
import { EdgeList } from "./EdgeList";
import { GardenerForm } from "./GardenerForm";
import { WalkList } from "./WalkList";
import { WaysInList } from "../ground/WaysInList";

/** Who gardens, how far they reach and what they need to pass, and what of each bed that leaves. */
export function ReachPanel() {
  const desk = useDesk();
  const gardeners = desk.plan.gardeners;

  function add() {
    const [preset] = desk.catalogue.reaches;
    const [passing] = desk.catalogue.passings;
    if (!preset || !passing) return;
    const name = freeName(
      "Gardener",
      gardeners.map((gardener) => gardener.name),
    );
    const { reach, posture } = preset;
    desk.submit({
      kind: "PutGardener",
      gardener: { id: crypto.randomUUID(), name, reach, posture, passing: passing.width },
    });
  }

  return (
    <div className="space-y-4">
      <h3>Who gardens</h3>
      {gardeners.length === 0 && <p className="text-soft">{words.noGardeners}</p>}
      {gardeners.map((gardener, index) => (
        <GardenerForm key={gardener.id} gardener={gardener} index={index} />
      ))}
      <button
        type="button"
        className="strong-button"
        aria-keyshortcuts="Shift+G"
        title="Shift+G"
        onClick={add}
      >
        Add gardener
      </button>
      <details>
        <summary className="cursor-pointer font-semibold">How to measure your own reach</summary>
        <p className="mt-1 text-soft">{desk.catalogue.measureYourOwn}</p>
      </details>
      <EdgeList />
      <ReachTable gardeners={gardeners} />
      <WaysInList />
      <CarrierList />
      <WalkList />
    </div>
  );
}

function ReachTable({ gardeners }: { gardeners: readonly Gardener[] }) {
  const desk = useDesk();
  const missed = (desk.report?.beds ?? []).filter((bed) =>
    bed.reach.some((reach) => reach.unreached.area > 0),
  );
  if (gardeners.length === 0) return null;
  return (
    <div className="border-t border-rule pt-2">
      <div className="flex items-center">
        <h3>Out of reach in {desk.season}</h3>
        <Explain term="reach" />
      </div>
      {missed.length === 0 && <p className="text-soft">Everybody reaches all of every bed.</p>}
      {missed.map((bed) => (
        <div key={bed.bed} className="border-b border-hair py-1">
          <button
            type="button"
            className="text-button"
            onClick={() => {
              desk.select([bed.bed]);
            }}
          >
            {bed.name}
          </button>
          <ul className="text-sm">
            {bed.reach
              .filter((reach) => reach.unreached.area > 0)
              .map((reach) => (
                <li key={reach.gardener} className="flex items-center gap-2">
                  <Swatch pattern={hatchId(gardeners.findIndex((g) => g.id === reach.gardener))} />
                  <span className="grow truncate">
                    {gardeners.find((g) => g.id === reach.gardener)?.name}
                  </span>
                  <span className="figures">
                    {formatShare(reach.unreached.area / bed.soil)} ·{" "}
                    {formatArea(reach.unreached.area, desk.units)}
                  </span>
                </li>
              ))}
            {bed.nobody.area > 0 && (
              <li className="flex items-center gap-2 text-snag">
                <Swatch pattern="hatch-nobody" />
                <span className="grow">nobody at all</span>
                <span className="figures">
                  {formatShare(bed.nobody.area / bed.soil)} · {formatArea(bed.nobody.area, desk.units)}
                </span>
              </li>
            )}
          </ul>
        </div>
      ))}
    </div>
  );
}
