import { describe, expect, it, vi } from "vitest";
import type { Preview } from "../api/types";
import { Previews, type Question } from "./previews";

const question = (name: string): Question => ({
  season: 2027,
  change: { kind: "RenameBed", bed: "b", name },
});

function setup() {
  const asked: string[] = [];
  const answers: ((preview: Preview) => void)[] = [];
  const send = vi.fn((_method: string, _path: string, body: Question) => {
    asked.push("name" in body.change ? String(body.change.name) : "");
    return new Promise<Preview>((resolve) => answers.push(resolve));
  });
  const onAnswer = vi.fn();
  const previews = new Previews("g", onAnswer, send as never);
  const answer = async (name: string) => {
    answers.shift()?.({ name } as unknown as Preview);
    await new Promise((resolve) => setTimeout(resolve));
  };
  return { previews, asked, onAnswer, answer };
}

describe("previews", () => {
  it("has one question under way and asks only the last that came up meanwhile", async () => {
    const { previews, asked, onAnswer, answer } = setup();
    for (const name of ["a", "b", "c", "d"]) previews.ask(question(name));
    expect(asked).toEqual(["a"]);
    await answer("a");
    expect(asked).toEqual(["a", "d"]);
    await answer("d");
    expect(onAnswer.mock.calls.map(([preview]) => (preview as { name: string }).name)).toEqual(["a", "d"]);
  });

  it("lets nothing come back once it is forgotten", async () => {
    const { previews, onAnswer, answer } = setup();
    previews.ask(question("a"));
    previews.forget();
    await answer("a");
    expect(onAnswer.mock.calls).toEqual([[null, null]]);
  });
});
