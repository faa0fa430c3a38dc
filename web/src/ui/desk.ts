import type { Schemas } from "../api/client";
import { browserSetting } from "./browserSetting";

/** What stands at this desk: a setting of the browser. */
export type Desk = Schemas["bench.AtDesk"];

const devices = browserSetting("nobrec.desk");

/** What this desk is called: printers are set by it. Empty where nobody named it. */
export const deskName = browserSetting("nobrec.deskName");

/** As an act needs it. */
export function deskNow(): Desk {
  try {
    const kept = JSON.parse(devices.now() || "{}") as Partial<Record<"scale" | "frame", unknown>> | null;
    return {
      ...(typeof kept?.scale === "string" ? { scale: kept.scale } : {}),
      ...(typeof kept?.frame === "string" ? { frame: kept.frame } : {}),
    };
  } catch {
    return {};
  }
}

/** What stands here, and setting it. */
export function useDesk(): [Desk, (desk: Desk) => void] {
  devices.use();
  return [deskNow(), (desk) => devices.set(JSON.stringify(desk))];
}
