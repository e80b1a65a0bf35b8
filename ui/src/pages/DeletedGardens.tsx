import { useQueryClient } from "@tanstack/react-query";
import { request } from "../api/client";
import { keys, useDeletedGardens } from "../api/queries";
import { formatDay } from "../measure/days";

/** What was deleted in the last week, to be brought back; nothing if there is nothing. */
export function DeletedGardens() {
  const client = useQueryClient();
  const { data } = useDeletedGardens();
  if (!data || data.length === 0) return null;

  async function bringBack(id: string) {
    await request("POST", `/api/gardens/deleted/${id}`);
    await client.invalidateQueries({ queryKey: keys.gardens });
  }

  return (
    <section className="mt-6" aria-label="Deleted gardens">
      <h2 className="text-lg">Deleted</h2>
      <ul className="mt-2 border-t border-ink">
        {data.map(({ id, name, until }) => (
          <li key={id} className="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-2">
            <span className="min-w-0 grow truncate">{name}</span>
            <span className="text-sm text-soft">kept until {formatDay(until)}</span>
            <button
              type="button"
              className="text-button shrink-0 text-sm"
              aria-label={`Bring ${name} back`}
              onClick={() => void bringBack(id)}
            >
              Bring back
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
