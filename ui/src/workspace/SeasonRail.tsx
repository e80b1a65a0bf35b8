import { RadioGroup } from "radix-ui";
import { useEffect, useRef } from "react";
import { formatMoney } from "../measure/figures";
import { useDesk } from "./desk";
import { seasonName, seasonOf } from "./seasons";
import { useRailSeasons } from "./useRailSeasons";

/** The years as they come, the present one marked; choosing one shows the garden as it was or is planned. */
export function SeasonRail() {
  const desk = useDesk();
  const { yearBegins } = desk.plan;
  const present = seasonOf(new Date(), yearBegins);
  const events = new Map(desk.garden.seasons.map(({ season, words }) => [season, words]));
  const seasons = useRailSeasons();
  const shown = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    shown.current?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [desk.season, seasons.length]);
  return (
    <RadioGroup.Root
      aria-label="Season"
      orientation="horizontal"
      value={String(desk.season)}
      onValueChange={(season) => {
        desk.setSeason(Number(season));
      }}
      className="flex snap-x snap-mandatory overflow-x-auto border-t border-rule bg-paper"
    >
      {seasons.map((season) => {
        const cost = desk.report?.bySeason.find((entry) => entry.season === season);
        return (
          <RadioGroup.Item
            key={season}
            value={String(season)}
            className="min-w-40 shrink-0 grow cursor-pointer snap-start border-r border-hair px-2 py-0.5 text-left last:border-r-0 max-lg:min-w-1/2 data-[state=checked]:bg-ink data-[state=checked]:text-white"
            ref={season === desk.season ? shown : undefined}
          >
            <span className="flex items-baseline gap-2">
              <span className="figures text-base font-semibold">{seasonName(season, yearBegins)}</span>
              {season === present && <span className="border border-current px-1 text-xs">now</span>}
              {cost && Number(cost.planned.amount) > 0 && (
                <span className="figures ml-auto text-sm">{formatMoney(cost.planned)}</span>
              )}
            </span>
            <span
              className="block w-0 min-w-full truncate text-[0.8125rem] leading-tight opacity-90"
              title={events.get(season)}
            >
              {events.get(season) || "no building"}
            </span>
          </RadioGroup.Item>
        );
      })}
    </RadioGroup.Root>
  );
}
