import { useEffect, useRef, useState } from "react";
import type { AppraisalReport, Change } from "../api/types";
import { formatAmount, zeroLike } from "../measure/figures";
import { CheckField } from "../parts/CheckField";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";

type Putting = Extract<Change, { kind: "PutOff" }>;

/** Moves a part of a season's work to a later one, with what every season costs before and after. */
export function PutOff() {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const [asked, setAsked] = useState({ beds: true, walks: false, sundries: false });
  const [to, setTo] = useState<number>();
  const [fault, setFault] = useState<string>();
  const [badSeason, setBadSeason] = useState<string>();
  const { tryOut } = desk;
  const latest = useRef(tryOut);
  useEffect(() => {
    latest.current = tryOut;
  });
  // Whoever goes to another step leaves no work put off on the sheet.
  useEffect(() => {
    if (!open) return undefined;
    return () => {
      latest.current(null);
    };
  }, [open]);
  const selected = desk.plan.beds.map(({ id }) => id).filter((id) => desk.selection.has(id));
  /** The beds that were selected when it was opened: on the sheet they are gone from the season while it is tried. */
  const [taken, setTaken] = useState<readonly string[]>([]);
  const chosen = open ? taken : selected;
  const phase = { ...asked, to: to ?? desk.season + 1, chosen };
  const others = open && selected.length > 0 && selected.join() !== chosen.join();

  // Which beds of these begin in the season is for the plan to say.
  function putting({ beds, walks, sundries, to: later, chosen: these }: typeof phase): Putting {
    const among = these.length > 0 ? [...these] : desk.plan.beds.map(({ id }) => id);
    return { kind: "PutOff", season: desk.season, to: later, beds: beds ? among : [], walks, sundries };
  }

  function look(part: Partial<typeof phase>) {
    const next = { ...phase, ...part };
    setAsked({ beds: next.beds, walks: next.walks, sundries: next.sundries });
    setTo(next.to);
    setTaken(next.chosen);
    setFault(undefined);
    tryOut(putting(next));
  }

  // A remedy that was looked at meanwhile takes the sheet: afterwards the work is put off on it again.
  const tried = useRef(false);
  useEffect(() => {
    if (open && tried.current && !desk.preview) latest.current(putting(phase));
    tried.current = desk.preview !== null;
  });

  return (
    <details
      className="border-t border-rule pt-2 text-sm"
      data-testid="put-off"
      open={open}
      onToggle={(event) => {
        const opened = event.currentTarget.open;
        if (opened === open) return;
        setOpen(opened);
        if (opened) look({ chosen: selected });
      }}
    >
      <summary className="cursor-pointer">Put work of {desk.season} off</summary>
      <div className="space-y-1 py-1">
        <CheckField
          label={chosen.length === 0 ? "Its beds" : `The selected beds (${String(chosen.length)})`}
          checked={phase.beds}
          onChange={(beds) => {
            look({ beds });
          }}
        />
        {others && (
          <button
            type="button"
            className="text-button"
            onClick={() => {
              look({ chosen: selected });
            }}
          >
            Put off what is selected now instead ({selected.length})
          </button>
        )}
        <CheckField
          label="Its walks and drains"
          checked={phase.walks}
          onChange={(walks) => {
            look({ walks });
          }}
        />
        <CheckField
          label="What is not on the drawing"
          checked={phase.sundries}
          onChange={(sundries) => {
            look({ sundries });
          }}
        />
        <TextField
          label="To the season"
          figures
          value={badSeason ?? String(phase.to)}
          fault={badSeason && `Give a year after ${String(desk.season)}.`}
          onCommit={(text) => {
            const year = /^\d{4}$/.test(text.trim()) ? Number(text) : 0;
            setBadSeason(year > desk.season ? undefined : text);
            if (year > desk.season) look({ to: year });
          }}
        />
        {desk.preview && desk.judged && <Both before={desk.judged} after={desk.preview.appraisal} />}
        {fault && (
          <p role="alert" className="text-snag">
            {fault}
          </p>
        )}
        <button
          type="button"
          className="strong-button"
          disabled={badSeason !== undefined}
          onClick={() => {
            desk.submit(putting(phase), (message) => {
              setFault(message);
              setOpen(true);
            });
            setOpen(false);
          }}
        >
          Put it off
        </button>
      </div>
    </details>
  );
}

/** What each season costs as planned and with the work put off. */
function Both({ before, after }: { before: AppraisalReport; after: AppraisalReport }) {
  const nothing = zeroLike(before.purse.planned);
  const of = (report: AppraisalReport, season: number) =>
    report.bySeason.find((each) => each.season === season)?.planned ?? nothing;
  const seasons = [...new Set([...before.bySeason, ...after.bySeason].map(({ season }) => season))].sort();
  return (
    <table className="w-full">
      <thead>
        <tr className="border-b border-rule text-right text-soft">
          <th className="text-left font-normal">In {nothing.currency}</th>
          <th className="font-normal">As planned</th>
          <th className="font-normal">Put off</th>
        </tr>
      </thead>
      <tbody>
        {seasons.map((season) => (
          <tr key={season} className="border-b border-hair text-right">
            <td className="figures text-left">{season}</td>
            <td className="figures">{formatAmount(of(before, season))}</td>
            <td className="figures">{formatAmount(of(after, season))}</td>
          </tr>
        ))}
        <tr className="text-right font-semibold">
          <td className="text-left">All</td>
          <td className="figures">{formatAmount(before.purse.planned)}</td>
          <td className="figures">{formatAmount(after.purse.planned)}</td>
        </tr>
      </tbody>
    </table>
  );
}
