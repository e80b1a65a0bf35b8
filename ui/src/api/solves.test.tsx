// @vitest-environment jsdom
import { render, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import "../testing/setup";
import { words } from "../words";
import { useSolve, type Question } from "./solves";

const question: Question = { garden: "g", what: "arrangements", query: "?season=2027", body: { wish: 1 } };
const other: Question = { ...question, query: "?season=2028" };

function told(state: string, done: number, best: string[], fault?: string) {
  return { job: "j", state, revision: 3, done, steps: 2, best, ...(fault ? { fault } : {}) };
}

/** Answers one after the other, the last one again and again; null for a program that is away. */
function answering(...answers: (object | null)[]) {
  const asked: string[] = [];
  const fetched = (path: string, { method = "GET" }: RequestInit = {}) => {
    asked.push(`${method} ${path}`);
    if (method === "DELETE") return Promise.resolve(new Response(null, { status: 204 }));
    const answer = answers.length > 1 ? answers.shift() : answers[0];
    return answer
      ? Promise.resolve(new Response(JSON.stringify(answer), { status: 200 }))
      : Promise.reject(new TypeError("away"));
  };
  vi.stubGlobal("fetch", fetched);
  return asked;
}

function Shown({ asking }: { asking: Question | null }) {
  const { told: now, open, fault, stop } = useSolve<string>(asking);
  return (
    <>
      <p>{`${now?.best.join(" ") ?? "nothing"}, ${open ? "open" : "over"}`}</p>
      {fault && <p role="alert">{fault}</p>}
      <button type="button" onClick={stop}>
        Stop
      </button>
    </>
  );
}

describe("work that takes long", () => {
  beforeEach(() => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  it("is asked for once and looked after until it is done, with the best so far", async () => {
    const asked = answering(
      told("WAITING", 0, []),
      told("RUNNING", 1, ["one"]),
      told("DONE", 2, ["one", "two"]),
    );
    render(<Shown asking={question} />);
    expect(screen.getByText("nothing, open")).toBeVisible();
    expect(await screen.findByText("one, open")).toBeVisible();
    expect(await screen.findByText("one two, over")).toBeVisible();
    await vi.advanceTimersByTimeAsync(5000);
    const look = "GET /api/gardens/g/arrangements/j";
    expect(asked).toEqual(["POST /api/gardens/g/arrangements?season=2027", look, look]);
  });

  it("can be stopped, and what was found stays", async () => {
    const asked = answering(told("RUNNING", 1, ["one"]), told("STOPPED", 1, ["one"]));
    render(<Shown asking={question} />);
    await screen.findByText("one, open");
    await userEvent.setup({ advanceTimers: vi.advanceTimersByTime }).click(screen.getByText("Stop"));
    expect(await screen.findByText("one, over")).toBeVisible();
    expect(asked).toContain("DELETE /api/gardens/g/jobs/j");
  });

  it("is stopped when something else is asked, or nobody looks any more", async () => {
    const asked = answering(told("RUNNING", 1, ["one"]));
    const { rerender, unmount } = render(<Shown asking={question} />);
    await screen.findByText("one, open");
    rerender(<Shown asking={other} />);
    expect(screen.getByText("nothing, open")).toBeVisible();
    await waitFor(() => {
      expect(asked).toContain("POST /api/gardens/g/arrangements?season=2028");
    });
    expect(asked.filter((each) => each.startsWith("DELETE"))).toHaveLength(1);
    await screen.findByText("one, open");
    unmount();
    expect(asked.filter((each) => each.startsWith("DELETE"))).toHaveLength(2);
  });

  it("is looked after again when the program comes back", async () => {
    answering(told("RUNNING", 1, ["one"]), null, told("DONE", 2, ["two"]));
    render(<Shown asking={question} />);
    expect(await screen.findByRole("alert")).toHaveTextContent(words.awayIdle);
    expect(screen.getByText("one, open")).toBeVisible();
    await vi.advanceTimersByTimeAsync(2100);
    expect(await screen.findByText("two, over")).toBeVisible();
    expect(screen.queryByRole("alert")).not.toBeInTheDocument();
  });

  it("says why it failed", async () => {
    answering(told("FAILED", 1, ["one"], "It took longer than 30 minutes."));
    render(<Shown asking={question} />);
    expect(await screen.findByRole("alert")).toHaveTextContent("It took longer than 30 minutes.");
    expect(screen.getByText("one, over")).toBeVisible();
  });
});
