import { Tabs } from "radix-ui";
import type { ComponentType } from "react";
import type { BillLine } from "../api/types";
import { BedsPanel } from "../bed/BedsPanel";
import { CropsPanel } from "../crop/CropsPanel";
import { FillPanel } from "../fill/FillPanel";
import { FramesPanel } from "../frame/FramesPanel";
import { GroundPanel } from "../ground/GroundPanel";
import { NextTime } from "../journal/NextTime";
import { Fortnight } from "../work/Fortnight";
import { formatMoney } from "../measure/figures";
import { PursePanel } from "../purse/PursePanel";
import { ReachPanel } from "../reach/ReachPanel";
import { FencePanel } from "../fence/FencePanel";
import { SunPanel } from "../sun/SunPanel";
import { WaterPanel } from "../water/WaterPanel";
import { isTradeStep, TRADE_STEPS, useDesk, type Desk, type TradeStep } from "./desk";
import { SelectionBar } from "./SelectionBar";
import { STEP_LABELS, STEP_OF } from "./stepLabels";
import { isNarrow } from "./useFolded";

interface Step {
  Panel: ComponentType;
  /** Whether anything has been done in it. */
  begun: (desk: Desk) => boolean;
  /** What it costs or how much there is. */
  state: (desk: Desk) => string;
}

const STEPS: Record<TradeStep, Step> = {
  ground: {
    Panel: GroundPanel,
    begun: () => true,
    state: (desk) => costOf(desk, "GROUND"),
  },
  beds: {
    Panel: BedsPanel,
    begun: ({ plan }) => plan.beds.length > 0,
    state: ({ outlines }) => (outlines.size === 1 ? "1 bed" : `${String(outlines.size)} beds`),
  },
  reach: {
    Panel: ReachPanel,
    begun: ({ plan }) => plan.gardeners.length + plan.walks.length > 0,
    state: (desk) => costOf(desk, "WALKS"),
  },
  frames: {
    Panel: FramesPanel,
    begun: ({ report }) => (report?.beds ?? []).some((bed) => bed.height > 0),
    state: (desk) => costOf(desk, "FRAMES"),
  },
  fill: {
    Panel: FillPanel,
    begun: ({ report }) => (report?.beds ?? []).some((bed) => bed.fill > 0),
    state: (desk) => costOf(desk, "FILL"),
  },
  water: {
    Panel: WaterPanel,
    begun: ({ plan }) => plan.taps.length + plan.barrels.length > 0,
    state: (desk) => costOf(desk, "WATER"),
  },
  fence: {
    Panel: FencePanel,
    begun: ({ plan }) => plan.fences.length + plan.pests.length > 0,
    state: (desk) => costOf(desk, "FENCE"),
  },
  sun: {
    Panel: SunPanel,
    begun: ({ plan }) => plan.beds.length > 0,
    state: (desk) => costOf(desk, "STRUCTURES"),
  },
  crops: {
    Panel: CropsPanel,
    begun: ({ plan }) => plan.plantings.length > 0,
    state: (desk) => costOf(desk, "CROPS"),
  },
  purse: {
    Panel: PursePanel,
    begun: () => true,
    state: ({ report }) => (report ? `${whole(formatMoney(report.purse.left))} left` : ""),
  },
};

function costOf({ report }: Desk, part: BillLine["part"]): string {
  const cost = report?.byPart.find((each) => each.part === part)?.planned;
  return cost ? whole(formatMoney(cost)) : "";
}

/** Without the minor unit: here it is read how much something is, not to the cent. */
function whole(money: string): string {
  return money.replace(/\.\d+$/, "");
}

