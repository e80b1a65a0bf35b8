import { useState } from "react";
import { formatMoney } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { PaperLink } from "../papers/PaperLink";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { useDesk } from "../workspace/desk";
import { formatDay } from "../measure/halfMonths";
import { cropId, idOf, useCropOptions, useGardenCrops, type CropView } from "../variety/crops";
import { useNewPlantings } from "./plantings";
import { useSowing, type CropTimes } from "./sowing";
import { words } from "./words";

/** When a crop may be sown or planted in the season. */
function Window({ times }: { times: CropTimes }) {
  const { season } = useDesk();
  const { indoors, from, until, up } = times;
  const day = (text: string) => formatDay(text, season);
  const sown = up > 0;
  return (
    <>
      {until !== undefined && until < from
        ? words.notRipe(day(from), sown)
        : words.window(day(from), until && day(until), sown)}{" "}
      {indoors !== undefined && words.windowIndoors(day(indoors))}
      {sown && words.comesUp(up)}
    </>
  );
}

/** What a crop that is raised indoors costs from one's own seed and bought, in money and in room on the window sill. */
function Raised({ view: { crop } }: { view: CropView }) {
  const { plan } = useDesk();
  const price = (key: string) => {
    const known = plan.prices.find(({ item }) => item === key);
    return known && formatMoney(known.amount);
  };
  if (crop.seed === undefined || crop.indoors === undefined) return null;
  return (
    <p className="text-sm text-soft" data-testid="crop-raised">
      {words.ownSeed(crop.seed.packet, price("crop/packet"), crop.indoors)}{" "}
      {words.boughtStarts(price("crop/young"))}
    </p>
  );
}

/** A crop of the catalogue for the beds that are selected. */
export function PlantHere() {
  const desk = useDesk();
  const { crops } = useGardenCrops();
  const options = useCropOptions(crops);
  const { plant, fault } = useNewPlantings();
  const sowing = useSowing();
  const [chosen, setChosen] = useState(crops[0] ? idOf(crops[0]) : "");
  const times = sowing?.crops.find((each) => cropId(each) === chosen);
  const selected = [...desk.selection].filter((id) => desk.outlines.has(id));
  const view = crops.find((each) => idOf(each) === chosen);
  if (!view) return null;
  const { crop } = view;
  const days = crop.fromSowing ?? crop.fromPlanting;
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.plant}</h3>
      <Choice label={words.crop} value={chosen} options={options} onChange={setChosen} />
      <p className="text-sm text-soft" data-testid="crop-about">
        {words.cropAbout(view.family, crop.sun, view.hardiness)}{" "}
        {days && words.ripens(days.low, days.high, crop.fromSowing ? words.sowing : words.planting)}{" "}
        {words.apart(
          formatLength(crop.spacing.inRow.usual, desk.units),
          formatLength(crop.spacing.between.usual, desk.units),
        )}{" "}
        {times && <Window times={times} />}
      </p>
      <Raised view={view} />
      {selected.length === 0 ? (
        <p>{words.selectFirst}</p>
      ) : (
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            void plant(view, selected);
          }}
        >
          {words.inBeds(crop.name, selected.length)}
        </button>
      )}
      <Fault text={fault} />
      <PaperLink paper="crops" />
    </section>
  );
}
