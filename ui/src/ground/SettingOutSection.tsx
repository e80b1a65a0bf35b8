import { useState } from "react";
import { useSettingOut } from "../api/queries";
import { formatDimension, formatLength } from "../measure/lengths";
import { PaperLink } from "../papers/PaperLink";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { BaseLineWords } from "./BaseLineWords";

/** Where the stakes go: every corner by two tapes and by offsets from the base line. */
export function SettingOutSection() {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const { data } = useSettingOut(desk.plan.id, desk.garden.revision, desk.season, open);
  const length = (metres: number) => formatLength(metres, desk.units);
  const dimension = (metres: number) => formatDimension(metres, desk.units);
  return (
    <details
      className="border-t border-rule pt-2"
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer font-semibold">Setting out</summary>
      {data && (
        <div className="space-y-2 py-2 text-sm">
          <p>
            <BaseLineWords out={data} units={desk.units} />
          </p>
          <PaperLink paper="setting-out" />
          <a
            className="plain-button inline-block"
            href={`/api/gardens/${desk.plan.id}/setting-out.pdf?season=${String(desk.season)}`}
          >
            Take it along as PDF
          </a>
          {data.beds.map((bed) => (
            <table key={bed.bed} className="w-full border-t border-hair">
              <caption className="text-left font-semibold">
                {bed.name}, diagonals <span className="figures font-normal">{length(bed.diagonals)}</span>
              </caption>
              <thead>
                <tr className="text-left text-soft">
                  <th className="font-normal">Corner</th>
                  <th className="text-right font-normal">A</th>
                  <th className="text-right font-normal">B</th>
                  <th className="text-right font-normal">Along</th>
                  <th className="text-right font-normal">Off</th>
                </tr>
              </thead>
              <tbody className="figures">
                {bed.corners.map((mark, index) => (
                  <tr key={index}>
                    <td>{index + 1}</td>
                    <td className="text-right">{dimension(mark.fromFirst)}</td>
                    <td className="text-right">{dimension(mark.fromSecond)}</td>
                    <td className="text-right">{dimension(mark.along)}</td>
                    <td className="text-right">{dimension(mark.off)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          ))}
          <p className="text-soft">{words.digCaution}</p>
        </div>
      )}
    </details>
  );
}