/** The order in which a garden is thought through, and beside it what the chosen step asks; nothing is locked. */
export function OrderOfWork() {
  const desk = useDesk();
  const { step, folded, fold } = desk;
  const { Panel } = STEPS[step];
  return (
    <Tabs.Root
      className="contents"
      orientation="vertical"
      activationMode="manual"
      value={step}
      onValueChange={(value) => {
        if (isTradeStep(value)) desk.setStep(value);
      }}
    >
      <Tabs.List
        aria-label="Order of work"
        className="relative flex shrink-0 border-rule bg-paper print:hidden max-lg:order-last max-lg:overflow-x-auto max-lg:border-t lg:col-start-1 lg:row-start-3 lg:w-22 lg:flex-col lg:overflow-y-auto lg:border-r"
      >
        {TRADE_STEPS.map((each, index) => (
          <StepTab key={each} step={each} number={index + 1} />
        ))}
        <FoldedSlip />
      </Tabs.List>
      {!folded.panel && desk.paper === null && (
        <Tabs.Content
          key={step}
          value={step}
          tabIndex={-1}
          className="flex min-h-0 flex-col border-rule bg-paper print:hidden outline-none max-lg:fixed max-lg:inset-x-0 max-lg:bottom-[3.6rem] max-lg:z-30 max-lg:max-h-[62dvh] max-lg:border-t-2 max-lg:border-ink lg:col-start-2 lg:row-start-3 lg:w-71 lg:border-r"
        >
          <div className="flex items-center border-b border-rule pr-1 pl-3">
            <h2 className="grow">{STEP_LABELS[step]}</h2>
            <button
              type="button"
              className="text-button px-2 py-1 text-sm"
              title="More room for the sheet; the step unfolds it again"
              onClick={() => {
                fold("panel", true);
              }}
            >
              Fold away
            </button>
          </div>
          <SelectionBar />
          <div className="relative min-h-0 grow overflow-y-auto px-3 py-3">
            <Fortnight />
            <NextTime step={step} />
            <Panel />
          </div>
        </Tabs.Content>
      )}
    </Tabs.Root>
  );
}

function StepTab({ step, number }: { step: TradeStep; number: number }) {
  const desk = useDesk();
  const { begun, state } = STEPS[step];
  const all = (desk.judged ?? desk.report)?.snags ?? [];
  const own = all.filter((snag) => STEP_OF[snag.step] === step).length;
  const open = desk.step === step && !desk.folded.panel && desk.paper === null;
  return (
    <Tabs.Trigger
      value={step}
      className="group block shrink-0 cursor-pointer border-hair px-1.5 py-1 text-left hover:bg-markpale max-lg:min-w-20 max-lg:border-r lg:border-b data-[state=active]:bg-ink data-[state=active]:text-white"
      onClick={() => {
        if (desk.step !== step) return;
        if (desk.paper !== null) desk.read(null);
        desk.fold("panel", open && isNarrow());
      }}
    >
      <span className="flex items-center text-sm">
        <span className="figures grow">{number}</span>
        {own > 0 && (
          <span
            className="figures min-w-5 border border-snag bg-white px-0.5 text-center text-xs font-bold text-snag"
            title={own === 1 ? "1 snag" : `${String(own)} snags`}
          >
            {own}
            <span className="sr-only">{own === 1 ? " snag" : " snags"}</span>
          </span>
        )}
      </span>
      <span className="block text-xs leading-tight max-lg:whitespace-nowrap">{STEP_LABELS[step]}</span>
      <span className="block h-4 text-xs leading-4 whitespace-nowrap opacity-85">
        {desk.report === undefined ? "…" : begun(desk) ? state(desk) : "not begun"}
      </span>
    </Tabs.Trigger>
  );
}

/** Where there is no room for the snags beside the sheet they are behind this. */
function FoldedSlip() {
  const { folded, fold, judged, report } = useDesk();
  const snags = (judged ?? report)?.snags;
  return (
    <button
      type="button"
      aria-expanded={!folded.slip}
      className={`shrink-0 cursor-pointer px-3 py-1 text-left text-sm lg:hidden ${folded.slip ? "" : "bg-ink text-white"}`}
      onClick={() => {
        fold("slip", !folded.slip);
      }}
    >
      Snags <span className="figures block">{snags?.length ?? "…"}</span>
    </button>
  );
}
