import { useState, type SyntheticEvent } from "react";
import { useQuery } from "@tanstack/react-query";
import { useDesk } from "../workspace/desk";
import { request } from "./client";

/**
 * What the program tells of the garden in its season once somebody opens a part of the page; asked again after each
 * edit.
 *
 * @param what the path below the garden, and what it asks for: "water/by-hand", "month=7"
 */
export function useWhenOpened<T>(what: string, query = "") {
  const { plan, garden, season } = useDesk();
  const [open, setOpen] = useState(false);
  const asked = `season=${String(season)}${query && `&${query}`}`;
  const { data, error } = useQuery({
    queryKey: [what, plan.id, garden.revision, asked],
    queryFn: () => request<T>("GET", `/api/gardens/${plan.id}/${what}?${asked}`),
    enabled: open,
    staleTime: Infinity,
    retry: false,
  });
  function onToggle(event: SyntheticEvent<HTMLDetailsElement>) {
    setOpen(event.currentTarget.open);
  }
  return { data, error, open, onToggle };
}
