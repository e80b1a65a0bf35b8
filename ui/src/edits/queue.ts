import { Away, Problem, request } from "../api/client";
import type { Change, GardenView } from "../api/types";

/*
 * Edits on their way to the program, one after another. An edit leaves the queue only when the program has taken or refused it:
 * while the program or its database is away it waits and is tried again, over a reload of the page too. Where the garden was
 * changed elsewhere meanwhile, an edit is made again on the newest state.
 */

export type Item = { kind: "change"; key: string; change: Change } | { kind: "undo" } | { kind: "redo" };

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
    this.state = { items: this.kept(), away: false, signedOut: false, notice: null };
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

  /** Sends what waits; returns when nothing does. */
  async run(): Promise<void> {
    if (this.running) return;
    this.running = true;
    try {
      for (let item = this.state.items[0]; item; item = this.state.items[0]) {
        if (!(await this.attempt(item))) return;
      }
    } finally {
      this.running = false;
    }
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
      const text = "The garden was changed elsewhere meanwhile. Your edit is made on the newest state.";
      this.update({ away: false, notice: { tone: "told", text } });
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
    const revision = this.options.revision();
    if (item.kind === "change") {
      const { key, change } = item;
      return this.send<GardenView>("POST", `${path}/changes`, { revision, key, change });
    }
    return this.send<GardenView>("POST", `${path}/${item.kind}`, { revision });
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
