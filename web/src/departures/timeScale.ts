/** Past hours are told by their marks alone: they never take more of the day's line than this. */
const PAST_AT_MOST = 15;

/** Where a minute of the day stands on the line, in percent: what is past is squeezed, what is to come has the room. */
export function timeScale(opens: number, now: number, closes: number): (minutes: number) => number {
  const clamped = Math.min(Math.max(now, opens), closes);
  const natural = ((clamped - opens) / Math.max(closes - opens, 1)) * 100;
  const past = clamped >= closes ? 100 : Math.min(natural, PAST_AT_MOST);
  return (minutes) => {
    const at = Math.min(Math.max(minutes, opens), closes);
    return at <= clamped
      ? clamped === opens
        ? 0
        : ((at - opens) / (clamped - opens)) * past
      : past + ((at - clamped) / (closes - clamped)) * (100 - past);
  };
}

/**
 * Left edges of columns of one width, each as near under its mark as the others allow; marks in rising order, all in percent.
 *
 * @param width of a column; all of them together fit
 */
export function underTheirMarks(marks: number[], width: number): number[] {
  const lefts: number[] = [];
  marks.forEach((mark, index) => {
    const free = index === 0 ? 0 : (lefts[index - 1] ?? 0) + width;
    lefts.push(Math.max(mark - width / 4, free));
  });
  for (let index = lefts.length - 1; index >= 0; index--) {
    const end = 100 - width * (lefts.length - index);
    lefts[index] = Math.max(0, Math.min(lefts[index] ?? 0, end));
  }
  return lefts;
}
