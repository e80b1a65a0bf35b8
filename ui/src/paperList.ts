import type { ComponentType } from "react";
import { ArrangementsPaper } from "./bed/ArrangementsPaper";
import { BedsPaper } from "./bed/BedsPaper";
import { CuttingPaper } from "./frame/CuttingPaper";
import { CataloguePaper } from "./crop/CataloguePaper";
import { LabelsPaper } from "./crop/LabelsPaper";
import { BedCardsPaper } from "./crop/BedCardsPaper";
import { SeedPaper } from "./crop/SeedPaper";
import { SowingPaper } from "./crop/SowingPaper";
import { YearPaper } from "./crop/YearPaper";
import { FeedingPaper } from "./feeding/FeedingPaper";
import { HarvestPaper } from "./harvest/HarvestPaper";
import { RotationPaper } from "./rotation/RotationPaper";
import { FillPaper } from "./fill/FillPaper";
import { SettingOutPaper } from "./ground/SettingOutPaper";
import { BillPaper } from "./purse/BillPaper";
import { PricesPaper } from "./purse/PricesPaper";
import { ReceiptsPaper } from "./purse/ReceiptsPaper";
import { ShoppingPaper } from "./shopping/ShoppingPaper";
import { PipesPaper } from "./water/PipesPaper";
import { WatchPaper } from "./water/WatchPaper";
import { WateringPaper } from "./water/WateringPaper";
import { JournalPaper } from "./journal/JournalPaper";
import { CalendarPaper } from "./work/CalendarPaper";
import { DayPaper } from "./work/DayPaper";
import { LookBackPaper } from "./years/LookBackPaper";
import { SeasonsPaper } from "./years/SeasonsPaper";
import { StoryPaper } from "./years/StoryPaper";
import { WearPaper } from "./years/WearPaper";
import { StagingPaper } from "./work/StagingPaper";
import { WorkPaper } from "./work/WorkPaper";
import { SunPaper } from "./sun/SunPaper";
import { EditsPaper } from "./workspace/EditsPaper";
import { VariantsPaper } from "./workspace/VariantsPaper";
import type { PaperName } from "./workspace/paperNames";

/** The papers themselves. They come with the first that is opened. */
export const papers: Readonly<Record<PaperName, ComponentType>> = {
  "setting-out": SettingOutPaper,
  beds: BedsPaper,
  arrangements: ArrangementsPaper,
  sun: SunPaper,
  cutting: CuttingPaper,
  fill: FillPaper,
  watering: WateringPaper,
  pipes: PipesPaper,
  watch: WatchPaper,
  rotation: RotationPaper,
  feeding: FeedingPaper,
  harvest: HarvestPaper,
  year: YearPaper,
  sowing: SowingPaper,
  seeds: SeedPaper,
  "bed-cards": BedCardsPaper,
  labels: LabelsPaper,
  crops: CataloguePaper,
  work: WorkPaper,
  calendar: CalendarPaper,
  day: DayPaper,
  staging: StagingPaper,
  journal: JournalPaper,
  seasons: SeasonsPaper,
  story: StoryPaper,
  "look-back": LookBackPaper,
  wear: WearPaper,
  bill: BillPaper,
  shopping: ShoppingPaper,
  prices: PricesPaper,
  receipts: ReceiptsPaper,
  variants: VariantsPaper,
  edits: EditsPaper,
};
