// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from "vitest";
import { Problem, request } from "./client";

function answered(status: number, type: string, body: unknown) {
  const response = new Response(JSON.stringify(body), { status, headers: { "Content-Type": type } });
  vi.stubGlobal(
    "fetch",
    vi.fn(() => Promise.resolve(response)),
  );
}

afterEach(() => {
  vi.unstubAllGlobals();
});

describe("requests", () => {
  it("give what the program answers", async () => {
    answered(200, "application/json", { revision: 3 });
    await expect(request("GET", "/api/x")).resolves.toEqual({ revision: 3 });
  });

  it("fail with the program's words, also where the question what an edit would lead to was answered", async () => {
    const problem = { status: 422, detail: "Length must be at least 0.1 m.", field: "length" };
    for (const status of [422, 200]) {
      answered(status, "application/problem+json", problem);
      const failure = await request("POST", "/api/x", {}).catch((caught: unknown) => caught);
      expect(failure).toBeInstanceOf(Problem);
      expect(failure).toMatchObject({ status: 422, field: "length", message: problem.detail });
    }
  });
});
