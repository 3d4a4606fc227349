import type { ProblemList, SavedProblem } from "@kestrelmoor/contract";
import type { Draft } from "@kestrelmoor/core/typing";
import { request } from "./request";

const BASE = "/api/problems";

export function listProblems(
  search: string,
  page: number,
  signal: AbortSignal,
): Promise<ProblemList> {
  const query = new URLSearchParams({ search, page: String(page) });
  return request(`${BASE}?${query.toString()}`, { signal });
}

export function readProblem(id: string, signal?: AbortSignal): Promise<SavedProblem> {
  return request(`${BASE}/${encodeURIComponent(id)}`, signal === undefined ? {} : { signal });
}

export function createProblem(draft: Draft): Promise<SavedProblem> {
  return request(BASE, { method: "POST", body: { draft } });
}

export function saveProblem(
  id: string,
  version: number,
  draft: Draft,
  keepalive = false,
): Promise<SavedProblem> {
  return request(`${BASE}/${id}`, { method: "PUT", body: { draft }, ifMatch: version, keepalive });
}

export function binProblem(id: string): Promise<void> {
  return request(`${BASE}/${id}`, { method: "DELETE" });
}

export function restoreProblem(id: string): Promise<SavedProblem> {
  return request(`${BASE}/${id}/restore`, { method: "POST" });
}
