import type { SharedProblem, ShareReply } from "@kestrelmoor/contract";
import { request } from "./request";

const shareOf = (id: string) => `/api/problems/${encodeURIComponent(id)}/share`;

export function readShare(id: string, signal: AbortSignal): Promise<ShareReply> {
  return request(shareOf(id), { signal });
}

export function shareProblem(id: string): Promise<ShareReply> {
  return request(shareOf(id), { method: "POST" });
}

export function unshareProblem(id: string): Promise<void> {
  return request(shareOf(id), { method: "DELETE" });
}

export function readShared(address: string, signal: AbortSignal): Promise<SharedProblem> {
  return request(`/api/shared/${encodeURIComponent(address)}`, { signal });
}
