/** Leads through the pages of a preview; nothing where there is one only. */
export function PageTurner({
  page,
  pages,
  turn,
}: {
  page: number;
  pages: number;
  turn: (to: number) => void;
}) {
  if (pages <= 1) {
    return null;
  }
  return (
    <span className="flex items-center gap-2">
      <button type="button" className="act" disabled={page <= 1} onClick={() => turn(page - 1)}>
        Page before
      </button>
      <span className="figure">
        {page} of {pages}
      </span>
      <button type="button" className="act" disabled={page >= pages} onClick={() => turn(page + 1)}>
        Next page
      </button>
    </span>
  );
}
