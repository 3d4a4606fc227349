import type { DeskReply } from "@kestrelmoor/contract";
import type { Desk, DeskPart } from "@kestrelmoor/core/typing";
import { request } from "./request";

export function loadDesk(signal: AbortSignal): Promise<DeskReply> {
  return request("/api/desk", { signal });
}

export function keepDeskPart<Part extends DeskPart>(
  part: Part,
  content: Desk[Part],
  keepalive: boolean,
): Promise<void> {
  return request(`/api/desk/${part}`, { method: "PUT", body: content, keepalive });
}
