import { MOST_SCHEDULE_ROWS, scheduleOptions, type ScheduleReply } from "@kestrelmoor/contract";
import { effectiveYearlyPercent, runSchedule } from "@kestrelmoor/core";
import { Router, type Request, type Response } from "express";
import { jsonBody } from "../http/body";
import { readBody, readProblemIn } from "../http/read-body";
import { unsolvable } from "../http/refusal";

/** Calculation needs no workspace and keeps nothing. */
export function scheduleRoutes(): Router {
  const router = Router();
  router.post("/", jsonBody, (request: Request, response: Response) => {
    // A problem file has versions of its own, so it is read apart from what is asked about it.
    const { problem: file, ...rest } = (request.body ?? {}) as { readonly problem?: unknown };
    const options = readBody(scheduleOptions, rest);
    const problem = readProblemIn(file, ["problem"]);
    const found = runSchedule(problem, options, MOST_SCHEDULE_ROWS);
    if (!found.ok) throw unsolvable(found.issues);
    const effective = effectiveYearlyPercent(found.value);
    const reply: ScheduleReply = { ...found.value.schedule, effectiveYearlyPercent: effective };
    response.json(reply);
  });
  return router;
}
