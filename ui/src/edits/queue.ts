import { Away, Problem, request } from "../api/client";
import type { Change, GardenView } from "../api/types";

/*
 * Edits on their way to the program, one after another. An edit leaves the queue only when the program has taken or refused it:
 * while the program or its database is away it waits and is tried again, over a reload of the page too. Where the garden was
 * changed elsewhere meanwhile, the program keeps what both changed; where both changed the same, the gardener is asked.
 */

/** @property revision of the garden that a change was made of; known from the first attempt on */
export type Item =
  | { kind: "change"; key: string; change: Change; revision?: number }
  | { kind: "undo" }
  | { kind: "redo" }
  /** To before an edit of the history. */
  | { kind: "back"; entry: number };

export interface Notice {
  tone: "refused" | "told";
  text: string;
}

export interface QueueState {
  items: readonly Item[];
  /** Whether the program or its database is away at the moment. */
  away: boolean;
  signedOut: boolean;
  notice: Notice | null;
  /** What the first edit and somebody else have both changed: "Gate: width"; null while nothing is asked. */
  conflict: readonly string[] | null;
}

export interface QueueOptions {
  garden: string;
  revision: () => number;
  /** A newer state of the garden; `made` is the edit that led to it, null for one made elsewhere. */
  onGarden: (garden: GardenView, made: Item | null) => void;
  storage?: Pick<Storage, "getItem" | "setItem" | "removeItem">;
  send?: typeof request;
  /** Milliseconds until an edit is tried again. */
  patience?: number;
}

const PATIENCE = 2000;

export class EditQueue {
  private state: QueueState;
  private readonly listeners = new Set<() => void>();
  private running = false;
  private readonly send: typeof request;
  private readonly storage;
  private readonly whenRefused = new Map<Item, (message: string) => void>();

  constructor(private readonly options: QueueOptions) {
    this.send = options.send ?? request;
    this.storage = options.storage ?? sessionStorage;
    this.state = { items: this.kept(), away: false, signedOut: false, notice: null, conflict: null };
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = (): QueueState => this.state;

  /** @param refused told why the program did not take it; without, the notice says so */
  add(item: Item, refused?: (message: string) => void): void {
    if (refused) this.whenRefused.set(item, refused);
    this.update({ items: [...this.state.items, item], notice: null });
    void this.run();
  }

  dismiss(): void {
    this.update({ notice: null });
  }

  tell(notice: Notice): void {
    this.update({ notice });
  }

  /** Calls back at once, or as soon as no edit is on its way. */
  whenEmpty(then: () => void): void {
    if (this.state.items.length === 0) {
      then();
      return;
    }
    const end = this.subscribe(() => {
      if (this.state.items.length > 0) return;
      end();
      then();
    });
  }

  /** Once no edit is on its way: what is asked then is answered of the plan that is seen. */
  allKept(): Promise<void> {
    return new Promise((done) => {
      this.whenEmpty(done);
    });
  }

  /** What somebody else changed stays, and the edit that is asked about is not made. */
  keepTheirs(): void {
    this.update({ items: this.state.items.slice(1), conflict: null });
    void this.run();
  }

  /** The edit that is asked about is made of the newest state. */
  makeMine(): void {
    const [first, ...rest] = this.state.items;
    const items =
      first?.kind === "change" ? [{ ...first, revision: this.options.revision() }, ...rest] : rest;
    this.update({ items, conflict: null });
    void this.run();
  }

  /** Sends what waits; returns when nothing does, or when something is asked. */
  async run(): Promise<void> {
    if (this.running || this.state.conflict) return;
    this.running = true;
    try {
      for (let item = this.state.items[0]; item; item = this.state.items[0]) {
        if (!(await this.attempt(this.begun(item)))) return;
      }
    } finally {
      this.running = false;
    }
  }

  /** The first item with the revision that it is made of, kept with it over a reload. */
  private begun(item: Item): Item {
    if (item.kind !== "change" || item.revision !== undefined) return item;
    const begun = { ...item, revision: this.options.revision() };
    const refused = this.whenRefused.get(item);
    if (refused) this.whenRefused.set(begun, refused);
    this.whenRefused.delete(item);
    this.update({ items: [begun, ...this.state.items.slice(1)] });
    return begun;
  }

  /** Whether to go on with what is then first. */
  private async attempt(item: Item): Promise<boolean> {
    try {
      const garden = await this.post(item);
      this.whenRefused.delete(item);
      this.options.onGarden(garden, item);
      this.update({ items: this.state.items.slice(1), away: false, signedOut: false });
      return true;
    } catch (failure) {
      if (failure instanceof Away) {
        this.update({ away: true });
        await new Promise((resolve) => setTimeout(resolve, this.options.patience ?? PATIENCE));
        return true;
      }
      if (failure instanceof Problem) return this.explained(item, failure);
      throw failure;
    }
  }

  private explained(item: Item, problem: Problem): boolean {
    if (problem.status === 401) {
      this.update({ signedOut: true, away: false });
      return false;
    }
    const current = problem.status === 409 ? (problem.current as GardenView) : null;
    if (current) this.options.onGarden(current, null);
    if (current && item.kind === "change") {
      if (problem.fields.length > 0) {
        this.update({ away: false, conflict: problem.fields });
        return false;
      }
      const text = "The garden was changed elsewhere meanwhile. Your edit is made on the newest state.";
      const items = [{ ...item, revision: current.revision }, ...this.state.items.slice(1)];
      this.update({ items, away: false, notice: { tone: "told", text } });
      return true;
    }
    const text = current
      ? "The garden was changed elsewhere meanwhile. Look, then try again."
      : problem.message;
    const refused = this.whenRefused.get(item);
    this.whenRefused.delete(item);
    refused?.(text);
    const notice: Notice | null = refused ? null : { tone: "refused", text };
    this.update({ items: this.state.items.slice(1), away: false, notice });
    return true;
  }

  private post(item: Item): Promise<GardenView> {
    const path = `/api/gardens/${this.options.garden}`;
    if (item.kind === "change") {
      const { key, change, revision } = item;
      return this.send<GardenView>("POST", `${path}/changes`, { revision, key, change });
    }
    const what = item.kind === "back" ? `history/${String(item.entry)}/back` : item.kind;
    return this.send<GardenView>("POST", `${path}/${what}`, { revision: this.options.revision() });
  }

  private update(part: Partial<QueueState>): void {
    this.state = { ...this.state, ...part };
    const name = this.storageName();
    if (this.state.items.length === 0) this.storage.removeItem(name);
    else this.storage.setItem(name, JSON.stringify(this.state.items));
    this.listeners.forEach((listener) => {
      listener();
    });
  }

  private kept(): Item[] {
    try {
      return JSON.parse(this.storage.getItem(this.storageName()) ?? "[]") as Item[];
    } catch {
      return [];
    }
  }

  private storageName(): string {
    return `fairacre.edits.${this.options.garden}`;
  }
}
