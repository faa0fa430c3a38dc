const KEPT = "nobrec-theme";
type Theme = "kraft" | "evening";

function current(): Theme {
  return document.documentElement.dataset.theme === "evening" ? "evening" : "kraft";
}

export function applyKeptTheme() {
  if (localStorage.getItem(KEPT) === "evening") {
    document.documentElement.dataset.theme = "evening";
  }
}

/** Changes between paper and evening, and remembers it on this machine. */
export function changeTheme() {
  const next: Theme = current() === "kraft" ? "evening" : "kraft";
  document.documentElement.dataset.theme = next;
  localStorage.setItem(KEPT, next);
}
