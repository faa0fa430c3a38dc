import { useCallback } from "react";
import { useNavigate } from "react-router";
import { answer, api } from "../api/client";

/** Goes to whatever a text is exactly, else to the jobs in which it stands. */
export function useFind(): (text: string) => Promise<void> {
  const navigate = useNavigate();
  return useCallback(
    async (text: string) => {
      const found = await answer(api.GET("/api/v1/find", { params: { query: { text } } }));
      await navigate(found.address ?? "/jobs?text=" + encodeURIComponent(text));
    },
    [navigate],
  );
}
