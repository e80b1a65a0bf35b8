import { useEffect, useState } from "react";
import type { Snag } from "../api/types";
import { roving } from "../parts/RovingList";
import { words } from "./words";
import { useDesk } from "./desk";
import { trying } from "./trying";
import { outlinesOf } from "./outlines";
import { PutAside } from "./PutAside";

const WEIGHTS = { SERIOUS: "Serious", WARNING: "Warning", NOTE: "Note" } as const;

interface SnagItemProps {
  snag: Snag;
  /** By which it is marked on the sheet. */
  number: number;
  /** Whether the edit that is being tried puts it right. */
  cured: boolean;
}

/** One snag; opened, with its rule, its remedies and the way to live with it. */
export function SnagItem({ snag, number, cured }: SnagItemProps) {
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
    <li className="relative border-b border-hair px-3 py-2" data-snag={number}>
      <button
        {...roving}
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
        </span>
        {cured && (
          <span className="absolute top-0 right-1 bg-paper px-1 text-sm font-semibold text-mark">
            put right
          </span>
        )}
      </button>
      {open && (
        <div className="mt-1 ml-7 text-sm">
          <p className="text-soft">
            {snag.ruleWords} <span className="block">Source: {snag.source}.</span>
          </p>
          {snag.remedies.length === 0 && desk.judged === undefined && (
            <p className="text-soft">{words.findingRemedies}</p>
          )}
          <Remedies snag={snag} />
          <PutAside snag={snag} />
        </div>
      )}
    </li>
  );
}

/** What would put it right: resting on one shows it, taking it does it. */
function Remedies({ snag }: { snag: Snag }) {
  const desk = useDesk();
  return (
    <ul className="mt-1 space-y-1">
      {snag.remedies.map(({ words: label, change }) => (
        <li key={label}>
          <button
            type="button"
            className="plain-button w-full text-left"
            title="Enter takes it; resting on it shows what it does"
            {...trying(desk, change)}
            onClick={() => {
              desk.submit(change);
            }}
          >
            {label}
          </button>
        </li>
      ))}
    </ul>
  );
}
