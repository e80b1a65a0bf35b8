import { formatArea, formatSpread, formatThickness, formatVolume } from "../measure/figures";
import { formatFood as formatWeight } from "../measure/food";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { PAPER_NAMES } from "../workspace/paperNames";
import { useFeeding, type BedFeeding } from "./feeding";
import { words } from "./words";

const HUNDREDTHS = 100;

/** Compost, lime and fertiliser for the beds of the season. */
export function FeedingPaper() {
  const { plan, units, catalogue } = useDesk();
  const told = useFeeding();
  const { crops, soil } = catalogue.crops;
  const names = new Map(plan.beds.map(({ id, name }) => [id, name]));
  const amendments = new Map(soil.amendments.map(({ key, label }) => [key, label]));
  const mulches = new Map(soil.mulches.map(({ key, label }) => [key, label]));
  const takes = new Map(crops.map(({ crop, feeding }) => [crop.feeding, feeding]));
  const columns: Column<BedFeeding & { name: string }>[] = [
    { key: "bed", head: words.bedHead, value: ({ name }) => name },
    {
      key: "soil",
      head: words.soilHead,
      value: (each) => Math.round(each.soil * HUNDREDTHS) / HUNDREDTHS,
      text: (each) => formatArea(each.soil, units),
      figures: true,
    },
    { key: "crop", head: words.cropHead, value: ({ hungriest }) => hungriest ?? words.nothing },
    {
      key: "takes",
      head: words.takesHead,
      value: ({ feeding }) => (feeding === undefined ? "" : (takes.get(feeding) ?? "")),
      groups: true,
    },
    {
      key: "compost",
      head: words.compostHead,
      value: ({ compost }) => Math.round(compost),
      text: ({ compost }) => (compost > 0 ? formatVolume(compost, units) : ""),
      figures: true,
    },
    {
      key: "deep",
      head: words.deep,
      value: ({ depth }) => Math.round(depth * HUNDREDTHS * HUNDREDTHS) / (HUNDREDTHS * HUNDREDTHS),
      text: ({ depth }) => (depth > 0 ? formatThickness(depth, units) : ""),
      figures: true,
    },
    {
      key: "given",
      head: words.givenHead,
      value: ({ doses, sourOnPurpose }) =>
        [
          ...doses.map(({ amendment, kilograms }) =>
            words.dose(amendments.get(amendment) ?? "", formatWeight(kilograms, units)),
          ),
          ...(sourOnPurpose ? [words.sour] : []),
        ].join(", "),
    },
    {
      key: "mulch",
      head: words.mulchHead,
      value: ({ mulch }) =>
        mulch
          .map(({ kind, depth, volume }) =>
            words.mulchLaid(
              mulches.get(kind) ?? "",
              formatThickness(depth, units),
              formatVolume(volume, units),
            ),
          )
          .join(", "),
    },
  ];
  return (
    <Paper
      title={PAPER_NAMES.feeding}
      rows={told && byName(told.beds.map((each) => ({ ...each, name: names.get(each.bed) ?? "" })))}
      columns={columns}
      rowKey={({ bed }) => bed}
      concerns={({ bed }) => [bed]}
      empty={words.empty}
    >
      {told && (
        <>
          <p data-testid="compost-balance">
            {words.compost(
              formatVolume(told.compost, units),
              formatVolume(told.topUp, units),
              formatVolume(told.made, units),
            )}
          </p>
          {told.bought.length > 0 && (
            <>
              <p>
                {words.buy(
                  told.bought
                    .map(({ amendment, kilograms, bags }) =>
                      words.bags(amendments.get(amendment) ?? "", formatWeight(kilograms, units), bags),
                    )
                    .join(", "),
                )}
              </p>
              <p className="max-w-prose text-sm text-soft">
                {words.caution(formatSpread(soil.limeInAYear, units))}
              </p>
            </>
          )}
        </>
      )}
    </Paper>
  );
}
