import { LinesSection } from "./LinesSection";
import { ManifoldsSection } from "./ManifoldsSection";
import { PipesSection } from "./PipesSection";
import { ProgrammeSection } from "./ProgrammeSection";
import { SourcesSection } from "./SourcesSection";
import { words } from "./words";
import { ZonesSection } from "./ZonesSection";

/** Water from the tap to the last outlet: sources, pipes, what lies in the beds, and how it runs. */
export function WaterPanel() {
  return (
    <div className="space-y-3">
      <SourcesSection />
      <PipesSection />
      <ManifoldsSection />
      <ZonesSection />
      <ProgrammeSection />
      <LinesSection />
      <p className="text-sm text-soft">{words.caution}</p>
    </div>
  );
}
