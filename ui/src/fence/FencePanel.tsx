import { FencesSection } from "./FencesSection";
import { PestsSection } from "./PestsSection";
import { WinterFields } from "./WinterFields";
import { words } from "./words";

/** What the garden is to be kept from, its fences, and what they take. */
export function FencePanel() {
  return (
    <div className="space-y-3">
      <PestsSection />
      <FencesSection />
      <WinterFields />
      <p className="text-sm text-soft">{words.caution}</p>
    </div>
  );
}
