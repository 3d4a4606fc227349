import type { Path } from "../issues/issue";
import type { Flow, FlowOf } from "../problem/schema";
import type { ResolvedFlow, Spell } from "../timeline/timeline";
import type { FlowFieldName, RateFieldName } from "./field-ref";
import type { FigureUnit } from "./figure-unit";

/** The kinds of answer that a problem can ask for. */
export type UnknownKind = "amount" | "percent" | "growth" | "count" | "at" | "begins" | "value";

type OnTimeline<Kind extends Flow["kind"], Q> = Extract<ResolvedFlow<Q>, { kind: Kind }>;

/** What a field of a line is that holds a figure. */
interface Figure {
  readonly unit: FigureUnit;
  /** What kind of unknown it makes; `null` for a figure that has to be known. */
  readonly unknown: UnknownKind | null;
  /** Where it stands in its line of the problem file. */
  readonly path: Path;
}

/** A figure of one kind of flow. */
export interface FlowFigure<Kind extends Flow["kind"]> extends Figure {
  readonly field: FlowFieldName;
  /** Which one, of many alike. */
  readonly entry?: number;
  /** Where it stands on the timeline. */
  readonly onTimeline: <Q>(flow: OnTimeline<Kind, Q>) => Q | undefined;
}

export interface RateFigure extends Figure {
  readonly field: RateFieldName;
  readonly onTimeline: <Q>(spell: Pick<Spell<Q>, "percent" | "start">) => Q;
}

/**
 * Which figures each kind of flow has, in reading order: what they count, what kind of unknown they make, where
 * they stand in the file and on the timeline. Whatever asks a problem for its figures asks here.
 */
export const FLOW_FIGURES: {
  readonly [Kind in Flow["kind"]]: (flow: FlowOf<Kind>) => readonly FlowFigure<Kind>[];
} = {
  single: () => SINGLE,
  stream: ({ growth }) =>
    growth === undefined ? STREAM : [...STREAM, "percent" in growth ? GROWTH_RATE : GROWTH_STEP],
  list: ({ amounts }) => [LIST_BEGINS, ...amounts.map((_, entry) => listAmount(entry))],
  dated: ({ entries }) => entries.map((_, entry) => datedAmount(entry)),
};

/** The figures of a rate; the first rate has no start of its own. */
export const RATE_FIGURES: readonly RateFigure[] = [
  {
    field: "percent",
    unit: "percent",
    unknown: "percent",
    path: ["percent"],
    onTimeline: ({ percent }) => percent,
  },
  {
    field: "from",
    unit: "years",
    unknown: null,
    path: ["from"],
    onTimeline: ({ start }) => start,
  },
];

const SINGLE: readonly FlowFigure<"single">[] = [
  {
    field: "amount",
    unit: "money",
    unknown: "amount",
    path: ["amount"],
    onTimeline: ({ amount }) => amount,
  },
  { field: "at", unit: "years", unknown: "at", path: ["at"], onTimeline: ({ at }) => at },
];

const STREAM: readonly FlowFigure<"stream">[] = [
  {
    field: "amount",
    unit: "money",
    unknown: "amount",
    path: ["amount"],
    onTimeline: ({ amount }) => amount,
  },
  {
    field: "count",
    unit: "payments",
    unknown: "count",
    path: ["count"],
    onTimeline: ({ count }) => count,
  },
  {
    field: "begins",
    unit: "years",
    unknown: "begins",
    path: ["begins"],
    onTimeline: ({ begins }) => begins,
  },
];

const GROWTH_RATE: FlowFigure<"stream"> = {
  field: "growth",
  unit: "percent",
  unknown: "growth",
  path: ["growth", "percent"],
  onTimeline: ({ growth }) => growth?.figure,
};

/** A step in money is an amount: the value of all flows is linear in it. */
const GROWTH_STEP: FlowFigure<"stream"> = {
  ...GROWTH_RATE,
  unit: "money",
  unknown: "amount",
  path: ["growth", "amount"],
};

const LIST_BEGINS: FlowFigure<"list"> = {
  field: "begins",
  unit: "years",
  unknown: "begins",
  path: ["begins"],
  onTimeline: ({ begins }) => begins,
};

function listAmount(entry: number): FlowFigure<"list"> {
  return {
    field: "amounts",
    entry,
    unit: "money",
    unknown: "amount",
    path: ["amounts", entry],
    onTimeline: ({ amounts }) => amounts[entry],
  };
}

function datedAmount(entry: number): FlowFigure<"dated"> {
  return {
    field: "entries",
    entry,
    unit: "money",
    unknown: "amount",
    path: ["entries", entry, "amount"],
    onTimeline: ({ entries }) => entries[entry]?.amount,
  };
}
