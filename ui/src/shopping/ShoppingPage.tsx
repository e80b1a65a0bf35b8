import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import type { Shopping } from "../api/types";
import { formatMoment } from "../measure/days";
import { formatMoney } from "../measure/figures";
import { outbox, useOutbox } from "../outdoors/useOutbox";
import { WaitingEntries } from "../outdoors/WaitingEntries";
import { words } from "./words";
import { shoppingKey, useShopping, type ToBuy } from "./useShopping";

/** A season's shopping list for a phone in one hand: large rows, and ticks that a shop without a signal doesn't lose. */
export default function ShoppingPage() {
  const { garden = "" } = useParams();
  const [search] = useSearchParams();
  const season = Number(search.get("season"));
  const { data, error } = useShopping(garden, season);
  const { isTicked, tick } = useTicks(garden, season, data?.ticked ?? []);
  if (!data) return <p className="p-4">{error ? error.message : "Writing the list …"}</p>;
  const { list } = data;
  const all = list.shops.flatMap((shop) => shop.things);
  const done = all.filter(({ item }) => isTicked(item)).length;
  return (
    <main className="mx-auto min-h-dvh max-w-xl bg-paper">
      <header className="sticky top-0 z-10 border-b border-rule bg-paper px-4 py-2">
        <h1 className="truncate text-lg">{data.garden}</h1>
        <p className="flex items-baseline gap-2 text-sm">
          <span className="grow">
            To buy in <span className="figures">{season}</span>:{" "}
            <span className="figures" data-testid="done">
              {done} of {all.length}
            </span>
          </span>
          <span className="figures">{formatMoney(list.total)}</span>
        </p>
        <p className="text-sm text-soft">As of {formatMoment(data.asOf)}</p>
        <WaitingEntries />
      </header>
      {all.length === 0 && <p className="p-4">{words.nothingToBuy(season)}</p>}
      {list.shops.map((shop) => (
        <section key={shop.shop ?? ""} className="pb-2">
          <h2 className="px-4 pt-3 pb-1 text-sm text-soft">
            {shop.shop === undefined ? "Wherever it is to be had" : `At ${shop.shop}, as last time`}
          </h2>
          <ul>
            {shop.things.map((thing) => {
              const ticked = isTicked(thing.item);
              return (
                <li key={thing.item} className="border-b border-hair">
                  <label
                    className={`flex min-h-14 cursor-pointer items-center gap-3 px-4 py-2 ${ticked ? "text-soft line-through" : ""}`}
                  >
                    <span className="figures w-14 shrink-0 text-right">{thing.quantity} ×</span>
                    <span className="min-w-0 grow">
                      {thing.label}
                      <span className="figures block text-sm text-soft">
                        {thing.amount ? formatMoney(thing.amount) : "no price"}
                      </span>
                    </span>
                    <input
                      type="checkbox"
                      className="h-7 w-7 shrink-0"
                      checked={ticked}
                      onChange={() => {
                        tick(thing);
                      }}
                    />
                  </label>
                </li>
              );
            })}
          </ul>
        </section>
      ))}
      <footer className="flex gap-4 px-4 py-4">
        <Link className="text-button" to={`/gardens/${garden}`}>
          Back to the garden
        </Link>
      </footer>
    </main>
  );
}

/** What somebody put into the cart, or back. */
interface Tick {
  season: number;
  item: string;
  ticked: boolean;
}

function withTick(shopping: Shopping, { item, ticked }: Tick): Shopping {
  const others = shopping.ticked.filter((other) => other !== item);
  return { ...shopping, ticked: ticked ? [...others, item] : others };
}

/** Ticks of this garden's list: what waits to be sent counts already. */
function useTicks(garden: string, season: number, known: readonly string[]) {
  const client = useQueryClient();
  const { entries } = useOutbox();
  const path = `/api/gardens/${garden}/shopping/ticks`;
  useEffect(
    () =>
      outbox().whenSent((entry) => {
        if (entry.path !== path) return;
        const tick = entry.body as Tick;
        client.setQueryData<Shopping>(
          shoppingKey(garden, tick.season),
          (shopping) => shopping && withTick(shopping, tick),
        );
      }),
    [client, garden, path],
  );
  const keyOf = (item: string) => `${path} ${String(season)} ${item}`;
  const isTicked = (item: string) => {
    const own = entries.find(({ key, refused }) => key === keyOf(item) && refused === undefined);
    return own ? (own.body as Tick).ticked : known.includes(item);
  };
  const tick = ({ item, label }: ToBuy) => {
    const ticked = !isTicked(item);
    const body: Tick = { season, item, ticked };
    outbox().add({ key: keyOf(item), path, body, words: `${ticked ? "Bought" : "Not bought"}: ${label}` });
  };
  return { isTicked, tick };
}
