import { useEffect } from "react";

/** The title of the browser's tab: what the page shows. */
export function useTitle(page: string) {
  useEffect(() => {
    document.title = `${page} · Nobrec`;
  }, [page]);
}
