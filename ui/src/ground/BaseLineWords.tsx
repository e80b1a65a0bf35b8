import type { SettingOut, Units } from "../api/types";
import { formatLength } from "../measure/lengths";

/** From which line everything is measured, how a square corner is made, and what stakes and string it takes. */
export function BaseLineWords({ out, units }: { out: SettingOut; units: Units }) {
  const length = (metres: number) => formatLength(metres, units);
  return (
    <>
      Base line of <span className="figures">{length(out.base)}</span> along the longest side, from peg A (
      <span className="figures">
        {length(out.first.x)}, {length(out.first.y)}
      </span>
      ) to peg B. A square corner by a triangle of{" "}
      <span className="figures">{out.triangle.map(length).join(", ")}</span>. {out.stakes} stakes,{" "}
      <span className="figures">{length(out.string)}</span> of string.
    </>
  );
}
