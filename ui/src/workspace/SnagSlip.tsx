import { useEffect, useState } from "react";
import type { Snag } from "../api/types";
import { words } from "../words";
import { useDesk } from "./desk";
import { outlinesOf } from "./outlines";

const WEIGHTS = { SERIOUS: "Serious", WARNING: "Warning", NOTE: "Note" } as const;

/**
 * The snags, each with what it is known by while an edit changes its words: its rule and whom it is about, or where it is if it is about
 * neither bed nor thing nor gardener; of those that are still alike, which of them it is.
 */
function known(snags: readonly Snag[]): Map<string, Snag> {
  const keys = new Map<string, Snag>();
  const alike = new Map<string, number>();
  for (const snag of snags) {
    const about = [...snag.beds, ...snag.things.map(({ id }) => id), ...snag.gardeners];
    const where = about.length === 0 && snag.place ? `${String(snag.place.x)} ${String(snag.place.y)}` : "";
    const key = `${snag.rule} ${about.join()} ${where}`;
    const before = alike.get(key) ?? 0;
    alike.set(key, before + 1);
    keys.set(`${key} ${String(before)}`, snag);
  }
  return keys;
}

/**
 * What is wrong, worst first, each with its number on the sheet, where the rule comes from, and its remedies. While an edit is being
 * tried the list stays as it is: what would be put right is struck out, what would be new stands on top.
 */
export function SnagSlip() {
  const { judged: whole, report, preview } = useDesk();
  // A garden that has just been opened is judged before it is known what would help.
  const judged = whole ?? report;
  const snags = known(judged?.snags ?? []);
  // What a preview does not judge stays as it is known.
  const kept = (judged?.snags ?? []).filter((snag) => preview?.appraisal.notJudged.includes(snag.rule));
  const then = preview && known([...preview.appraisal.snags, ...kept]);
  const fresh = [...(then ?? [])].filter(([key]) => !snags.has(key));
  return (
    <aside
      aria-label="Snags"
      className="flex flex-col border-rule bg-paper max-lg:order-4 max-lg:border-t lg:min-h-0 lg:border-l"
    >
      <h2 className="flex items-baseline gap-2 border-b border-rule px-3 py-2">
        Snags <span className="figures text-soft">{judged ? snags.size : "…"}</span>
        {preview && (
          <span className="ml-auto text-sm font-normal text-mark">
            would be <span className="figures">{then?.size}</span>
          </span>
        )}
      </h2>
      {judged && snags.size === 0 && fresh.length === 0 && <p className="p-3 text-soft">{words.noSnags}</p>}
      <ol className="relative min-h-0 overflow-y-auto">
        {fresh.map(([key, snag]) => (
          <li key={key} className="border-b border-hair bg-snagpale px-3 py-2">
            <span className="text-sm font-semibold text-snag">New: </span>
            {snag.words}
          </li>
        ))}
        {[...snags].map(([key, snag], index) => (
          <Item key={key} snag={snag} number={index + 1} cured={then !== null && !then.has(key)} />
        ))}
      </ol>
    </aside>
  );
}

function Item({ snag, number, cured }: { snag: Snag; number: number; cured: boolean }) {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const serious = snag.weight === "SERIOUS";
  const { plan, setSketch } = desk;
  const { things } = snag;
  useEffect(() => {
    if (!open || things.length === 0) return;
    setSketch(outlinesOf(things, plan));
    return () => {
      setSketch([]);
    };
  }, [open, things, plan, setSketch]);
  return (
    <li className="border-b border-hair px-3 py-2">
      <button
        type="button"
        aria-expanded={open}
        className="flex w-full cursor-pointer gap-2 text-left"
        onClick={() => {
          setOpen(!open);
          if (snag.beds.length > 0) desk.select(snag.beds);
        }}
      >
        <span
          className={`figures mt-0.5 h-5 min-w-5 border border-snag px-0.5 text-center text-sm leading-[1.15rem] font-bold ${serious ? "bg-snag text-white" : "text-snag"}`}
        >
          {number}
        </span>
        <span>
          <span className="text-sm font-semibold text-snag">{WEIGHTS[snag.weight]}. </span>
          <span className={cured ? "text-soft line-through" : ""}>{snag.words}</span>
          {cured && <span className="ml-1 font-semibold text-mark">put right</span>}
        </span>
      </button>
      {open && (
        <div className="mt-1 ml-7 text-sm">
          <p className="text-soft">
            {snag.ruleWords} <span className="block">Source: {snag.source}.</span>
          </p>
          {snag.remedies.length === 0 && desk.judged === undefined && (
            <p className="text-soft">{words.findingRemedies}</p>
          )}
          <ul className="mt-1 space-y-1">
            {snag.remedies.map((remedy) => (
              <li key={remedy.words}>
                <button
                  type="button"
                  className="plain-button w-full text-left"
                  title="Enter takes it; resting on it shows what it does"
                  onPointerEnter={() => {
                    desk.tryOut(remedy.change);
                  }}
                  onPointerLeave={() => {
                    desk.tryOut(null);
                  }}
                  onFocus={() => {
                    desk.tryOut(remedy.change);
                  }}
                  onBlur={() => {
                    desk.tryOut(null);
                  }}
                  onClick={() => {
                    desk.submit(remedy.change);
                  }}
                >
                  {remedy.words}
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
    </li>
  );
}
