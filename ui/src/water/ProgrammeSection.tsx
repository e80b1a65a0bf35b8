import { useState } from "react";
import { Choice } from "../parts/Choice";
import { PaperLink } from "../papers/PaperLink";
import { useDesk } from "../workspace/desk";
import { formatMoney } from "../measure/figures";
import { formatDepthOfWater, formatWater } from "../measure/water";
import { ByHand } from "./ByHand";
import { ClimateForm } from "./ClimateForm";
import { HoursForm } from "./HoursForm";
import { monthName } from "../measure/monthDays";
import { formatMinutes, growing, settingWords } from "./months";
import { WantedByBeds } from "./WantedByBeds";
import { useTooMuchWords } from "./useTooMuchWords";
import { feeding } from "./water";
import { words } from "./words";

/** How long each zone runs in a week: by the rule of thumb, and by the usual weather of a month. */
export function ProgrammeSection() {
  const { plan, report, units } = useDesk();
  const tooMuchWords = useTooMuchWords();
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
            <th scope="col" className="text-left font-normal text-soft">
              {month === undefined ? words.byThumb : words.inMonth(monthName(month, "long"))}
            </th>
            <th scope="col" className="text-right font-normal text-soft" title={words.thumbExplained}>
              {words.thumb}
            </th>
          </tr>
        </thead>
        <tbody>
          {water.programme.zones.map((zone, index) => {
            const week = (month === undefined ? undefined : zone.months[month - 1]) ?? zone.ruleOfThumb;
            return (
              <tr key={zone.valve} className="align-top">
                <th scope="row" className="pr-2 text-left font-normal whitespace-nowrap">
                  {words.zone(index + 1)}
                </th>
                <td className={week.setting.late || week.setting.seldom ? "pr-2 text-snag" : "pr-2"}>
                  {settingWords(week.setting)}
                  {week.minutes > 0 && (
                    <span className="block text-xs text-soft">
                      {words.litres(formatWater(week.litres, units))}
                    </span>
                  )}
                  {zone.tooMuch && (
                    <span className="block text-xs text-soft">{tooMuchWords(zone.tooMuch)}</span>
                  )}
                </td>
                <td className="figures text-right whitespace-nowrap">
                  {formatMinutes(zone.ruleOfThumb.minutes)}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {need && (
        <p className="text-sm text-soft">
          {words.need({
            use: formatDepthOfWater(need.use, units),
            rain: formatDepthOfWater(need.rain, units),
            effective: formatDepthOfWater(need.effective, units),
            week: formatDepthOfWater(need.week, units),
          })}
        </p>
      )}
      {need && <WantedByBeds month={need.month} />}
      {water.season.map(({ source, volume, trips, price }) => (
        <p key={source} className="text-sm">
          {words.season({
            source: feeding(plan).find(({ id }) => id === source)?.name ?? "",
            water: formatWater(volume, units),
            trips,
            price: price && formatMoney(price),
          })}
        </p>
      ))}
      <h4>{words.allowed}</h4>
      <HoursForm />
      <ByHand month={climate ? month : undefined} />
      <p className="flex flex-wrap gap-x-3">
        <PaperLink paper="watering" />
        <PaperLink paper="pipes" />
        <PaperLink paper="watch" />
      </p>
      {climate && water.programme.months.length === 0 && <p className="text-sm">{words.tooFarNorth}</p>}
      <ClimateForm key={climate?.id ?? "none"} climate={climate} />
    </section>
  );
}
