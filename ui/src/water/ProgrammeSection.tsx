import { useState } from "react";
import { Choice } from "../parts/Choice";
import { PaperLink } from "../papers/PaperLink";
import { useDesk } from "../workspace/desk";
import { ClimateForm } from "./ClimateForm";
import { formatMinutes, growing, monthName } from "./months";
import { words } from "./words";

/** How long each zone runs in a week: by the rule of thumb, and by the usual weather of a month. */
export function ProgrammeSection() {
  const { plan, report } = useDesk();
  const [climate] = plan.climates;
  const months = climate ? growing(climate) : [];
  const [chosen, setChosen] = useState<number>();
  const month =
    chosen !== undefined && months.includes(chosen) ? chosen : months[Math.floor(months.length / 2)];
  const water = report?.water;
  const need = water?.programme.months.find((each) => each.month === month);
  if (!water || water.zones.length === 0) return null;
  return (
    <section className="space-y-2 border-t border-rule pt-2" data-testid="programme">
      <h3>{words.howLong}</h3>
      {climate && month !== undefined && (
        <Choice
          label={words.month}
          value={String(month)}
          options={months.map((each) => ({ value: String(each), label: monthName(each, "long") }))}
          onChange={(value) => {
            setChosen(Number(value));
          }}
        />
      )}
      <table className="w-full text-sm">
        <thead>
          <tr>
            <th scope="col" className="text-left font-normal text-soft">
              {words.tag}
            </th>
            {need && month !== undefined && (
              <th scope="col" className="text-right font-normal text-soft">
                {words.inMonth(monthName(month, "long"))}
              </th>
            )}
            <th scope="col" className="text-right font-normal text-soft" title={words.thumbExplained}>
              {words.thumb}
            </th>
          </tr>
        </thead>
        <tbody>
          {water.programme.zones.map((zone, index) => {
            const weekly = month === undefined ? undefined : zone.months[month - 1];
            return (
              <tr key={zone.valve}>
                <th scope="row" className="text-left font-normal">
                  {words.zone(index + 1)}
                </th>
                {need && weekly && (
                  <td className="figures text-right">
                    {weekly.waterings === 0
                      ? words.rainIsEnough
                      : words.times(weekly.waterings, formatMinutes(weekly.minutes / weekly.waterings))}
                  </td>
                )}
                <td className="figures text-right">{formatMinutes(zone.ruleOfThumb)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {need && (
        <p className="text-sm text-soft">
          {words.need({
            use: need.use.toFixed(0),
            rain: need.rain.toFixed(0),
            effective: need.effective.toFixed(0),
            week: need.week.toFixed(0),
          })}
        </p>
      )}
      <PaperLink paper="watering" />
      {climate && water.programme.months.length === 0 && <p className="text-sm">{words.tooFarNorth}</p>}
      <ClimateForm key={climate?.id ?? "none"} climate={climate} />
    </section>
  );
}
