import type { Path } from "../issues/issue";
import type { Problem } from "./schema";

/** A time as a problem file has it, with its place. */
export interface FiledTime {
  readonly time: string;
  readonly path: Path;
}

/** Every time that is said outright, with its place. */
export function timesOf({ rates, flows, ask, also, focal }: Problem): FiledTime[] {
  const places: [unknown, Path][] = [
    [focal, ["focal"]],
    ...rates.map(({ from }, index): [unknown, Path] => [from, ["rates", index, "from"]]),
    ...flows.flatMap((flow, index): [unknown, Path][] => {
      if (flow.kind === "single") return [[flow.at, ["flows", index, "at"]]];
      return "begins" in flow ? [[flow.begins, ["flows", index, "begins"]]] : [];
    }),
    [ask?.at, ["ask", "at"]],
    ...(also ?? []).flatMap((question, index): [unknown, Path][] =>
      (["at", "from", "to"] as const).map((key) => [
        (question as Partial<Record<typeof key, unknown>>)[key],
        ["also", index, key],
      ]),
    ),
  ];
  return places.flatMap(([time, path]) => (typeof time === "string" ? { time, path } : []));
}
