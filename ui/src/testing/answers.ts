import { vi } from "vitest";

/** Answers requests by the end of their path; what was asked is kept. */
export function answering(answers: Record<string, unknown>, status = 200) {
  const fetched = vi.fn<(url: string, init?: { body?: string }) => Promise<Response>>((url) => {
    const path = new URL(url, "http://garden.test").pathname;
    const key = Object.keys(answers).find((end) => path.endsWith(end));
    if (key === undefined) return Promise.reject(new TypeError(`nothing answers ${path}`));
    const type = status === 200 ? "application/json" : "application/problem+json";
    return Promise.resolve(
      new Response(JSON.stringify(answers[key]), { status, headers: { "Content-Type": type } }),
    );
  });
  vi.stubGlobal("fetch", fetched);
  return fetched;
}

/** The server answers the same to everything. */
export function alwaysAnswering(answer: unknown) {
  const fetched = vi.fn<typeof fetch>(() =>
    Promise.resolve(
      new Response(JSON.stringify(answer), { headers: { "Content-Type": "application/json" } }),
    ),
  );
  vi.stubGlobal("fetch", fetched);
  return fetched;
}
