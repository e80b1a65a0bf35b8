/** Talks to the program: JSON both ways, the CSRF token of the cookie in a header, failures as typed errors. */

export interface Fault {
  pointer: string;
  wrong: string;
  right: string;
}

/** A failure that the program explained (problem+json). */
export class Problem extends Error {
  readonly status: number;
  readonly field: string;
  readonly next: string;
  readonly faults: readonly Fault[];
  readonly current: unknown;
  /** What was changed elsewhere too. */
  readonly fields: readonly string[];

  constructor(status: number, body: Record<string, unknown>) {
    super(typeof body["detail"] === "string" ? body["detail"] : "The program could not do that.");
    this.status = status;
    this.field = typeof body["field"] === "string" ? body["field"] : "";
    this.next = typeof body["next"] === "string" ? body["next"] : "";
    this.faults = Array.isArray(body["faults"]) ? (body["faults"] as Fault[]) : [];
    this.current = body["current"];
    this.fields = Array.isArray(body["fields"]) ? (body["fields"] as string[]) : [];
  }
}

/** The program or its database is away for the moment: the same request may go through later. */
export class Away extends Error {}

function csrfToken(): string {
  const found = document.cookie.split("; ").find((cookie) => cookie.startsWith("XSRF-TOKEN="));
  return found ? decodeURIComponent(found.slice("XSRF-TOKEN=".length)) : "";
}

export async function request<T>(
  method: "GET" | "POST" | "PUT" | "DELETE",
  path: string,
  body?: unknown,
  signal?: AbortSignal,
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers: {
        Accept: "application/json, application/problem+json",
        ...(method === "GET" ? {} : { "X-XSRF-TOKEN": csrfToken() }),
        ...(body === undefined ? {} : { "Content-Type": contentType(body) }),
      },
      ...(body === undefined
        ? {}
        : { body: body instanceof Blob || body instanceof ArrayBuffer ? body : JSON.stringify(body) }),
      ...(signal ? { signal } : {}),
    });
  } catch (failure) {
    if (signal?.aborted) throw failure;
    throw new Away("The program does not answer.");
  }
  if (response.status === 502 || response.status === 503 || response.status === 504) {
    throw new Away("The database does not answer.");
  }
  const text = await response.text();
  const value: unknown = text === "" ? undefined : parse(text);
  if (!response.ok || isProblem(response)) throw problem(response.status, value);
  return value as T;
}

/** A file that the program makes of what is sent. */
export async function fileOf(path: string, body: unknown): Promise<Blob> {
  const response = await fetch(path, {
    method: "POST",
    headers: { "Content-Type": "application/json", "X-XSRF-TOKEN": csrfToken() },
    body: JSON.stringify(body),
  }).catch(() => {
    throw new Away("The program does not answer.");
  });
  if (!response.ok) throw problem(response.status, parse(await response.text()));
  return response.blob();
}

/** A preview that is refused is a problem too, though the question was answered. */
function isProblem({ headers }: Response): boolean {
  return headers.get("Content-Type")?.startsWith("application/problem+json") ?? false;
}

function problem(status: number, value: unknown): Problem {
  const body = isRecord(value) ? value : {};
  return new Problem(typeof body["status"] === "number" ? body["status"] : status, body);
}

/** Sends a file as it is and reads what the program makes of it. */
export function upload<T>(path: string, file: ArrayBuffer): Promise<T> {
  return request<T>("POST", path, file);
}

function contentType(body: unknown): string {
  return body instanceof ArrayBuffer ? "application/octet-stream" : "application/json";
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null;
}
