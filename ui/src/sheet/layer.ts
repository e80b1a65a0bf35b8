import type { ComponentType } from "react";
import type { Change, Lifetime, Plan } from "../api/types";
import { batch, freeName, without } from "../edits/changes";
import type { Desk, TradeStep } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import { isSameGeometry, type Geometries, type Geometry, type Thing } from "./things";
import type { View } from "./view";

/** What a layer needs of the desk to tell its things. */
export type Ground = Pick<Desk, "plan" | "season" | "outlines" | "bedById" | "catalogue">;

export interface DrawProps {
  view: View;
  /** Things under the hand, where they are drawn for now. */
  moved: Geometries;
  selected: ReadonlySet<string>;
}

/** What the sheet shows of one kind of thing, and which edits its handling makes. */
export interface Layer {
  /** The step in which it is edited by numbers. */
  step: TradeStep;
  /** What is there in the season. */
  things: (ground: Ground) => Thing[];
  Draw: ComponentType<DrawProps>;
  /** What is there in another season, as it stands then. */
  inSeason: (ground: Ground, season: number) => Pick<Thing, "id" | "geometry">[];
  /** The figure under a thing's name; undefined of another layer's thing. */
  note?: (desk: Desk, id: string) => string | undefined;
  /** The edit that gives a thing another geometry than it had before; null of another layer's thing. */
  edit: (ground: Ground, id: string, geometry: Geometry, before: Geometry) => Change | null;
  /** The edit that puts another one like it there, under a name that is not taken. */
  copy: (ground: Ground, id: string, geometry: Geometry, taken: readonly string[]) => Copy | null;
  /** The edit that takes it out. */
  remove: (ground: Ground, id: string) => Change | null;
  /** What it can share with others that are edited together with it; undefined of another layer's thing. */
  fields?: (ground: Ground, id: string) => SharedFields | undefined;
}

/** Fields of a thing that several may share, each with the edit that sets it. */
export interface SharedFields {
  lengths: readonly { label: string; metres: number; put: (metres: number) => Change }[];
  lifetime: Lifetime;
  named: (name: string) => Change;
  lasting: (field: keyof Lifetime, season: number | undefined) => Change;
}

/** A length of a thing, and the thing with another one. */
export interface LengthOf<T> {
  label: string;
  metres: number;
  with: (metres: number) => T;
}

export interface Copy {
  id: string;
  name: string;
  change: Change;
}

interface Listed {
  id: string;
  name: string;
  lifetime: Lifetime;
}

/** A kind of thing that the plan lists, each put as a whole. */
interface ListedKind<T extends Listed> {
  step: TradeStep;
  under?: (item: T) => boolean;
  items: (plan: Plan) => readonly T[];
  kind: (item: T, ground: Ground) => string;
  geometry: (item: T, ground: Ground) => Geometry;
  reshaped: (item: T, geometry: Geometry) => T;
  put: (item: T) => Change;
  remove: (id: string) => Change;
  note?: (item: T, desk: Desk) => string;
  lengths?: (item: T, ground: Ground) => readonly LengthOf<T>[];
  Draw: ComponentType<DrawProps>;
}

/** The layer of a kind whose things the plan lists. */
export function layerOf<T extends Listed>(kind: ListedKind<T>): Layer {
  const find = ({ plan }: Ground, id: string) => kind.items(plan).find((item) => item.id === id);
  const things = (ground: Ground) =>
    kind
      .items(ground.plan)
      .filter(({ lifetime }) => isThere(lifetime, ground.season))
      .map((item) => ({
        id: item.id,
        name: item.name,
        kind: kind.kind(item, ground),
        geometry: kind.geometry(item, ground),
        under: kind.under?.(item) ?? false,
      }));
  return {
    step: kind.step,
    Draw: kind.Draw,
    things,
    inSeason: (ground, season) => things({ ...ground, season }),
    note: (desk, id) => {
      const item = find(desk, id);
      return item && kind.note?.(item, desk);
    },
    edit: (ground, id, geometry) => {
      const item = find(ground, id);
      return item ? kind.put(kind.reshaped(item, geometry)) : null;
    },
    copy: (ground, id, geometry, taken) => {
      const item = find(ground, id);
      if (!item) return null;
      const copy = {
        ...kind.reshaped(item, geometry),
        id: crypto.randomUUID(),
        name: nextName(item.name, taken),
      };
      return { id: copy.id, name: copy.name, change: kind.put(copy) };
    },
    remove: (ground, id) => (find(ground, id) ? kind.remove(id) : null),
    fields: (ground, id) => {
      const item = find(ground, id);
      return (
        item && {
          lengths: (kind.lengths?.(item, ground) ?? []).map(({ label, metres, with: put }) => ({
            label,
            metres,
            put: (value) => kind.put(put(value)),
          })),
          lifetime: item.lifetime,
          named: (name) => kind.put({ ...item, name }),
          lasting: (field, season) => kind.put({ ...item, lifetime: lasting(item.lifetime, field, season) }),
        }
      );
    },
  };
}

function lasting(lifetime: Lifetime, field: keyof Lifetime, season: number | undefined): Lifetime {
  return season === undefined ? without(lifetime, field) : { ...lifetime, [field]: season };
}

/** "Kale 3" after "Kale 2", or after "Kale". */
export function nextName(name: string, taken: readonly string[]): string {
  return freeName(name.replace(/ \d+$/, ""), taken);
}

/**
 * The edit that gives things other geometries, one to the gardener whatever their number; null if none differs.
 *
 * @param before theirs when they were taken in hand: what is judged meanwhile runs ahead of what is kept
 */
export function reshapes(
  layers: readonly Layer[],
  ground: Ground,
  now: Geometries,
  before: Geometries,
): Change | null {
  const changes = [...now].flatMap(([id, geometry]) => {
    const was = before.get(id);
    if (!was || isSameGeometry(was, geometry)) return [];
    return layers.flatMap((layer) => layer.edit(ground, id, geometry, was) ?? []);
  });
  return changes.length === 0 ? null : batch(`Move ${String(changes.length)} things`, changes);
}
