import { Problem } from "../api/client";

/** Something that was done outdoors and that the program is to know. */
export interface Entry {
  /** What it is about: of two entries with the same key only the newer one is sent. */
  key: string;
  path: string;
  body: unknown;
  /** Key of the file that is sent in the place of the body. */
  file?: string;
  /** What it is, for whoever looks at what waits. */
  words: string;
  /** Why the program did not take it. */
  refused?: string;
}

/** Where entries outlast a reload of the page. */
export interface Shelf {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
}

export interface OutboxState {
  entries: readonly Entry[];
  /** Whether the program asks for signing in again before it takes them. */
  signedOut: boolean;
}

const KEY = "fairacre.outbox";
/** So long is waited before what didn't go through is sent again, milliseconds. */
const AGAIN = 3000;

type Send = (entry: Entry) => Promise<unknown>;

/**
 * What waits to be sent from pages for outdoors, whatever it is and of whichever garden: each entry is sent until it goes
 * through, in the order in which they were made, so that a place without a signal loses none. What the program refuses
 * stays with the reason until it is dropped.
 */
export class Outbox {
  private state: OutboxState;
  private sending = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly listeners = new Set<() => void>();
  private readonly senders = new Set<(entry: Entry) => void>();

  constructor(
    private readonly shelf: Shelf,
    private readonly send: Send,
    private readonly dropped: (file: string) => void = () => undefined,
  ) {
    this.state = { entries: this.kept(), signedOut: false };
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = (): OutboxState => this.state;

  /** Calls back with each entry that went through. */
  whenSent(listener: (entry: Entry) => void): () => void {
    this.senders.add(listener);
    return () => this.senders.delete(listener);
  }

  add(entry: Entry): void {
    this.change((entries) => [...entries.filter(({ key }) => key !== entry.key), entry]);
    void this.flush();
  }

  drop(key: string): void {
    const file = this.kept().find((entry) => entry.key === key)?.file;
    if (file !== undefined) this.dropped(file);
    this.change((entries) => entries.filter((entry) => entry.key !== key));
  }

  /** Sends what waits; returns when nothing does, or when it has to be tried again. */
  async flush(): Promise<void> {
    if (this.sending) return;
    clearTimeout(this.timer);
    this.sending = true;
    try {
      for (let next = this.next(); next; next = this.next()) {
        if (!(await this.attempt(next))) return;
      }
    } finally {
      this.sending = false;
    }
  }

  private next(): Entry | undefined {
    return this.kept().find(({ refused }) => refused === undefined);
  }

  /** Whether to go on with what is then first. */
  private async attempt(entry: Entry): Promise<boolean> {
    try {
      await this.send(entry);
    } catch (failure) {
      if (failure instanceof Problem && failure.status !== 401) {
        this.replace(entry, [{ ...entry, refused: failure.message }]);
        return true;
      }
      this.change((entries) => entries, failure instanceof Problem);
      this.timer = setTimeout(() => void this.flush(), AGAIN);
      return false;
    }
    this.senders.forEach((listener) => {
      listener(entry);
    });
    this.replace(entry, []);
    return true;
  }

  /** Unless a newer one took the entry's place meanwhile. */
  private replace(entry: Entry, by: readonly Entry[]): void {
    const same = JSON.stringify(entry);
    this.change((entries) => entries.flatMap((each) => (JSON.stringify(each) === same ? by : [each])));
  }

  /** Goes out from what is kept: another window may have added to it. */
  private change(edit: (entries: readonly Entry[]) => readonly Entry[], signedOut = false): void {
    const entries = edit(this.kept());
    this.shelf.setItem(KEY, JSON.stringify(entries));
    this.state = { entries, signedOut };
    this.listeners.forEach((listener) => {
      listener();
    });
  }

  private kept(): readonly Entry[] {
    try {
      return JSON.parse(this.shelf.getItem(KEY) ?? "[]") as Entry[];
    } catch {
      return [];
    }
  }
}
