import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { startTransition, useEffect, useMemo, useRef, useState, useSyncExternalStore } from "react";
import { Problem } from "../api/client";
import {
  judgedFrom,
  judgement,
  keys,
  useAppraisal,
  useCatalogue,
  useGarden,
  useSession,
} from "../api/queries";
import type { Catalogue, Change, GardenView, Plan } from "../api/types";
import { outlinesAfter, planAfter } from "../edits/changes";
import { Previews, type Preview } from "../edits/previews";
import { EditQueue, type Item } from "../edits/queue";
import { layers } from "../capabilities";
import type { Ground } from "../sheet/layer";
import { asBefore, type Thing } from "../sheet/things";
import type { Desk, Shown, SketchLine, SlopeLine, Tool } from "./desk";
import { follow, told } from "./following";
import { presentSeason } from "./seasons";
import { defaultStep } from "./steps";
import { useAddress, usePicked } from "./useAddress";
import { goToFields } from "./fields";
import { snagsByThing } from "./snagsByThing";
import { useFolded } from "./useFolded";

interface Opened {
  desk: Desk | null;
  failure: unknown;
}

/** The state of a workspace; the desk is null until the garden and the catalogue are there. */
export function useDeskState(id: string): Opened {
  const client = useQueryClient();
  const garden = useGarden(id);
  const catalogue = useCatalogue();
  const address = useAddress();
  const { folded, fold } = useFolded();
  const [snapStep, setSnapStep] = useState<number | null>(null);
  const [tool, setTool] = useState<Tool | null>(null);
  const [carrier, showCarrier] = useState<string | null>(null);
  const [fetchFrom, setFetchFrom] = useState<string | null>(null);
  const [slopeLine, setSlopeLine] = useState<SlopeLine | null>(null);
  const [sketch, setSketch] = useState<readonly SketchLine[]>([]);
  const [help, setHelp] = useState(false);
  const [shown, setShown] = useState<Shown>({
    dimensions: false,
    marks: true,
    ghosts: null,
    sun: { what: "SHADOWS", half: 11, minute: 12 * 60 },
    pinned: new Set(),
  });
  const [preview, setPreview] = useState<Preview | null>(null);
  /** Edits that are made but not judged yet: what they do is shown until the judgement is there. */
  const [settling, setSettling] = useState<readonly Change[]>([]);
  const trying = useRef(false);
  const [tried, setTried] = useState<Change | null>(null);

  const queue = useMemo(() => {
    const remember = (view: GardenView, made: Item | null) => {
      client.setQueryData(keys.garden(id), view);
      if (made?.kind === "change") setSettling((changes) => [...changes, made.change]);
    };
    const revision = () => client.getQueryData<GardenView>(keys.garden(id))?.revision ?? 0;
    return new EditQueue({ garden: id, revision, onGarden: remember });
  }, [client, id]);
  const queueState = useSyncExternalStore(queue.subscribe, queue.snapshot);
  const previews = useMemo(
    () =>
      new Previews(
        id,
        ({ revision, base }, season) => judgedFrom(client, judgement(id, revision, season), base),
        (answer, failure) => {
          // What is under the hand is drawn first.
          startTransition(() => {
            setPreview(answer);
          });
          if (failure instanceof Problem) queue.tell({ tone: "refused", text: failure.message });
        },
      ),
    [client, id, queue],
  );

  const loaded = garden.data !== undefined;
  useEffect(() => {
    if (loaded) void queue.run();
  }, [loaded, queue]);

  const session = useSession();
  const account = session.data?.name;
  useEffect(() => {
    if (!loaded) return;
    const revision = () => client.getQueryData<GardenView>(keys.garden(id))?.revision ?? 0;
    return follow(id, revision, (news) => {
      // Edits of this window are on their way until the queue is empty.
      queue.whenEmpty(() => {
        if (news.revision <= revision()) return;
        void client.invalidateQueries({ queryKey: keys.garden(id) });
        queue.tell({ tone: "told", text: told(news.edits, account) });
      });
    });
  }, [loaded, client, id, queue, account]);

  const shownSeason =
    address.season ?? presentSeason(garden.data?.plan.firstSeason, garden.data?.plan.yearBegins);
  const appraisal = useAppraisal(id, garden.data?.revision ?? -1, shownSeason);
  const judged = appraisal.isPlaceholderData ? undefined : appraisal.data;
  const quick = useQuery({
    ...judgement(id, garden.data?.revision ?? -1, shownSeason),
    placeholderData: keepPreviousData,
  });
  useEffect(() => {
    if (!judged) return;
    setSettling([]);
    if (!trying.current) setPreview(null);
  }, [judged]);
  const earlier = appraisal.data?.season === shownSeason ? appraisal.data : undefined;
  // Until the plan is judged after an edit, what was said of it before stays.
  const atOnce = quick.data?.appraisal.season === shownSeason ? quick.data.appraisal : earlier;
  const report = preview?.appraisal ?? judged ?? atOnce;

  const waiting = useMemo(
    () => queueState.items.flatMap((item) => (item.kind === "change" ? [item.change] : [])),
    [queueState.items],
  );
  const bedById = useMemo(() => new Map((report?.beds ?? []).map((bed) => [bed.bed, bed])), [report]);
  const outlines = useMemo(() => {
    const now = new Map((report?.beds ?? []).map((bed) => [bed.bed, bed.outline]));
    return outlinesAfter([...settling, ...waiting], now);
  }, [report, settling, waiting]);
  const kept = garden.data?.plan;
  const own = garden.data?.own;
  const known = catalogue.data;
  const plan = useMemo(() => kept && planAfter(waiting, kept, known?.things ?? []), [kept, known, waiting]);
  const ids = useMemo(() => (kept && known ? idsOf(kept, known.things) : []), [kept, known]);
  const [selection, select] = usePicked(ids);
  const offered = useMemo(
    () =>
      known &&
      own && {
        ...known,
        materials: [...known.materials, ...own.materials],
        boards: [...known.boards, ...own.boards],
        pipes: [...known.pipes, ...own.pipes],
        items: [...known.items, ...own.items],
      },
    [known, own],
  );

  const thingsOf = useMemo(remembering, []);
  const things = useMemo(
    () => thingsOf(plan && known && { plan, season: shownSeason, outlines, bedById, catalogue: known }),
    [thingsOf, plan, known, shownSeason, outlines, bedById],
  );
  const snagsOf = useMemo(() => snagsByThing(report?.snags ?? []), [report?.snags]);

  if (!garden.data || !plan || !offered)
    return { desk: null, failure: garden.failureReason ?? catalogue.failureReason };
  const view = garden.data;
  const desk: Desk = {
    garden: view,
    plan,
    units: plan.units,
    catalogue: offered,
    season: shownSeason,
    setSeason: (next) => {
      address.setSeason(next);
      setPreview(null);
    },
    step: address.step,
    setStep: (next) => {
      address.setStep(next);
      fold("panel", false);
    },
    folded,
    fold,
    help,
    setHelp,
    paper: address.paper,
    read: address.setPaper,
    report,
    judged: earlier,
    preview,
    tried,
    tryOut: (change: Change | null) => {
      trying.current = change !== null;
      setTried(change);
      if (change) previews.ask({ season: shownSeason, change });
      else previews.forget();
    },
    submit: (change, refused) => {
      trying.current = false;
      setTried(null);
      queue.add({ kind: "change", key: crypto.randomUUID(), change }, refused);
    },
    undo: () => {
      if (view.canUndo || queueState.items.length > 0) queue.add({ kind: "undo" });
    },
    redo: () => {
      if (view.canRedo || queueState.items.length > 0) queue.add({ kind: "redo" });
    },
    queue,
    queueState,
    selection,
    select,
    open: ([first]) => {
      const thing = first === undefined ? undefined : things.get(first);
      if (!thing) return;
      fold("panel", false);
      select([thing.id]);
      goToFields(thing.id, () => {
        const layer = layers.find((each) =>
          each
            .things({ plan, season: shownSeason, outlines, bedById, catalogue: offered })
            .some(({ id }) => id === thing.id),
        );
        if (layer) address.setStep(layer.step);
      });
    },
    outlines,
    bedById,
    snagsOf,
    things,
    shown,
    show: (part) => {
      setShown((before) => ({ ...before, ...part }));
    },
    snapStep: snapStep ?? defaultStep(view.plan.units),
    setSnapStep,
    tool,
    setTool,
    carrier: view.plan.carriers.some((c) => c.id === carrier) ? carrier : null,
    showCarrier,
    fetchFrom,
    setFetchFrom,
    slopeLine,
    setSlopeLine,
    sketch,
    setSketch,
  };
  return { desk, failure: null };
}

/** The function that tells the things of the ground; what is as it was the last time is the same object. */
function remembering() {
  let last: ReadonlyMap<string, Thing> = new Map();
  return (ground: Ground | undefined) => {
    last = asBefore(last, ground ? layers.flatMap((layer) => layer.things(ground)) : []);
    return last;
  };
}

/** Of whatever a plan lists. */
function idsOf(plan: Plan, lists: Catalogue["things"]): string[] {
  const listed = plan as unknown as Record<string, { id: string }[]>;
  return [...plan.beds, ...lists.flatMap(({ list }) => listed[list] ?? [])].map(({ id }) => id);
}
