import compression from "compression";
import type { IRouter, Request, RequestHandler, Response } from "express";
import { textBody } from "../http/body";
import { CALCULATIONS, type CalculationName } from "./calculations";
import type { Calculator } from "./calculator";
import { isShort, LONGEST_SHORT_BODY } from "./is-short";
import { parseBody, perform, type Performed } from "./perform";

/** Replies that may be long; compressing the others costs more than it saves. */
const LONG_REPLIES: readonly CalculationName[] = ["/schedule", "/workings"];

/**
 * Adds a route for each calculation to the application itself: a router in between is felt where the calculation is
 * short. Short ones are done at once, which costs less than to hand them over; the others by the calculator.
 *
 * @param before what every call has to pass first
 */
export function addCalculations(
  app: IRouter,
  { calculate }: Calculator,
  before: readonly RequestHandler[],
): void {
  for (const name of Object.keys(CALCULATIONS) as CalculationName[]) {
    const compressed = LONG_REPLIES.includes(name) ? [compression()] : [];
    app.post(
      `/api${name}`,
      ...before,
      ...compressed,
      ...textBody,
      async (request: Request, response: Response) => {
        const text = request.body as string;
        send(response, atOnce(name, text) ?? (await calculate(name, text)));
      },
    );
  }
}

function atOnce(name: CalculationName, text: string): Performed | null {
  if (text.length > LONGEST_SHORT_BODY) return null;
  const body = parseBody(text);
  return isShort(name, body) ? perform(name, body) : null;
}

function send(response: Response, { status, type, text }: Performed): void {
  response
    .writeHead(status, {
      "Content-Type": `${type}; charset=utf-8`,
      "Content-Length": Buffer.byteLength(text),
    })
    .end(text);
}
