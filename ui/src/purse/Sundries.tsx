import { plainAmount } from "../measure/numbers";
import type { Sundry } from "../api/types";
import { freeName, without } from "../edits/changes";
import { formatMoney } from "../measure/figures";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { PARTS } from "./receiptDraft";
import { acquiredName, partName, words } from "./words";
import { useDesk } from "../workspace/desk";
import { useFieldEdit } from "../forms/useFieldEdit";

const WAYS = ["BOUGHT", "KEPT", "FREE"] as const;

/** What no drawing shows: hire, delivery, tools, a gate by a joiner, gifts, own work. */
export function Sundries() {
  const desk = useDesk();
  const { sundries } = desk.plan;

  function add(preset: { label: string; part: Sundry["part"]; acquired: Sundry["acquired"] }) {
    const taken = sundries.map((sundry) => sundry.name);
    const name = taken.includes(preset.label) ? freeName(preset.label, taken) : preset.label;
    const { part, acquired } = preset;
    const season = Math.max(desk.season, desk.plan.firstSeason);
    desk.submit({
      kind: "PutSundry",
      sundry: { id: crypto.randomUUID(), name, season, part, quantity: 1, acquired },
    });
  }

  return (
    <section className="space-y-1 border-t border-rule pt-2">
      <h3>Not on the drawing</h3>
      {sundries.length === 0 && <p className="text-sm text-soft">{words.noSundries}</p>}
      {[...sundries]
        .sort((a, b) => a.season - b.season || a.name.localeCompare(b.name))
        .map((sundry) => (
          <SundryForm key={sundry.id} sundry={sundry} />
        ))}
      <div className="flex flex-wrap gap-1">
        {desk.catalogue.sundries.map((preset) => (
          <button
            key={preset.label}
            type="button"
            className="plain-button text-sm"
            onClick={() => {
              add(preset);
            }}
          >
            + {preset.label}
          </button>
        ))}
      </div>
    </section>
  );
}

function SundryForm({ sundry }: { sundry: Sundry }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const { currency } = desk.plan.budget.sum;
  const line = desk.report?.bill.find((each) => each.item === `sundry/${sundry.id}`);

  function put(field: string, part: Partial<Sundry>) {
    edit(field, { kind: "PutSundry", sundry: { ...sundry, ...part } });
  }

  /** What is no number goes to the program as 0, which refuses it with the range. */
  const count = (text: string) => (/^\d+([.,]\d+)?$/.test(text.trim()) ? Number(text.replace(",", ".")) : 0);

  return (
    <details className="border-b border-hair" data-testid="sundry">
      <summary className="flex cursor-pointer items-baseline gap-2 py-1">
        <span className="min-w-0 truncate">{sundry.name}</span>
        <span className="figures grow text-sm text-soft">{sundry.season}</span>
        <span className="figures whitespace-nowrap">
          {line?.amount ? formatMoney(line.amount) : <span className="text-snag">no price</span>}
        </span>
      </summary>
      <div className="space-y-2 pb-2">
        <TextField
          label="What"
          value={sundry.name}
          fault={faults["name"]}
          onCommit={(name) => {
            put("name", { name });
          }}
        />
        <div className="grid grid-cols-3 gap-2">
          <TextField
            label="Quantity"
            value={String(sundry.quantity)}
            figures
            fault={faults["quantity"]}
            onCommit={(text) => {
              put("quantity", { quantity: count(text) });
            }}
          />
          <TextField
            label={`Each, ${currency}`}
            value={sundry.price?.amount ?? ""}
            figures
            fault={faults["price"]}
            onCommit={(text) => {
              const amount = plainAmount(text, currency);
              if (amount === "") edit("price", { kind: "PutSundry", sundry: without(sundry, "price") });
              else put("price", { price: { amount, currency } });
            }}
          />
          <TextField
            label="Season"
            value={String(sundry.season)}
            figures
            fault={faults["season"]}
            onCommit={(text) => {
              put("season", { season: /^\d{1,4}$/.test(text.trim()) ? Number(text) : 0 });
            }}
          />
        </div>
        <div className="grid grid-cols-2 gap-2">
          <Choice
            label="Part of"
            value={sundry.part}
            options={PARTS.map((part) => ({ value: part, label: partName(part) }))}
            onChange={(part) => {
              put("part", { part });
            }}
          />
          <Choice
            label="It is"
            value={sundry.acquired}
            options={WAYS.map((way) => ({ value: way, label: acquiredName(way) }))}
            onChange={(acquired) => {
              put("acquired", { acquired });
            }}
          />
        </div>
        {sundry.acquired === "FREE" && <p className="text-sm text-soft">{words.freeIsSaved}</p>}
        <button
          type="button"
          className="plain-button"
          aria-label={`Take ${sundry.name} off the bill`}
          onClick={() => {
            edit("name", { kind: "RemoveSundry", sundry: sundry.id });
          }}
        >
          Take it off the bill
        </button>
      </div>
    </details>
  );
}
