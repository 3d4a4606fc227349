import { appraiseReply } from "../appraise/appraise-reply";
import { markReply } from "../mark/mark-reply";
import { convertReply } from "../rates/convert-reply";
import { readReply } from "../read/read-reply";
import { scheduleReply } from "../schedule/schedule-reply";
import { solveReply } from "../solve/solve-reply";
import { workingsReply } from "../workings/workings-reply";

/**
 * Every calculation by its path. They are pure: they keep nothing, need no workspace, and may run in any thread. Each
 * takes a body as it was parsed, and throws a `Refusal` for a body that it cannot answer.
 */
export const CALCULATIONS = {
  "/solve": solveReply,
  "/schedule": scheduleReply,
  "/appraise": appraiseReply,
  "/rates/convert": convertReply,
  "/workings": workingsReply,
  "/mark": markReply,
  "/read": readReply,
} as const satisfies Readonly<Record<string, (body: unknown) => object>>;

export type CalculationName = keyof typeof CALCULATIONS;
