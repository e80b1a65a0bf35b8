import { describe, expect, it, vi } from "vitest";
import { Away, Problem } from "../api/client";
import type { Change, GardenView } from "../api/types";
import { EditQueue, type Item } from "./queue";

const rename = (name: string): Change => ({ kind: "RenameBed", bed: "b", name });
const item = (name: string): Item => ({ kind: "change", key: name, change: rename(name) });
const view = (revision: number) => ({ revision, canUndo: true, canRedo: false, plan: {} }) as GardenView;

function shelf() {
  const kept = new Map<string, string>();
  return {
    getItem: (name: string) => kept.get(name) ?? null,
    setItem: (name: string, value: string) => void kept.set(name, value),
    removeItem: (name: string) => void kept.delete(name),
  };
}

function queueWith(answers: (() => GardenView)[], storage = shelf()) {
  let revision = 0;
  const sent: unknown[] = [];
  const send = vi.fn((_method: string, _path: string, body: unknown) => {
    sent.push(body);
    const answer = answers.shift();
    if (!answer) throw new Error("nothing more was expected");
    return Promise.resolve().then(answer);
  });
  const onGarden = vi.fn((garden: GardenView) => {
    revision = garden.revision;
  });
  const options = { garden: "g", revision: () => revision, onGarden, storage, patience: 1 };
  const queue = new EditQueue({ ...options, send: send as never });
  return { queue, send, sent, onGarden, storage };
}

function fail(error: Error): () => GardenView {
  return () => {
    throw error;
  };
}

async function settled(queue: EditQueue) {
  await vi.waitFor(() => {
    expect(queue.snapshot().items).toEqual([]);
  });
}

describe("edits on their way", () => {
  it("go one after another, each at the revision the one before led to", async () => {
    const { queue, sent } = queueWith([() => view(1), () => view(2)]);
    queue.add(item("one"));
    queue.add(item("two"));
    await settled(queue);
    expect(sent).toMatchObject([
      { revision: 0, key: "one" },
      { revision: 1, key: "two" },
    ]);
  });

  it("go back to before an edit of the history like any other edit", async () => {
    const { queue, send } = queueWith([() => view(1)]);
    queue.add({ kind: "back", entry: 7 });
    await settled(queue);
    expect(send).toHaveBeenCalledWith("POST", "/api/gardens/g/history/7/back", { revision: 0 });
  });

  it("wait while the database is away, say so, and are made when it is back", async () => {
    const { queue, sent } = queueWith([fail(new Away()), fail(new Away()), () => view(1)]);
    const away: boolean[] = [];
    queue.subscribe(() => away.push(queue.snapshot().away));
    queue.add(item("one"));
    await settled(queue);
    expect(away).toContain(true);
    expect(queue.snapshot().away).toBe(false);
    expect(sent.map((body) => (body as { key: string }).key)).toEqual(["one", "one", "one"]);
  });

  it("are made again on the newest state when the garden was changed elsewhere", async () => {
    const stale = new Problem(409, { detail: "changed", current: view(7) });
    const { queue, sent, onGarden } = queueWith([fail(stale), () => view(8)]);
    queue.add(item("one"));
    await settled(queue);
    expect(sent).toMatchObject([{ revision: 0 }, { revision: 7 }]);
    expect(onGarden).toHaveBeenNthCalledWith(1, view(7), null);
    expect(queue.snapshot().notice?.tone).toBe("told");
  });

  const conflict = new Problem(409, { current: view(7), fields: ["Gate: width"] });

  it("are asked about where somebody else changed the same, and made of the newest state if that is wanted", async () => {
    const { queue, sent, onGarden } = queueWith([fail(conflict), () => view(8), () => view(9)]);
    queue.add(item("one"));
    queue.add(item("two"));
    await vi.waitFor(() => {
      expect(queue.snapshot().conflict).toEqual(["Gate: width"]);
    });
    await queue.run();
    expect(sent).toHaveLength(1);
    expect(onGarden).toHaveBeenCalledWith(view(7), null);
    queue.makeMine();
    await settled(queue);
    expect(queue.snapshot().conflict).toBeNull();
    expect(sent).toMatchObject([
      { revision: 0, key: "one" },
      { revision: 7, key: "one" },
      { revision: 8, key: "two" },
    ]);
  });

  it("are left out where what somebody else changed is to stay", async () => {
    const { queue, sent } = queueWith([fail(conflict), () => view(8)]);
    queue.add(item("one"));
    queue.add(item("two"));
    await vi.waitFor(() => {
      expect(queue.snapshot().conflict).not.toBeNull();
    });
    queue.keepTheirs();
    await settled(queue);
    expect(sent).toMatchObject([{ key: "one" }, { revision: 7, key: "two" }]);
  });

  it("are made of the state that they were made of, after a reload too", async () => {
    const storage = shelf();
    const first = queueWith([fail(conflict)], storage);
    first.queue.add(item("one"));
    await vi.waitFor(() => {
      expect(first.queue.snapshot().conflict).not.toBeNull();
    });
    const second = queueWith([fail(conflict)], storage);
    second.onGarden(view(7));
    await second.queue.run();
    expect(second.sent).toMatchObject([{ revision: 0 }]);
    expect(second.queue.snapshot().conflict).toEqual(["Gate: width"]);
  });

  it("say when none is on its way any more", async () => {
    const { queue } = queueWith([() => view(1)]);
    const then = vi.fn();
    queue.whenEmpty(then);
    expect(then).toHaveBeenCalledTimes(1);
    queue.add(item("one"));
    queue.whenEmpty(then);
    expect(then).toHaveBeenCalledTimes(1);
    await settled(queue);
    expect(then).toHaveBeenCalledTimes(2);
  });

  it("do not undo somebody else's edit blindly", async () => {
    const { queue, sent } = queueWith([fail(new Problem(409, { current: view(7) }))]);
    queue.add({ kind: "undo" });
    await settled(queue);
    expect(sent).toHaveLength(1);
    expect(queue.snapshot().notice?.tone).toBe("refused");
  });

  it("tell the field why they were refused, and go on with the next", async () => {
    const refused = new Problem(422, { detail: "4000 m is out of range", field: "length" });
    const { queue } = queueWith([fail(refused), () => view(1)]);
    const told = vi.fn();
    queue.add(item("one"), told);
    queue.add(item("two"));
    await settled(queue);
    expect(told).toHaveBeenCalledWith("4000 m is out of range");
    expect(queue.snapshot().notice).toBeNull();
  });

  it("survive a reload of the page while they wait", async () => {
    const storage = shelf();
    const first = queueWith([fail(new Problem(401, {}))], storage);
    first.queue.add(item("one"));
    await vi.waitFor(() => {
      expect(first.queue.snapshot().signedOut).toBe(true);
    });
    const second = queueWith([() => view(1)], storage);
    expect(second.queue.snapshot().items).toEqual([{ ...item("one"), revision: 0 }]);
    await second.queue.run();
    expect(second.sent).toMatchObject([{ key: "one" }]);
    expect(storage.getItem("fairacre.edits.g")).toBeNull();
  });
});
