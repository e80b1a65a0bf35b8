import { Link } from "react-router";
import { useSession } from "../api/queries";
import { mayDo, useMembers, useShared, useSharing } from "./useSharing";

/** Gardens of others that one has part in; nothing if there are none. */
export function SharedGardens() {
  const { data } = useShared();
  if (!data || data.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="text-lg">Shared with you</h2>
      <ul className="mt-2 border-t border-ink">
        {data.map((garden) => (
          <li key={garden.id} className="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-2">
            <Link
              to={`/gardens/${garden.id}`}
              className="min-w-0 grow truncate text-lg hover:text-mark hover:underline"
            >
              {garden.name}
            </Link>
            <span className="min-w-0 truncate text-sm text-soft">
              {garden.owner}&rsquo;s; you {mayDo[garden.role]}
            </span>
            <Leave garden={garden.id} name={garden.name} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function Leave({ garden, name }: { garden: string; name: string }) {
  const session = useSession();
  const members = useMembers(garden);
  const { takeBack } = useSharing(garden);
  const me = members.data?.members.find((member) => member.name === session.data?.name);
  if (!me) return null;
  return (
    <button
      type="button"
      className="text-button shrink-0 text-sm"
      aria-label={`Leave ${name}`}
      onClick={() => void takeBack(me.account)}
    >
      Leave
    </button>
  );
}
