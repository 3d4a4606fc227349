import { convertRequest, type ConvertReply } from "@kestrelmoor/contract";
import { convertRate } from "@kestrelmoor/core";
import { Router, type Request, type Response } from "express";
import { jsonBody } from "../http/body";
import { readBody } from "../http/read-body";
import { unsolvable } from "../http/refusal";

/** Calculation needs no workspace and keeps nothing. */
export function rateRoutes(): Router {
  const router = Router();
  router.post("/convert", jsonBody, (request: Request, response: Response) => {
    const { from, to } = readBody(convertRequest, request.body);
    const percent = convertRate(from, to);
    if (!percent.ok) throw unsolvable(percent.issues);
    response.json({ percent: percent.value } satisfies ConvertReply);
  });
  return router;
}
