import { convertRequest, type ConvertReply } from "@kestrelmoor/contract";
import { convertRate } from "@kestrelmoor/core";
import { readBody } from "../http/read-body";
import { unsolvable } from "../http/refusal";

export function convertReply(body: unknown): ConvertReply {
  const { from, to, years } = readBody(convertRequest, body);
  const percent = convertRate(from, to, years);
  if (!percent.ok) throw unsolvable(percent.issues);
  return { percent: percent.value };
}
