import { lazy, Suspense } from "react";
import { formatPicked } from "../journal/formatPicked";
import { formatArea, formatMoney, SQUARE_METRES_PER_SQUARE_FOOT } from "../measure/figures";
import { formatFood } from "../measure/food";
import { formatWater } from "../measure/water";
import { SmallTable } from "../parts/SmallTable";
import { useDesk } from "../workspace/desk";
import { seasonName } from "../workspace/seasons";
import type { SeasonFigures } from "./seasons";
import { perArea, told } from "./sideBySide";
import { words } from "./words";

const PickedByWeek = lazy(() => import("./PickedByWeek"));

/** The garden as a whole in some seasons, and how the harvest came in. */
export function WholeSeasons({ pair }: { pair: readonly SeasonFigures[] }) {
  const { units, plan } = useDesk();
  const { currency, amount } = plan.budget.sum;
  const decimals = amount.split(".")[1]?.length ?? 0;
  const weight = (kilograms: number) => formatFood(kilograms, units);
  const row = (head: string, text: (figures: SeasonFigures) => string) => ({
    key: head,
    head,
    cells: pair.map(text),
  });
  const area = words.areas[units];
  const moneyPerArea = (amount: number | undefined) =>
    amount === undefined || units === "METRIC" ? amount : amount * SQUARE_METRES_PER_SQUARE_FOOT;
  // Without a single price nothing is said of what it is worth.
  const isPriced = ({ value }: SeasonFigures) => Number(value.amount) > 0;
  const worthOf = (figures: SeasonFigures, amount: number | undefined) =>
    isPriced(figures)
      ? told(amount, (each) => formatMoney({ amount: each.toFixed(decimals), currency }))
      : words.nothing;
  return (
    <div className="flex flex-wrap gap-x-8 gap-y-2 py-1">
      <div className="w-full max-w-md" data-testid="whole-seasons">
        <SmallTable
          heads={["", ...pair.map(({ season }) => seasonName(season, plan.yearBegins))].map((text) => ({
            text,
          }))}
          rows={[
            row(words.soil, ({ soil }) => formatArea(soil, units)),
            row(words.planned, ({ planned }) => weight(planned)),
            row(words.picked, (each) => formatPicked(each.picked, units) || words.nothing),
            row(words.pickedPerArea(area), ({ weightPer }) => perArea(weightPer.perSquareMetre, units)),
            row(words.value, (each) => (isPriced(each) ? formatMoney(each.value) : words.nothing)),
            row(words.valuePerArea(area), (each) =>
              worthOf(each, moneyPerArea(each.valuePer.perSquareMetre)),
            ),
            row(words.plannedHours, ({ plannedHours }) => words.hoursOf(plannedHours)),
            row(words.hours, ({ hours }) => words.hoursOf(hours)),
            row(words.pickedPerHour, ({ weightPer }) => told(weightPer.perHour, weight)),
            row(words.valuePerHour, (each) => worthOf(each, each.valuePer.perHour)),
            row(words.bill, ({ bill }) => formatMoney(bill)),
            row(words.paid, ({ paid }) => formatMoney(paid)),
            row(words.paidForOne(words.units[units]), ({ paidForOne }) => told(paidForOne, formatMoney)),
            row(words.valueOfPaid(currency), (each) => worthOf(each, each.valueOfPaid)),
            row(words.water, ({ water }) => formatWater(water, units)),
            row(words.losses, ({ losses }) => String(losses)),
          ]}
        />
        {pair
          .filter(({ unvalued }) => unvalued > 0)
          .map(({ season, unvalued }) => (
            <p key={season} className="text-xs text-soft">
              {words.soFar(seasonName(season, plan.yearBegins), words.unvalued(unvalued))}
            </p>
          ))}
      </div>
      {pair.some(({ picked }) => picked.kilograms > 0) && (
        <Suspense fallback={null}>
          <PickedByWeek pair={pair} />
        </Suspense>
      )}
    </div>
  );
}
