/** What somebody put into the cart, or back. */
export interface Tick {
  season: number;
  item: string;
  ticked: boolean;
}

/** Where ticks wait for the program while it can't be reached: they outlast a reload of the page. */
export interface Shelf {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
}

/** So long is waited before what didn't go through is sent again, milliseconds. */
const AGAIN = 3000;

/**
 * Ticks that are on their way to the program. The newest one for a thing counts; each is sent until it goes through, one after the other,
 * so that a shop without a signal loses none.
 */
export class Ticks {
  private waiting: Tick[];
  private sending = false;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly key: string,
    private readonly send: (tick: Tick) => Promise<unknown>,
    private readonly onChange: () => void,
    private readonly shelf: Shelf,
  ) {
    this.waiting = read(shelf.getItem(key));
    void this.flush();
  }

  tick(tick: Tick): void {
    this.waiting = [...this.waiting.filter((other) => !same(other, tick)), tick];
    this.keep();
    void this.flush();
  }

  /** How many have not gone through yet. */
  get count(): number {
    return this.waiting.length;
  }

  /** Whether a thing is ticked: by what waits, else by what the program knows. */
  isTicked(season: number, item: string, known: readonly string[]): boolean {
    const own = this.waiting.find((tick) => tick.season === season && tick.item === item);
    return own ? own.ticked : known.includes(item);
  }

  stop(): void {
    clearTimeout(this.timer);
    this.timer = undefined;
  }

  private async flush(): Promise<void> {
    if (this.sending) return;
    this.stop();
    this.sending = true;
    try {
      for (let [next] = this.waiting; next; [next] = this.waiting) {
        await this.send(next);
        const sent = next;
        this.waiting = this.waiting.filter((tick) => tick !== sent);
        this.keep();
      }
    } catch {
      this.timer = setTimeout(() => void this.flush(), AGAIN);
    } finally {
      this.sending = false;
    }
  }

  private keep(): void {
    this.shelf.setItem(this.key, JSON.stringify(this.waiting));
    this.onChange();
  }
}

function same(one: Tick, other: Tick): boolean {
  return one.season === other.season && one.item === other.item;
}

function read(kept: string | null): Tick[] {
  try {
    return kept === null ? [] : (JSON.parse(kept) as Tick[]);
  } catch {
    return [];
  }
}
