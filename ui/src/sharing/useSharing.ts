import { useQuery, useQueryClient } from "@tanstack/react-query";
import { request } from "../api/client";
import type { components } from "../api/schema";

export type Members = components["schemas"]["Members"];
export type Member = components["schemas"]["Member"];
export type Role = Member["role"];
type Shared = components["schemas"]["Shared"];

/** What somebody may do with a garden, in words that go after their name. */
export const mayDo: Readonly<Record<Role, string>> = {
  READER: "may look",
  HELPER: "may look and tick off",
  EDITOR: "may change it",
  OWNER: "owns it",
};

const membersOf = (garden: string) => ["members", garden] as const;
const SHARED = ["shared"] as const;

/** Whom a garden is shared with, and one's own role. */
export function useMembers(garden: string) {
  return useQuery({
    queryKey: membersOf(garden),
    queryFn: () => request<Members>("GET", `/api/gardens/${garden}/members`),
  });
}

/** The gardens that others share with whoever is signed in. */
export function useShared() {
  return useQuery({ queryKey: SHARED, queryFn: () => request<Shared[]>("GET", "/api/shared") });
}

/** Shares a garden, or takes it back. */
export function useSharing(garden: string) {
  const client = useQueryClient();
  return {
    async share(name: string, role: Role) {
      const members = await request<Members>("PUT", `/api/gardens/${garden}/members`, { name, role });
      client.setQueryData(membersOf(garden), members);
    },
    async takeBack(account: string) {
      await request("DELETE", `/api/gardens/${garden}/members/${account}`);
      await client.invalidateQueries({ queryKey: membersOf(garden) });
      await client.invalidateQueries({ queryKey: SHARED });
    },
  };
}
