import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { describe, expect, it, vi } from "vitest";
import { askAnew, judgedFrom, judgement } from "./queries";
import type { Judgement } from "./types";

/** A client that knows one judgement, while the program answers with another. */
function setup(known: string, answered: string) {
  const client = new QueryClient();
  const options = judgement("g", 7, 2027);
  client.setQueryData(options.queryKey, named(known));
  const queryFn = vi.fn(() => Promise.resolve(named(answered)));
  return { queryFn, from: (base: string) => judgedFrom(client, { ...options, queryFn }, base) };
}

const named = (base: string) => ({ base, appraisal: { plot: base } }) as unknown as Judgement;

describe("the judgement that a preview goes out from", () => {
  it("is the one at hand as long as nothing else was judged", async () => {
    const { queryFn, from } = setup("7/0", "7/1");
    expect(await from("7/0")).toEqual({ plot: "7/0" });
    expect(queryFn).not.toHaveBeenCalled();
  });

  it("is asked for anew when a receipt was entered elsewhere or the program is another one", async () => {
    const { queryFn, from } = setup("7/0", "7/1");
    expect(await from("7/1")).toEqual({ plot: "7/1" });
    expect(await from("7/1")).toEqual({ plot: "7/1" });
    expect(queryFn).toHaveBeenCalledOnce();
  });

  it("is none when it has changed again meanwhile", async () => {
    expect(await setup("7/0", "7/2").from("7/1")).toBeNull();
  });
});

describe("asking anew", () => {
  it("does not settle for an answer of before the change", async () => {
    const client = new QueryClient();
    const answers: ((told: string) => void)[] = [];
    const queryFn = () => new Promise<string>((told) => answers.push(told));
    const stop = new QueryObserver(client, { queryKey: ["journal", 0], queryFn }).subscribe(() => {});
    const anew = askAnew(client, ["journal"]);
    await vi.waitFor(() => {
      expect(answers).toHaveLength(2);
    });
    answers[1]?.("after");
    await anew;
    answers[0]?.("before");
    await Promise.resolve();
    expect(client.getQueryData(["journal", 0])).toBe("after");
    stop();
  });
});
