import { capabilities } from "../capabilities";
import { useDesk } from "../workspace/desk";
import { BedsInTheSun } from "./BedsInTheSun";
import { ShelfSection } from "./ShelfSection";
import { SkyFields } from "./SkyFields";
import { SunCompare } from "./SunCompare";
import { SunSliders } from "./SunSliders";
import { words } from "./words";

/** The sun on the ground and on the beds, and what hides it. */
export function SunPanel() {
  const desk = useDesk();
  return (
    <div className="space-y-3">
      <SunSliders />
      <BedsInTheSun />
      <SunCompare />
      <ShelfSection />
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          desk.read("sun");
        }}
      >
        {words.asPaper}
      </button>
      <SkyFields />
      {capabilities.map(({ SunSection }, index) => SunSection && <SunSection key={index} />)}
      <a
        className="text-button block border-t border-rule pt-2"
        href={`/api/gardens/${desk.plan.id}/structures/plan.pdf?season=${String(desk.season)}`}
        download
      >
        {words.sideViews}
      </a>
    </div>
  );
}
