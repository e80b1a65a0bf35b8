import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { forgetAnswers } from "./worker";
import { request } from "../api/client";

/** Ends the session and goes to the first page. */
export function useSignOut(): () => Promise<void> {
  const client = useQueryClient();
  const navigate = useNavigate();
  return async () => {
    await request("DELETE", "/api/session");
    await forgetAnswers();
    client.clear();
    await navigate("/");
  };
}
