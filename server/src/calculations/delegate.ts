import type { ProblemDetails } from "@kestrelmoor/contract";
import { Refusal } from "../http/refusal";
import type { Calculator } from "./calculator";
import { parseBody } from "./perform";
import { TASKS, type TaskName } from "./tasks";

/** Drafts of a few lines: reading them takes a millisecond or two, and their cards are not cut. */
const LONGEST_AT_ONCE = 4096;

/**
 * Does a task in this thread if its text is short, else in another one.
 *
 * @throws the `Refusal` that it comes to
 */
export async function delegate<Name extends TaskName>(
  calculator: Calculator,
  name: Name,
  text: string,
): Promise<ReturnType<(typeof TASKS)[Name]>> {
  type Found = ReturnType<(typeof TASKS)[Name]>;
  if (text.length <= LONGEST_AT_ONCE) return TASKS[name](parseBody(text)) as Found;
  const { status, text: reply } = await calculator.calculate(name, text);
  const found = JSON.parse(reply) as unknown;
  if (status === 200) return found as Found;
  throw refusalOf(found as ProblemDetails);
}

/** A refusal of another thread, as it was there. */
function refusalOf({ status, code, detail, issues }: ProblemDetails): Refusal {
  return new Refusal(
    status,
    code as Refusal["code"],
    detail,
    issues === undefined ? {} : { issues },
  );
}
