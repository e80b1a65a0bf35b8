import { Dialog } from "radix-ui";
import { useEffect, useState } from "react";
import { request } from "../api/client";
import { useSolve, type Question } from "../api/solves";
import type { Arrangement, Frame, Rectangle, Wish } from "../api/types";
import { formatArea, formatMoney } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { PaperLink } from "../papers/PaperLink";
import { EnterForm } from "../forms/EnterForm";
import { CheckField } from "../parts/CheckField";
import { LengthField } from "../parts/LengthField";
import { boundsOf, corners, spanning } from "../sheet/geometry";
import { Picture } from "../sheet/Picture";
import { words as everywhere } from "../words";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { useKept } from "./arrangementsFound";
import { ConditionFields } from "./ConditionFields";
import { revisionIn } from "../workspace/revisionIn";

/** Whole layouts, worked out and judged by the program one manner after the other; what was found so far is shown, and the search can be stopped. */
export function Arrangements() {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        if (!next) desk.tryOut(null);
      }}
    >
      <Dialog.Trigger className="plain-button">Try arrangements …</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Content
          className="fixed inset-y-0 left-0 z-30 flex w-full flex-col border-r border-ink bg-paper lg:top-18 lg:w-93"
          aria-describedby={undefined}
        >
          <div className="flex items-center justify-between border-b border-rule px-4 py-2">
            <Dialog.Title className="text-lg">Try arrangements</Dialog.Title>
            <Dialog.Close className="plain-button">Close</Dialog.Close>
          </div>
          <div className="min-h-0 grow overflow-y-auto px-4 py-3">
            <Search
              onTaken={() => {
                setOpen(false);
              }}
            />
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** What is wished, the largest free rectangle to begin with; not ready until the program has found that. */
function useWish(): [Wish, (part: Partial<Wish>) => void, boolean] {
  const desk = useDesk();
  const plot = boundsOf(desk.plan.site.corners);
  const passing = Math.max(0.3, ...desk.plan.gardeners.map((g) => g.passing));
  const [wish, setWish] = useState<Wish>({
    low: { x: plot.left, y: plot.bottom },
    length: plot.right - plot.left,
    width: plot.top - plot.bottom,
    walk: passing,
    mainWalk: Math.max(passing, desk.units === "METRIC" ? 1.05 : 1.0668),
    longest: desk.units === "METRIC" ? 5 : 4.8768,
    conditions: { keep: [], leaveOut: [] },
  });
  const [ready, setReady] = useState(false);
  const garden = desk.plan.id;
  useEffect(() => {
    let gone = false;
    void request<Rectangle | null>("GET", `/api/gardens/${garden}/arrangements/ground`)
      .then((free) => {
        if (!free || gone) return;
        const { centre, length, width } = free;
        const low = { x: centre.x - length / 2, y: centre.y - width / 2 };
        setWish((before) => ({ ...before, low, length, width }));
      })
      .catch(() => undefined)
      .finally(() => {
        if (!gone) setReady(true);
      });
    return () => {
      gone = true;
    };
  }, [garden]);
  return [
    wish,
    (part) => {
      setWish({ ...wish, ...part });
    },
    ready,
  ];
}

