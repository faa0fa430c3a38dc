import { useEffect } from "react";

/** A list that comes a part at a time. */
interface LongList {
  hasNextPage: boolean;
  isFetchingNextPage: boolean;
  fetchNextPage: () => unknown;
}

const NEAR = 5;

/** The next part is there before the cursor comes to the end of what is shown. */
export function useMore(
  { hasNextPage, isFetchingNextPage, fetchNextPage }: LongList,
  at: number,
  length: number,
) {
  const nearTheEnd = at >= length - NEAR;
  useEffect(() => {
    if (nearTheEnd && hasNextPage && !isFetchingNextPage) {
      void fetchNextPage();
    }
  }, [nearTheEnd, hasNextPage, isFetchingNextPage, fetchNextPage]);
}

/** Fetches the next part for whoever scrolls. */
export function More({ list, what }: { list: LongList; what: string }) {
  return list.hasNextPage ? (
    <button
      type="button"
      className="act my-3"
      disabled={list.isFetchingNextPage}
      onClick={() => void list.fetchNextPage()}
    >
      {list.isFetchingNextPage ? "One moment …" : `More ${what}`}
    </button>
  ) : null;
}
