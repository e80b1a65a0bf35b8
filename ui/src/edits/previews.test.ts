import { describe, expect, it, vi } from "vitest";
import type { AppraisalReport, PreviewAnswer } from "../api/types";
import { Previews, type Preview, type Question } from "./previews";

const question = (name: string): Question => ({
  season: 2027,
  change: { kind: "RenameBed", bed: "b", name },
});

const beds = [{ name: "Beans" }, { name: "Peas" }];

/** The answer that the second bed stays and one of this name comes after it. */
function moved(name: string): PreviewAnswer {
  const stretches = [{ from: 1, to: 2, fresh: [{ name }] }];
  const appraisal = { values: {}, lists: { beds: { stretches } }, gone: [] };
  return {
    revision: 7,
    base: "7/0",
    appraisal,
    difference: { amount: "0", currency: "EUR" },
  } as unknown as PreviewAnswer;
}

const namesIn = (preview: unknown) => (preview as Preview).appraisal.beds.map((bed) => bed.name);

function setup() {
  const asked: string[] = [];
  const answers: ((preview: PreviewAnswer) => void)[] = [];
  const send = vi.fn((_method: string, _path: string, body: Question) => {
    asked.push("name" in body.change ? String(body.change.name) : "");
    return new Promise<PreviewAnswer>((resolve) => answers.push(resolve));
  });
  const onAnswer = vi.fn();
  const judged = vi.fn(() =>
    Promise.resolve({
      beds,
      gaps: [],
      snags: [],
      bill: [],
      walks: [],
      fences: [],
      quickBoards: false,
      notJudged: [],
      asked: [],
    } as unknown as AppraisalReport),
  );
  const previews = new Previews("g", judged, onAnswer, send as never);
  const answer = async (name: string) => {
    answers.shift()?.(moved(name));
    await new Promise((resolve) => setTimeout(resolve));
  };
  return { previews, asked, judged, onAnswer, answer };
}

describe("previews", () => {
  it("has one question under way and asks only the last that came up meanwhile", async () => {
    const { previews, asked, judged, onAnswer, answer } = setup();
    for (const name of ["a", "b", "c", "d"]) previews.ask(question(name));
    expect(asked).toEqual(["a"]);
    await answer("a");
    expect(asked).toEqual(["a", "d"]);
    await answer("d");
    expect(onAnswer.mock.calls.map(([preview]) => namesIn(preview))).toEqual([
      ["Peas", "a"],
      ["Peas", "d"],
    ]);
    expect(judged).toHaveBeenLastCalledWith(expect.objectContaining({ revision: 7, base: "7/0" }), 2027);
  });

  it("lets nothing come back once it is forgotten", async () => {
    const { previews, onAnswer, answer } = setup();
    previews.ask(question("a"));
    previews.forget();
    await answer("a");
    expect(onAnswer.mock.calls).toEqual([[null, null]]);
  });
});
