import { request } from "../api/client";

/** Where the photo or PDF of an entry is. */
export function scanPath(garden: string, entry: string): string {
  return `/api/gardens/${garden}/ledger/${entry}/scan`;
}

export async function keepScan(garden: string, entry: string, file: File): Promise<void> {
  await request<undefined>("PUT", scanPath(garden, entry), await file.arrayBuffer());
}
