import { del, get, set } from "idb-keyval";
import { Problem, request } from "../api/client";
import type { Entry } from "./outbox";

/* Photos that wait for a signal: too large for where the other entries wait, they are in the browser's database. */

const GONE = "The photo is not in this browser any more.";

export function keepFile(key: string, file: Blob): Promise<void> {
  return set(key, file);
}

export function dropFile(key: string): Promise<void> {
  return del(key);
}

/** Sends what waited. A file is dropped once the program has it. */
export async function sendEntry({ path, body, file }: Entry): Promise<void> {
  if (file === undefined) {
    await request("POST", path, body);
    return;
  }
  const kept = await get<Blob>(file);
  if (!kept) throw new Problem(404, { detail: GONE });
  await request("PUT", path, await kept.arrayBuffer());
  await dropFile(file);
}
