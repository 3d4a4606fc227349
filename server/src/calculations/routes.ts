import compression from "compression";
import { Router, type Request, type Response } from "express";
import { textBody } from "../http/body";
import { CALCULATIONS, type CalculationName } from "./calculations";
import type { Calculator } from "./calculator";
import { isShort, LONGEST_SHORT_BODY } from "./is-short";
import { parseBody, perform, type Performed } from "./perform";

/** Replies that may be long; compressing the others costs more than it saves. */
const LONG_REPLIES: readonly string[] = ["/schedule", "/workings"];

/** Short calculations are done at once, which costs less than to hand them over; the others by the calculator. */
export function calculationRoutes({ calculate }: Calculator): Router {
  const router = Router();
  router.use(LONG_REPLIES as string[], compression());
  for (const name of Object.keys(CALCULATIONS) as CalculationName[]) {
    router.post(name, textBody, async (request: Request, response: Response) => {
      const text = request.body as string;
      send(response, atOnce(name, text) ?? (await calculate(name, text)));
    });
  }
  return router;
}

function atOnce(name: CalculationName, text: string): Performed | null {
  if (text.length > LONGEST_SHORT_BODY) return null;
  const body = parseBody(text);
  return isShort(name, body) ? perform(name, body) : null;
}

function send(response: Response, { status, type, text }: Performed): void {
  response.status(status).type(type).send(text);
}
