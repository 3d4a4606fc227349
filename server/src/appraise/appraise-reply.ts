import { datedAppraisal, evenAppraisal, type AppraiseReply } from "@kestrelmoor/contract";
import { appraise, datedFlows, evenFlows } from "@kestrelmoor/core";
import { readBody } from "../http/read-body";
import { unsolvable } from "../http/refusal";

export function appraiseReply(body: unknown): AppraiseReply {
  const { flows, rates } = readProject(body);
  const found = appraise(flows, rates);
  if (!found.ok) throw unsolvable(found.issues);
  return found.value;
}

/** Which of the two forms is meant is told by `entries`, so that its faults are told and not the other's. */
function readProject(body: unknown) {
  if (typeof body === "object" && body !== null && "entries" in body) {
    const { entries, ...rates } = readBody(datedAppraisal, body);
    return { flows: datedFlows(entries), rates };
  }
  const { amounts, every, ...rates } = readBody(evenAppraisal, body);
  return { flows: evenFlows(amounts, every), rates };
}
