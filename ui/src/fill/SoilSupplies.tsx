import { useSoilSupply } from "../api/queries";
import type { BulkPurchase, SeasonSoil } from "../api/types";
import { formatMoney, formatTonnes, formatVolume } from "../measure/figures";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { nameOf } from "./FillingForm";
import { HowLong } from "../forms/HowLong";

/** Bags against loose soil for each season, what is carried to the beds, and what settles. */
export function SoilSupplies() {
  const desk = useDesk();
  const { data } = useSoilSupply(desk.plan.id, desk.garden.revision);
  if (!data || data.length === 0) return null;
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>Bags or bulk, and the carrying</h3>
      {data.map((soil) => (
        <Supply key={`${String(soil.season)} ${String(soil.topUp)} ${soil.supply.good}`} soil={soil} />
      ))}
      <Together soils={data} />
      <HowLong work={["carry"]} />
      <p className="text-sm text-soft">{words.settling}</p>
      <p className="text-sm text-soft">{words.payload}</p>
    </section>
  );
}

/** What all goods of each season take to carry. */
function Together({ soils }: { soils: readonly SeasonSoil[] }) {
  const seasons = [...new Set(soils.map(({ season }) => season))].sort();
  return (
    <ul className="list-disc pl-4 text-sm" data-testid="carried-together">
      {seasons.map((season) => {
        const of = soils.filter((soil) => soil.season === season).map(({ supply }) => supply);
        const sum = (count: (supply: SeasonSoil["supply"]) => number) =>
          of.reduce((total, supply) => total + count(supply), 0);
        if (of.length < 2) return null;
        return (
          <li key={season}>
            All goods of <span className="figures">{season}</span>:{" "}
            <span className="figures">{sum((s) => s.loads.barrows)}</span> barrows, about{" "}
            <span className="figures">{sum((s) => s.barrowHours).toFixed(1)}</span> h, or{" "}
            <span className="figures">{sum((s) => s.loads.trailers)}</span> loads of a small trailer.
          </li>
        );
      })}
    </ul>
  );
}

function Supply({ soil: { season, topUp, supply } }: { soil: SeasonSoil }) {
  const { units, catalogue, plan } = useDesk();
  const { loads, looseFrom } = supply;
  const buys = supply.bags.lots.length > 0;
  const settled = (litres: number) => formatVolume(litres, units);
  return (
    <div data-testid="supply">
      <h4>
        <span className="figures">{season}</span>: {nameOf(catalogue.goods, supply.good)},{" "}
        <span className="figures">{formatVolume(supply.volume, units)}</span>
        {topUp && ", the yearly top-up"}
      </h4>
      {supply.onHand > 0 && (
        <p className="text-sm">
          <span className="figures">{formatVolume(supply.onHand, units)}</span> of it is on hand
          {buys ? "." : ": nothing to buy."}
        </p>
      )}
      {buys && (
        <table className="w-full text-sm">
          <tbody>
            <Way name="bags" purchase={supply.bags} chosen={!supply.looseIsChosen} />
            <Way name="bulk, tipped" purchase={supply.loose} chosen={supply.looseIsChosen} />
          </tbody>
        </table>
      )}
      <ul className="list-disc pl-4 text-sm">
        {looseFrom !== undefined && buys && plan.supply.tipping && (
          <li>
            Bulk is cheaper from <span className="figures">{looseFrom}</span>{" "}
            {looseFrom === 1 ? "bag" : "bags"} on.
          </li>
        )}
        <li>
          <span className="figures">{loads.barrows}</span> barrows: about{" "}
          <span className="figures">{supply.barrowHours.toFixed(1)}</span> h for{" "}
          {units === "METRIC" ? "30 m" : "100 ft"} there and back.
        </li>
        <li>
          <span className="figures">
            {formatTonnes(supply.leastTonnes, units)} to {formatTonnes(supply.mostTonnes, units)}
          </span>
          , the wetter the more: <span className="figures">{loads.trailers}</span>{" "}
          {loads.trailers === 1 ? "load" : "loads"} of a small trailer within its payload.
        </li>
        {loads.vehicles.map((trips) => (
          <li key={trips.vehicle}>
            {trips.vehicle}: <span className="figures">{trips.trips}</span>{" "}
            {trips.trips === 1 ? "trip" : "trips"}
            {trips.byPayload && ", by its payload: a full bed would be too heavy"}.
          </li>
        ))}
        <li>
          Settles by{" "}
          <span className="figures">
            {settled(supply.settlesLeast)} to {settled(supply.settlesMost)}
          </span>{" "}
          in the first year: plan that much more for {season + 1}.
        </li>
      </ul>
    </div>
  );
}

/** One way to buy it; the one that the bill takes stands out. */
function Way({ name, purchase, chosen }: { name: string; purchase: BulkPurchase; chosen: boolean }) {
  const { catalogue } = useDesk();
  const labels = new Map(catalogue.items.map((item) => [item.key, item.label]));
  return (
    <tr className={`border-b border-hair align-top ${chosen && purchase.total ? "font-semibold" : ""}`}>
      <td className="py-0.5 pr-2 whitespace-nowrap">{name}</td>
      <td className="font-normal">
        {purchase.lots.map((lot) => (
          <span key={lot.item} className="block">
            <span className="figures">{lot.quantity}</span> × {labels.get(lot.item) ?? lot.item}
          </span>
        ))}
      </td>
      <td className="figures pl-2 text-right whitespace-nowrap">
        {purchase.total ? formatMoney(purchase.total) : <span className="text-snag">no price</span>}
      </td>
    </tr>
  );
}
