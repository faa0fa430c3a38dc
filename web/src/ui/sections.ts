import type { Permission } from "../signin/who";

/** A section of the browser: where it is, what it is called, which key leads there, and who sees it. */
export interface Section {
  path: string;
  name: string;
  key: string;
  needs?: Permission;
  /** Whether it is for setting the shop up, so that it stands in a menu of its own. */
  setUp?: boolean;
}

/** A section keeps its key, whoever is signed in and sees which of them. */
export const SECTIONS: Section[] = [
  { path: "/departures", name: "Departures", key: "Alt+1" },
  { path: "/jobs", name: "Jobs", key: "Alt+2" },
  { path: "/bench", name: "Bench", key: "Alt+3" },
  { path: "/handover", name: "Handover", key: "Alt+h" },
  { path: "/en-route", name: "En route", key: "Alt+f", needs: "SEE_CHARGES" },
  { path: "/customers", name: "Customers", key: "Alt+;", needs: "SEE_CHARGES" },
  { path: "/postings", name: "Postings", key: "Alt+4", needs: "SEE_CHARGES" },
  { path: "/rates", name: "Rates", key: "Alt+5", setUp: true },
  { path: "/sources", name: "Sources", key: "Alt+7", needs: "BRING_IN", setUp: true },
  { path: "/places", name: "Places", key: "Alt+0" },
  { path: "/items", name: "Items", key: "Alt+9" },
  { path: "/rules", name: "Rules", key: "Alt+8", needs: "KEEP_RULES", setUp: true },
  { path: "/papers", name: "Papers", key: "Alt+e", needs: "KEEP_RULES", setUp: true },
  { path: "/printers", name: "Printers", key: "Alt+u", setUp: true },
  { path: "/partners", name: "Partners", key: "Alt+y", needs: "SEE_CHARGES", setUp: true },
  { path: "/write-backs", name: "Write-backs", key: "Alt+k", needs: "SEE_CHARGES", setUp: true },
  { path: "/emails", name: "Emails", key: "Alt+,", needs: "SEE_CHARGES", setUp: true },
  { path: "/books", name: "Books", key: "Alt+x", needs: "SEE_CHARGES", setUp: true },
  { path: "/connections", name: "Connections", key: "Alt+6", needs: "SET_UP", setUp: true },
];
