import type { ComponentType } from "react";
import { BedsPaper } from "./bed/BedsPaper";
import { FillPaper } from "./fill/FillPaper";
import { SettingOutPaper } from "./ground/SettingOutPaper";
import { BillPaper } from "./purse/BillPaper";
import { PricesPaper } from "./purse/PricesPaper";
import { ReceiptsPaper } from "./purse/ReceiptsPaper";
import { EditsPaper } from "./workspace/EditsPaper";
import type { PaperName } from "./workspace/paperNames";

/** The papers themselves. They come with the first that is opened. */
export const papers: Readonly<Record<PaperName, ComponentType>> = {
  "setting-out": SettingOutPaper,
  beds: BedsPaper,
  fill: FillPaper,
  bill: BillPaper,
  prices: PricesPaper,
  receipts: ReceiptsPaper,
  edits: EditsPaper,
};
