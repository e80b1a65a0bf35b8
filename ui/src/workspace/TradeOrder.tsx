import { Tabs } from "radix-ui";
import { BedsPanel } from "../bed/BedsPanel";
import { FillPanel } from "../fill/FillPanel";
import { FramesPanel } from "../frame/FramesPanel";
import { GroundPanel } from "../ground/GroundPanel";
import { PursePanel } from "../purse/PursePanel";
import { ReachPanel } from "../reach/ReachPanel";
import { useDesk, type TradeStep } from "./desk";

const STEPS: readonly { key: TradeStep; label: string }[] = [
  { key: "ground", label: "Ground" },
  { key: "beds", label: "Beds" },
  { key: "reach", label: "Walks & reach" },
  { key: "frames", label: "Frames" },
  { key: "fill", label: "Fill" },
  { key: "purse", label: "Purse" },
];

/** The order in which a garden is thought through, and what the current step asks; nothing is locked. */
export function TradeOrder() {
  const desk = useDesk();
  return (
    <Tabs.Root
      className="flex min-h-0 grow flex-col"
      value={desk.step}
      onValueChange={(step) => {
        const found = STEPS.find(({ key }) => key === step);
        if (found) desk.setStep(found.key);
      }}
    >
      <Tabs.List aria-label="Trade order" className="grid shrink-0 grid-cols-3 border-b border-rule">
        {STEPS.map(({ key, label }, index) => (
          <Tabs.Trigger
            key={key}
            value={key}
            className="cursor-pointer border-r border-b border-hair px-1 py-1.5 text-sm hover:bg-markpale data-[state=active]:bg-ink data-[state=active]:text-white [&:nth-child(3n)]:border-r-0"
          >
            <span className="figures mr-1">{index + 1}</span>
            {label}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      <Tabs.Content
        key={desk.step}
        value={desk.step}
        className="relative min-h-0 grow overflow-y-auto px-3 py-3"
      >
        {desk.step === "ground" && <GroundPanel />}
        {desk.step === "beds" && <BedsPanel />}
        {desk.step === "reach" && <ReachPanel />}
        {desk.step === "frames" && <FramesPanel />}
        {desk.step === "fill" && <FillPanel />}
        {desk.step === "purse" && <PursePanel />}
      </Tabs.Content>
    </Tabs.Root>
  );
}
