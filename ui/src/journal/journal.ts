import { keepPreviousData, useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Away, Problem, request } from "../api/client";
import { askAnew } from "../api/queries";
import type { components } from "../api/schema";
import { keepFile } from "../outdoors/files";
import { outbox } from "../outdoors/useOutbox";
import { useDesk } from "../workspace/desk";
import { smaller } from "./smaller";
import { words } from "./words";

export type JournalEntry = components["schemas"]["JournalEntry"];
export type JournalLine = components["schemas"]["JournalLine"];
export type JournalPage = components["schemas"]["JournalPage"];
export type LossCause = NonNullable<JournalEntry["loss"]>["cause"];

/** A page of the season's journal; undefined until the program has told it. */
export function useJournal(page: number): JournalPage | undefined {
  const { plan, garden, season } = useDesk();
  const { data } = useQuery({
    queryKey: ["journal", plan.id, season, page, garden.revision],
    queryFn: () =>
      request<JournalPage>(
        "GET",
        `/api/gardens/${plan.id}/journal?season=${String(season)}&page=${String(page)}`,
      ),
    placeholderData: keepPreviousData,
  });
  return data;
}

/** Where the photo beside an entry is. */
export function photoPath(garden: string, entry: string): string {
  return `/api/gardens/${garden}/journal/${entry}/photo`;
}

/** Today, where the browser is. */
export function today(): string {
  return new Date().toLocaleDateString("sv");
}

/** Why the program did not take an entry, and at which field. */
export interface Refused {
  field: string;
  text: string;
}

/** What the journal is seen in is asked for anew; the judgement, which takes long, when it is looked at next. */
async function tellAnew(client: QueryClient) {
  await Promise.all(
    ["journal", "tasks", "work", "season-figures", "bed-story", "next-time", "look-back", "wear"].map(
      (what) => askAnew(client, [what]),
    ),
  );
  await client.invalidateQueries({ queryKey: ["appraisal"], refetchType: "none" });
}

/** Once what waited for a signal went through, it is seen. */
export function useSentLater(): void {
  const client = useQueryClient();
  useEffect(() => outbox().whenSent(() => void tellAnew(client)), [client]);
}

/** Writes entries and takes them back. What the program can't be told for want of a signal waits in this browser. */
export function useWriting() {
  const { plan } = useDesk();
  const client = useQueryClient();
  const [refused, setRefused] = useState<Refused>();
  const journal = `/api/gardens/${plan.id}/journal`;

  async function attempt(send: () => Promise<unknown>, later: () => Promise<void>): Promise<boolean> {
    setRefused(undefined);
    try {
      await send();
    } catch (failure) {
      if (failure instanceof Away) {
        await later();
        return true;
      }
      setRefused(
        failure instanceof Problem
          ? { field: failure.field, text: failure.message }
          : { field: "", text: words.failed },
      );
      return false;
    }
    await tellAnew(client);
    return true;
  }

  function send(path: string, body: unknown, key: string, said: string): Promise<boolean> {
    return attempt(
      () => request("POST", path, body),
      () => {
        outbox().add({ key, path, body, words: said });
        return Promise.resolve();
      },
    );
  }

  /** An entry that waits has its photo wait behind it. */
  async function keepPhoto(entry: string, file: File): Promise<boolean> {
    const path = photoPath(plan.id, entry);
    const photo = await smaller(file);
    const key = `${entry} photo`;
    return attempt(
      async () => {
        if (
          outbox()
            .snapshot()
            .entries.some((waiting) => waiting.key === entry)
        )
          throw new Away("It waits.");
        await request("PUT", path, await photo.arrayBuffer());
      },
      async () => {
        await keepFile(key, photo);
        outbox().add({ key, path, body: undefined, file: key, words: words.photo });
      },
    );
  }

  return {
    refused,
    keepPhoto,
    removePhoto: (entry: string) =>
      attempt(
        () => request("DELETE", photoPath(plan.id, entry)),
        () => {
          setRefused({ field: "", text: words.failed });
          return Promise.resolve();
        },
      ),
    /** True if it was taken, or waits to be. */
    write: (entry: JournalEntry, said: string) => send(journal, entry, entry.id, said),
    takeBack: (entry: string) =>
      send(`${journal}/${entry}/reversal`, undefined, `${entry} back`, words.takenBack),
  };
}
