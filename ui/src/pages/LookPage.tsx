import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { Problem, request } from "../api/client";
import { keys } from "../api/queries";
import type { Followed } from "../api/types";
import { words as everywhere } from "../words";
import { words } from "./words";

/** Follows a link with which anybody may look at a garden. */
export function LookPage() {
  const { secret = "" } = useParams();
  const client = useQueryClient();
  const navigate = useNavigate();
  const { data, failureReason } = useQuery({
    queryKey: ["look", secret],
    queryFn: () => request<Followed>("POST", `/api/links/${secret}`),
    staleTime: Infinity,
  });

  useEffect(() => {
    if (!data) return;
    void client.invalidateQueries({ queryKey: keys.session });
    void navigate(`/gardens/${data.garden}`, { replace: true });
  }, [data, client, navigate]);

  return (
    <main className="mx-auto max-w-md space-y-3 px-5 py-8">
      {failureReason ? (
        <p role="alert">
          {!(failureReason instanceof Problem)
            ? everywhere.awayIdle
            : failureReason.status === NOT_FOUND
              ? words.noSuchLink
              : `${failureReason.message} ${failureReason.next}`}
        </p>
      ) : (
        <p>{words.lookingIn}</p>
      )}
      {failureReason instanceof Problem && (
        <Link to="/gardens" className="text-button">
          {words.yourGardens}
        </Link>
      )}
    </main>
  );
}

const NOT_FOUND = 404;
