import { useCropNames, useGardenCrops } from "../variety/crops";
import { useDesk } from "../workspace/desk";
import type { JournalEntry } from "./journal";
import { formatDegrees, formatRain } from "./weather";
import { words } from "./words";

/** What an entry says, in one line. */
export function useEntryWords(): (entry: JournalEntry) => string {
  const { catalogue, units } = useDesk();
  const { crops } = useGardenCrops();
  const nameOf = useCropNames();
  const cropName = (key: string | undefined, variety?: string) => {
    const view =
      crops.find(({ crop }) => crop.key === key && crop.variety === variety) ??
      crops.find(({ crop }) => crop.key === key && crop.variety === undefined);
    return view ? nameOf(view) : words.severalCrops;
  };
  const causes = new Map(catalogue.crops.losses.map(({ key, label }) => [key, label]));
  const rates = new Map(catalogue.rates.map(({ key, label }) => [key, label]));
  const factOf = ({ done, harvest, loss, germination, weather }: JournalEntry) => {
    if (done) return rates.get(done.rate);
    if (harvest) return words.picked(cropName(harvest.crop, harvest.variety));
    if (loss) return words.lost(cropName(loss.crop), causes.get(loss.cause) ?? "");
    if (germination) {
      const { crop, variety, sown, up } = germination;
      const name = cropName(crop, variety);
      return up === undefined ? words.sownTold(name, sown) : words.cameUp(name, up, sown);
    }
    return weather && weatherOf(weather);
  };
  const degrees = (celsius: number | undefined) =>
    celsius === undefined ? "" : formatDegrees(celsius, units);
  const weatherOf = ({ rain, lowest, highest }: NonNullable<JournalEntry["weather"]>) =>
    [
      ...(rain === undefined ? [] : [words.rained(formatRain(rain, units))]),
      ...(lowest === undefined && highest === undefined
        ? []
        : [words.temperature(degrees(lowest), degrees(highest))]),
    ].join(", ");
  return (entry) => {
    const { note } = entry;
    const fact = factOf(entry);
    return [fact, note].filter((part) => part !== undefined).join(". ");
  };
}
