import { formatFood } from "../measure/food";
import { formatLength } from "../measure/lengths";
import { formatTemperature } from "../measure/figures";
import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";
import { idOf, useCropNames, useGardenCrops, type CropView } from "../variety/crops";
import { words } from "./words";

const TENTHS = 10;

/** All that the program knows of each crop. */
export function CataloguePaper() {
  const { units } = useDesk();
  const { crops } = useGardenCrops();
  const nameOf = useCropNames();
  const length = (metres: number) => formatLength(metres, units);
  const range = ({ low, high }: { low: number; high: number }, format: (figure: number) => string) =>
    low === high ? format(low) : words.spread(format(low), format(high));
  const text = (
    key: string,
    head: string,
    value: (view: CropView) => string,
    groups = false,
  ): Column<CropView> => ({
    key,
    head,
    value,
    groups,
  });
  const figure = (
    key: string,
    head: string,
    value: (view: CropView) => number | null,
    shown?: (view: CropView) => string,
  ): Column<CropView> => ({
    key,
    head,
    value,
    figures: true,
    ...(shown ? { text: shown } : {}),
  });
  const columns: Column<CropView>[] = [
    text("crop", words.crop, nameOf),
    text("family", words.familyHead, ({ family }) => family, true),
    text("habit", words.habitHead, ({ habit }) => habit, true),
    text("hardiness", words.frostHead, ({ hardiness }) => hardiness, true),
    text("feeding", words.feedingHead, ({ feeding }) => feeding, true),
    figure("sun", words.sunHead, ({ crop }) => crop.sun),
    text("inRow", words.inRow, ({ crop }) => range(crop.spacing.inRow, length)),
    text("between", words.between, ({ crop }) => range(crop.spacing.between, length)),
    figure("foot", words.footHead, ({ crop }) => crop.spacing.toTheSquareFoot ?? null),
    figure(
      "depth",
      words.depthHead,
      ({ crop }) => crop.depth,
      ({ crop }) => length(crop.depth),
    ),
    figure(
      "soil",
      words.soilHead,
      ({ crop }) => crop.soilFrom,
      ({ crop }) => formatTemperature(crop.soilFrom, units),
    ),
    figure("indoors", words.indoorsHead, ({ crop }) => crop.indoors ?? null),
    text("days", words.daysHead, ({ crop: { fromSowing, fromPlanting } }) => {
      const days = fromSowing ?? fromPlanting;
      return days ? range(days, String) : "";
    }),
    figure(
      "height",
      words.heightHead,
      ({ crop }) => crop.height,
      ({ crop }) => length(crop.height),
    ),
    figure(
      "roots",
      words.rootsHead,
      ({ crop }) => crop.roots,
      ({ crop }) => length(crop.roots),
    ),
    figure("water", words.waterHead, ({ crop }) => crop.water.middle),
    text("yield", words.perAreaHead, ({ crop }) =>
      crop.yield.usual > 0 ? range(crop.yield, (kilograms) => formatFood(kilograms, "METRIC")) : "",
    ),
    figure("keeps", words.keepsHead, ({ crop }) => crop.keeps),
    figure(
      "eaten",
      words.eatenHead,
      ({ crop }) => Math.round(crop.eaten * TENTHS) / TENTHS,
      ({ crop }) => (crop.eaten > 0 ? formatFood(crop.eaten, units) : ""),
    ),
    text("wants", words.careHead, ({ crop }) =>
      [
        crop.hilled && words.hilled,
        crop.net && words.net,
        !crop.overhead && words.dryLeaves,
        crop.perennial && words.lasts,
      ]
        .filter((each) => typeof each === "string")
        .join(", "),
    ),
  ];
  return (
    <Paper title={words.catalogueTitle} rows={crops} columns={columns} rowKey={idOf} empty="">
      <p className="max-w-prose text-soft">{words.catalogueHint}</p>
    </Paper>
  );
}
