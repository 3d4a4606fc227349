import type {
  BinReply,
  MergeReply,
  NotebookKeyReply,
  NotebookReply,
  UnreadCarriedProblem,
} from "@kestrelmoor/contract";
import { request } from "./request";

const BASE = "/api/notebook";

/** Where the browser gets the whole notebook as a file. */
export const NOTEBOOK_FILE_ADDRESS = `${BASE}/file`;

export function readNotebook(signal: AbortSignal): Promise<NotebookReply> {
  return request(BASE, { signal });
}

export function makeKey(): Promise<NotebookKeyReply> {
  return request(`${BASE}/key`, { method: "POST" });
}

export function openWithKey(key: string): Promise<MergeReply> {
  return request(`${BASE}/open`, { method: "POST", body: { key } });
}

export function closeHere(): Promise<void> {
  return request(`${BASE}/close`, { method: "POST" });
}

export function closeElsewhere(): Promise<void> {
  return request(`${BASE}/close-others`, { method: "POST" });
}

export function mergeNotebook(body: {
  readonly problems: readonly UnreadCarriedProblem[];
  readonly desk: Readonly<Record<string, unknown>>;
}): Promise<MergeReply> {
  return request(`${BASE}/merge`, { method: "POST", body });
}

export function readBin(signal: AbortSignal): Promise<BinReply> {
  return request("/api/problems/bin", { signal });
}

export function emptyBin(): Promise<void> {
  return request("/api/problems/bin", { method: "DELETE" });
}
