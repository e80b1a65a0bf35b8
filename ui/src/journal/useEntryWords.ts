import { useCropNames, useGardenCrops } from "../variety/crops";
import { useDesk } from "../workspace/desk";
import type { JournalEntry } from "./journal";
import { words } from "./words";

/** What an entry says, in one line. */
export function useEntryWords(): (entry: JournalEntry) => string {
  const { catalogue } = useDesk();
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
  return ({ done, harvest, loss, note }) => {
    const fact = done
      ? rates.get(done.rate)
      : harvest
        ? words.picked(cropName(harvest.crop, harvest.variety))
        : loss && words.lost(cropName(loss.crop), causes.get(loss.cause) ?? "");
    return [fact, note].filter((part) => part !== undefined).join(". ");
  };
}
