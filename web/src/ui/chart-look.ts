import type { YAxisProps } from "recharts";
import type { RoundTicks } from "./round-ticks";

/** How every chart's axes look; their texts have the colour of secondary text. */
export const AXIS = { stroke: "var(--stone)", tick: { fill: "var(--slate)" } } as const;

/** What a chart says of the place that is pointed at. */
export const TOOLTIP = {
  isAnimationActive: false,
  separator: ": ",
  contentStyle: {
    border: 0,
    borderRadius: 8,
    color: "var(--paper)",
    background: "var(--peat)",
  },
  itemStyle: { color: "var(--paper)" },
} as const;

/** Room for the figures beside an axis. */
function axisWidth(figures: readonly string[]): number {
  return 22 + 8 * Math.max(2, ...figures.map(({ length }) => length));
}

/** A value axis with marks at round figures, wide enough for what is written there. */
export function roundAxis({ ticks, low, high }: RoundTicks, write: (value: number) => string) {
  return {
    ...AXIS,
    type: "number",
    width: axisWidth(ticks.map(write)),
    domain: [low, high],
    ticks: [...ticks],
    tickFormatter: write,
  } as const satisfies YAxisProps;
}
