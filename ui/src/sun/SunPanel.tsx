import { capabilities } from "../capabilities";
import { useDesk } from "../workspace/desk";
import { BedsInTheSun } from "./BedsInTheSun";
import { SkyFields } from "./SkyFields";
import { SunSliders } from "./SunSliders";
import { words } from "./words";

/** The sun on the ground and on the beds, and what hides it. */
export function SunPanel() {
  const desk = useDesk();
  return (
    <div className="space-y-3">
      <SunSliders />
      <BedsInTheSun />
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
    </div>
  );
}