function Search({ onTaken }: { onTaken: () => void }) {
  const desk = useDesk();
  const [wish, setWish, ready] = useWish();
  const [framed, setFramed] = useState(true);
  const [question, setQuestion] = useState<Question | null>(null);
  const [keep, setKeep] = useState(desk.selection.size > 0);
  const { told, open, fault, stop } = useSolve<Arrangement>(question);
  const { layouts } = desk.catalogue;
  const staying = desk.plan.beds.map(({ id }) => id).filter((id) => desk.selection.has(id));
  const tried = layouts.filter(({ key }) => !wish.conditions.leaveOut.includes(key));
  const frame = desk.plan.beds
    .map((bed) => revisionIn(bed, desk.season)?.frame)
    .find((f): f is Frame => f !== undefined);
  const found = told?.best ?? [];
  useKept(desk.plan.id, desk.season, told?.best);

  function search() {
    const conditions = { ...wish.conditions, keep: keep ? staying : [] };
    const body: Wish = { ...wish, conditions, ...(framed && frame ? { frame } : {}) };
    setQuestion({
      garden: desk.plan.id,
      what: "arrangements",
      query: `?season=${String(desk.season)}`,
      body,
    });
  }

  return (
    <EnterForm
      className="space-y-3"
      onEnter={() => {
        if (!open && ready && tried.length > 0) search();
      }}
    >
      <div className="grid grid-cols-3 items-end gap-2">
        <LengthField
          label="From the left"
          value={wish.low.x}
          units={desk.units}
          onCommit={(x) => {
            setWish({ low: { ...wish.low, x } });
          }}
        />
        <LengthField
          label="From the foot"
          value={wish.low.y}
          units={desk.units}
          onCommit={(y) => {
            setWish({ low: { ...wish.low, y } });
          }}
        />
        <LengthField
          label="Length"
          value={wish.length}
          units={desk.units}
          onCommit={(length) => {
            setWish({ length });
          }}
        />
        <LengthField
          label="Width"
          value={wish.width}
          units={desk.units}
          onCommit={(width) => {
            setWish({ width });
          }}
        />
        <LengthField
          label="Work walks"
          value={wish.walk}
          units={desk.units}
          onCommit={(walk) => {
            setWish({ walk });
          }}
        />
        <LengthField
          label="Main walk"
          value={wish.mainWalk}
          units={desk.units}
          onCommit={(mainWalk) => {
            setWish({ mainWalk });
          }}
        />
        <LengthField
          label="Longest bed"
          value={wish.longest}
          units={desk.units}
          onCommit={(longest) => {
            setWish({ longest });
          }}
        />
      </div>
      {frame && <CheckField label="Framed as the other beds are" checked={framed} onChange={setFramed} />}
      {staying.length > 0 && (
        <CheckField
          label={
            staying.length === 1
              ? "The selected bed stays"
              : `The ${String(staying.length)} selected beds stay`
          }
          checked={keep}
          onChange={setKeep}
        />
      )}
      <ConditionFields
        conditions={wish.conditions}
        onChange={(conditions) => {
          setWish({ conditions });
        }}
      />
      <div className="flex items-center gap-3">
        <button type="submit" className="strong-button" disabled={open || !ready || tried.length === 0}>
          Try them
        </button>
        {open && (
          <button type="button" className="plain-button" onClick={stop}>
            Stop
          </button>
        )}
        {question && !fault && (
          <p role="status" className="text-sm">
            {told && !open
              ? `${String(found.length)} sound ${found.length === 1 ? "layout" : "layouts"}.`
              : everywhere.underWay(
                  told,
                  `Trying ${tried[told?.done ?? 0]?.label.toLowerCase() ?? ""}`,
                  "manners",
                )}
          </p>
        )}
      </div>
      {fault && (
        <p role="alert" className="text-sm text-snag">
          {fault}
        </p>
      )}
      <p className="text-sm text-soft">{words.arrangements}</p>
      {found.length > 1 && !open && <PaperLink paper="arrangements" />}
      <ul className="space-y-2">
        {found.map((arrangement, index) => (
          <Found key={index} arrangement={arrangement} wish={wish} onTaken={onTaken} />
        ))}
      </ul>
    </EnterForm>
  );
}

interface FoundProps {
  arrangement: Arrangement;
  wish: Wish;
  onTaken: () => void;
}

function Found({ arrangement, wish, onTaken }: FoundProps) {
  const desk = useDesk();
  const manner = desk.catalogue.layouts.find(({ key }) => key === arrangement.manner)?.label ?? "";
  const bounds = {
    left: wish.low.x,
    right: wish.low.x + wish.length,
    bottom: wish.low.y,
    top: wish.low.y + wish.width,
  };
  const look = () => {
    desk.tryOut(arrangement.change);
  };
  return (
    <li className="flex gap-3 border border-rule bg-white p-2" onPointerEnter={look}>
      <Picture
        ground={[corners(spanning({ x: bounds.left, y: bounds.bottom }, { x: bounds.right, y: bounds.top }))]}
        beds={arrangement.beds}
        label={`${manner}, ${String(arrangement.beds.length)} beds`}
        width={104}
        height={104}
      />
      <div className="grow">
        <h3>
          {manner}, {arrangement.beds.length} {arrangement.beds.length === 1 ? "bed" : "beds"}
        </h3>
        <dl className="grid grid-cols-[1fr_auto] gap-x-2 text-sm">
          <dt>Growing area</dt>
          <dd className="figures text-right">{formatArea(arrangement.growing, desk.units)}</dd>
          <dt>Walks</dt>
          <dd className="figures text-right">{formatArea(arrangement.walks, desk.units)}</dd>
          <dt>Edges</dt>
          <dd className="figures text-right">{formatLength(arrangement.edge, desk.units)}</dd>
          <dt>Longest way round a bed</dt>
          <dd className="figures text-right">{formatLength(arrangement.detour, desk.units)}</dd>
          <dt title={words.sunMeans}>Sun</dt>
          <dd className="figures text-right">{words.sunADay(arrangement.sun)}</dd>
          <dt>Frames and fill</dt>
          <dd className="figures text-right">
            {formatMoney(arrangement.cost)}
            {arrangement.unpriced > 0 ? " and unpriced" : ""}
          </dd>
        </dl>
        <div className="mt-1 flex gap-2">
          <button type="button" className="plain-button whitespace-nowrap" onFocus={look} onClick={look}>
            Look at it
          </button>
          <button
            type="button"
            className="strong-button whitespace-nowrap"
            onClick={() => {
              desk.submit(arrangement.change);
              onTaken();
            }}
          >
            Take it over
          </button>
        </div>
      </div>
    </li>
  );
}
