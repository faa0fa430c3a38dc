import { answer, api } from "../api/client";

const PREFIX = "NOBREC-BADGE-";

/** Whether a scan is somebody's badge. */
export function isBadge(text: string): boolean {
  return text.toUpperCase().startsWith(PREFIX);
}

/** Her acts follow at this desk. */
export async function takeBadge(text: string): Promise<void> {
  await answer(api.POST("/api/v1/badge", { body: { text } }));
}

/** Whoever has signed in acts again. */
export async function giveBadgeBack(): Promise<void> {
  await answer(api.DELETE("/api/v1/badge"));
}

/** A new badge of whoever has signed in, opened to be printed. */
export async function printBadge(): Promise<void> {
  const sheet = window.open("", "_blank");
  const { data, response } = await api.POST("/api/v1/badge/card", { parseAs: "blob" });
  if (sheet && response.ok && data) {
    sheet.location.href = URL.createObjectURL(data as unknown as Blob);
  } else {
    sheet?.close();
  }
}
