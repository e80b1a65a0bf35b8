import { RadioGroup } from "radix-ui";
import { useMemo, useState } from "react";
import type { Snag } from "../api/types";
import { allNamed } from "../capabilities";
import { Explain } from "../terms/Explain";
import { roving, RovingList } from "../parts/RovingList";
import { words } from "./words";
import { useDesk, type Desk } from "./desk";
import { AsideSnags } from "./AsideSnags";
import { SnagItem } from "./SnagItem";
import { FirstThings } from "./FirstThings";
import { grouped, GROUPINGS, type Grouping, type Names, type SnagGroup } from "./snagGroups";
import { stepLabel } from "./stepLabels";

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
 * tried the list stays where it is, so that nothing moves away from under the pointer: what would be put right is struck out, what would
 * be new is told at the lower edge.
 */
export function SnagSlip() {
  const desk = useDesk();
  const { judged: whole, report, preview, folded, fold } = desk;
  const [by, setBy] = useState<Grouping>("cause");
  // A garden that has just been opened is judged before it is known what would help.
  const judged = whole ?? report;
  const snags = useMemo(() => known(judged?.snags ?? []), [judged?.snags]);
  if (desk.paper !== null) return null;
  if (folded.slip) return <Unfold count={judged && snags.size} />;
  // What a preview does not judge stays as it is known.
  const kept = (judged?.snags ?? []).filter((snag) => preview?.appraisal.notJudged.includes(snag.rule));
  const then = preview && known([...preview.appraisal.snags, ...kept]);
  const fresh = [...(then ?? [])].filter(([key]) => !snags.has(key));
  const numbered = [...snags].map(([key, snag], index) => ({ key, snag, number: index + 1 }));
  return (
    <aside
      aria-label="Snags"
      className="flex min-h-0 flex-col border-rule bg-paper print:hidden max-lg:fixed max-lg:inset-x-0 max-lg:bottom-[3.6rem] max-lg:z-30 max-lg:max-h-[62dvh] max-lg:border-t-2 max-lg:border-ink lg:col-start-4 lg:row-start-3 lg:w-66 lg:border-l"
    >
      <div className="border-b border-rule pr-1 pl-3">
        <div className="flex items-baseline gap-2">
          <h2>
            Snags <span className="figures text-soft">{judged ? snags.size : "…"}</span>
          </h2>
          <div className="grow">
            <Explain term="snag" />
          </div>
          <div className="relative">
            {preview && (
              <span className="absolute right-2 py-1 text-sm whitespace-nowrap text-mark">
                would be <span className="figures">{then?.size}</span>
              </span>
            )}
            <button
              type="button"
              className={`text-button px-2 py-1 text-sm whitespace-nowrap ${preview ? "invisible" : ""}`}
              title="More room for the sheet"
              onClick={() => {
                fold("slip", true);
              }}
            >
              Fold away
            </button>
          </div>
        </div>
        {snags.size > 1 && <By by={by} onChange={setBy} />}
      </div>
      <FirstThings />
      {judged && snags.size === 0 && fresh.length === 0 && (
        <p className="p-3 text-soft">{desk.plan.beds.length === 0 ? words.nothingToJudge : words.noSnags}</p>
      )}
      <RovingList role="list" className="relative min-h-0 list-none overflow-y-auto">
        {grouped(numbered, by, namesAt(desk)).map((group) => (
          <Group
            key={`${by} ${group.heading}`}
            group={group}
            isCured={(key) => then !== null && !then.has(key)}
          />
        ))}
        {fresh.length > 0 && (
          <li className="pointer-events-none sticky bottom-0 max-h-[40dvh] overflow-hidden border-t border-rule">
            <ul aria-label="New snags">
              {fresh.map(([key, snag]) => (
                <li key={key} className="border-b border-hair bg-snagpale px-3 py-2">
                  <span className="text-sm font-semibold text-snag">New: </span>
                  {snag.words}
                </li>
              ))}
            </ul>
          </li>
        )}
      </RovingList>
      {judged && <AsideSnags aside={judged.aside} />}
    </aside>
  );
}

function namesAt({ plan, bedById }: Desk): Names {
  const things = allNamed(plan);
  return {
    thing: (id) =>
      bedById.get(id)?.name ?? things.find((thing) => thing.id === id)?.name ?? words.wholeGarden,
    gardener: (id) => [...plan.gardeners, ...plan.carriers].find((each) => each.id === id)?.name ?? "",
    step: (step) => stepLabel(step),
  };
}

/** What there is to see of the snags while they are folded away beside a wide sheet. */
function Unfold({ count }: { count: number | undefined }) {
  const { fold } = useDesk();
  return (
    <button
      type="button"
      data-overlay="snags"
      className="plain-button absolute top-20.5 right-17 z-10 max-lg:hidden"
      onClick={() => {
        fold("slip", false);
      }}
    >
      Snags <span className="figures">{count ?? "…"}</span>
    </button>
  );
}

function By({ by, onChange }: { by: Grouping; onChange: (by: Grouping) => void }) {
  return (
    <RadioGroup.Root
      aria-label="Group the snags"
      orientation="horizontal"
      className="flex gap-3 pb-1 text-sm"
      value={by}
      onValueChange={(value) => {
        const found = GROUPINGS.find((grouping) => grouping.value === value);
        if (found) onChange(found.value);
      }}
    >
      {GROUPINGS.map(({ value, label }) => (
        <RadioGroup.Item
          key={value}
          value={value}
          className="cursor-pointer border-b-2 border-transparent text-soft data-[state=checked]:border-mark data-[state=checked]:font-semibold data-[state=checked]:text-ink"
        >
          {label}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}

/** With more snags than this a group shows its heading first. */
const MOST_SHOWN = 4;

function Group({ group, isCured }: { group: SnagGroup; isCured: (key: string) => boolean }) {
  const { heading, snags } = group;
  const [open, setOpen] = useState(snags.length <= MOST_SHOWN);
  const items = snags.map(({ key, snag, number }) => (
    <SnagItem key={key} snag={snag} number={number} cured={isCured(key)} />
  ));
  if (snags.length === 1) return items;
  const serious = snags.filter(({ snag }) => snag.weight === "SERIOUS").length;
  return (
    <li className="border-b border-rule">
      <button
        {...roving}
        type="button"
        aria-expanded={open}
        className="flex w-full cursor-pointer items-baseline gap-2 bg-film px-3 py-1 text-left text-sm font-semibold hover:bg-markpale"
        onClick={() => {
          setOpen(!open);
        }}
      >
        <span aria-hidden="true">{open ? "▾" : "▸"}</span>
        <span className="grow">{heading}</span>
        {serious > 0 && <span className="text-snag">{serious} serious</span>}
        <span className="figures text-soft">{snags.length}</span>
      </button>
      {open && <ol>{items}</ol>}
    </li>
  );
}
