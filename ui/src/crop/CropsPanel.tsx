import { FeedingSection } from "../feeding/FeedingSection";
import { HouseholdSection } from "../harvest/HouseholdSection";
import { Slider } from "../parts/Slider";
import { RovingList } from "../parts/RovingList";
import { byName } from "../parts/byName";
import { PaperLink } from "../papers/PaperLink";
import { useDesk } from "../workspace/desk";
import { formatDay } from "../measure/halfMonths";
import { PlantHere } from "./PlantHere";
import { SowingSection } from "./SowingSection";
import { SchoolsSection } from "./SchoolsSection";
import { PlantingForm } from "./PlantingForm";
import { useBedNames, useDayShown, useToldPlantings } from "./plantings";
import { VarietiesSection } from "../variety/VarietiesSection";
import { words } from "./words";

const LAST_HALF = 23;

/** What grows in the beds of a season, and something new to plant. */
export function CropsPanel() {
  const { season, shown, show } = useDesk();
  const day = useDayShown();
  return (
    <div className="space-y-3">
      <Slider
        label={words.day}
        text={formatDay(day, season)}
        value={shown.sun.half}
        most={LAST_HALF}
        onChange={(half) => {
          show({ sun: { ...shown.sun, half } });
        }}
      />
      <HouseholdSection />
      <PlantHere />
      <Plantings />
      <SowingSection />
      <VarietiesSection />
      <FeedingSection />
      <SchoolsSection />
    </div>
  );
}

/** Bed by bed, in each in the order of the year. */
function Plantings() {
  const { plan } = useDesk();
  const bedName = useBedNames();
  const told = useToldPlantings();
  const inSeason = plan.plantings.flatMap((planting) => {
    const about = told?.find((each) => each.planting === planting.id);
    return about ? [{ planting, told: about }] : [];
  });
  const beds = byName(
    [...new Set(inSeason.map(({ planting }) => planting.bed))].map((id) => ({
      id,
      name: bedName(id),
    })),
  );
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.beds}</h3>
      <PaperLink paper="year" />
      {told && beds.length === 0 && <p className="text-soft">{words.none}</p>}
      <RovingList data-testid="plantings">
        {beds.map(({ id, name }) => (
          <div key={id}>
            <h4 className="pt-1">{name}</h4>
            {inSeason
              .filter(({ planting }) => planting.bed === id)
              .sort((a, b) => a.planting.from.localeCompare(b.planting.from))
              .map((each) => (
                <PlantingForm key={each.planting.id} {...each} />
              ))}
          </div>
        ))}
      </RovingList>
    </section>
  );
}
