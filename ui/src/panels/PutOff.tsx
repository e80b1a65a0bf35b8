import { useState } from "react";
import type { AppraisalReport, Change, Plan } from "../api/types";
import { batch } from "../edits/changes";
import { formatAmount, zeroLike } from "../measure/figures";
import { CheckField } from "../parts/CheckField";
import { TextField } from "../parts/TextField";
import { words } from "../words";
import { useDesk } from "../workspace/desk";

/** What of a season is put off; the beds are those that are selected, or all of them if none is. */
export interface Phase {
  season: number;
  to: number;
  beds: boolean;
  walks: boolean;
  others: boolean;
}

/** The edits that move a phase; nothing of another season is touched. */
export function puttingOff(plan: Plan, selection: ReadonlySet<string>, phase: Phase): Change[] {
  const { season, to } = phase;
  const beds = plan.beds
    .filter((bed) => selection.size === 0 || selection.has(bed.id))
    .flatMap((bed) =>
      bed.revisions.filter(({ from, existing }) => from === season && !existing).map(() => bed),
    );
  const walks = plan.walks.filter(
    ({ build }) => build.layers.length > 0 && (build.season ?? plan.firstSeason) === season,
  );
  const others = plan.sundries.filter((sundry) => sundry.season === season);
  return [
    ...(phase.beds ? beds : []).map(({ id }) => ({
      kind: "RescheduleRevision" as const,
      bed: id,
      from: season,
      to,
    })),
    ...(phase.walks ? walks : []).map((walk) => ({
      kind: "PutWalk" as const,
      walk: { ...walk, build: { ...walk.build, season: to } },
    })),
    ...(phase.others ? others : []).map((sundry) => ({
      kind: "PutSundry" as const,
      sundry: { ...sundry, season: to },
    })),
  ];
}

/** Moves a part of a season's work to a later one, with what every season costs before and after. */
export function PutOff() {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const [asked, setAsked] = useState({ beds: true, walks: false, others: false });
  const [to, setTo] = useState<number>();
  const phase: Phase = { ...asked, season: desk.season, to: to ?? desk.season + 1 };
  const chosen = desk.plan.beds.filter(({ id }) => desk.selection.has(id)).length;

  function change(next: Phase): Change | null {
    const changes = puttingOff(desk.plan, desk.selection, next);
    return changes.length === 0
      ? null
      : batch(`Put work of ${String(next.season)} off to ${String(next.to)}`, changes);
  }

  function look(part: Partial<Phase>) {
    const next = { ...phase, ...part };
    setAsked({ beds: next.beds, walks: next.walks, others: next.others });
    setTo(next.to);
    desk.tryOut(change(next));
  }

  const wanted = change(phase);
  return (
    <details
      className="border-t border-rule pt-2 text-sm"
      data-testid="put-off"
      open={open}
      onToggle={(event) => {
        const opened = event.currentTarget.open;
        if (opened === open) return;
        setOpen(opened);
        desk.tryOut(opened ? wanted : null);
      }}
    >
      <summary className="cursor-pointer">Put work of {desk.season} off</summary>
      <div className="space-y-1 py-1">
        <CheckField
          label={chosen === 0 ? "Its beds" : `The selected beds (${String(chosen)})`}
          checked={phase.beds}
          onChange={(beds) => {
            look({ beds });
          }}
        />
        <CheckField
          label="Its walks"
          checked={phase.walks}
          onChange={(walks) => {
            look({ walks });
          }}
        />
        <CheckField
          label="What is not on the drawing"
          checked={phase.others}
          onChange={(others) => {
            look({ others });
          }}
        />
        <TextField
          label="To the season"
          figures
          value={String(phase.to)}
          onCommit={(text) => {
            look({ to: /^\d{4}$/.test(text.trim()) ? Number(text) : desk.season + 1 });
          }}
        />
        {wanted && desk.preview && desk.judged && (
          <Both before={desk.judged} after={desk.preview.appraisal} />
        )}
        {!wanted && <p className="text-soft">{words.nothingToPutOff}</p>}
        <button
          type="button"
          className="strong-button"
          disabled={!wanted}
          onClick={() => {
            if (!wanted) return;
            desk.submit(wanted);
            desk.tryOut(null);
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
