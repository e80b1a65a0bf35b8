import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useReducer, useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { request } from "../api/client";
import type { Shopping } from "../api/types";
import { formatMoney } from "../measure/figures";
import { words } from "../words";
import { Ticks, type Tick } from "./ticks";
import { shoppingKey, useShopping } from "./useShopping";

/** A season's shopping list for a phone in one hand: large rows, and ticks that a shop without a signal doesn't lose. */
export default function ShoppingPage() {
  const { garden = "" } = useParams();
  const [search] = useSearchParams();
  const season = Number(search.get("season"));
  const { data, error } = useShopping(garden, season);
  const ticks = useTicks(garden);
  if (!data) return <p className="p-4">{error ? error.message : "Writing the list …"}</p>;
  const { list } = data;
  const all = list.shops.flatMap((shop) => shop.things);
  const done = all.filter((thing) => ticks.isTicked(season, thing.item, data.ticked)).length;
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
        <p aria-live="polite" className="min-h-5 text-sm text-snag">
          {ticks.count > 0 && words.ticksWait(ticks.count)}
        </p>
      </header>
      {all.length === 0 && <p className="p-4">{words.nothingToBuy(season)}</p>}
      {list.shops.map((shop) => (
        <section key={shop.shop ?? ""} className="pb-2">
          <h2 className="px-4 pt-3 pb-1 text-sm text-soft">
            {shop.shop === undefined ? "Wherever it is to be had" : `At ${shop.shop}, as last time`}
          </h2>
          <ul>
            {shop.things.map((thing) => {
              const ticked = ticks.isTicked(season, thing.item, data.ticked);
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
                        ticks.tick({ season, item: thing.item, ticked: !ticked });
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

function withTick(shopping: Shopping, { item, ticked }: Tick): Shopping {
  const others = shopping.ticked.filter((other) => other !== item);
  return { ...shopping, ticked: ticked ? [...others, item] : others };
}

/** The ticks of this garden's lists; the page is drawn again with each. */
function useTicks(garden: string): Ticks {
  const client = useQueryClient();
  const [, redraw] = useReducer((count: number) => count + 1, 0);
  const [ticks] = useState(
    () =>
      new Ticks(
        `shopping ${garden}`,
        async (tick) => {
          await request("POST", `/api/gardens/${garden}/shopping/ticks`, tick);
          client.setQueryData<Shopping>(
            shoppingKey(garden, tick.season),
            (known) => known && withTick(known, tick),
          );
        },
        redraw,
        window.localStorage,
      ),
  );
  useEffect(
    () => () => {
      ticks.stop();
    },
    [ticks],
  );
  return ticks;
}
