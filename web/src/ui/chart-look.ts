/** How every chart's axes look; their texts have the colour of secondary text. */
export const AXIS = { stroke: "var(--stone)", tick: { fill: "var(--slate)" } } as const;

/** What a chart says of the place that is pointed at. */
export const TOOLTIP = {
  isAnimationActive: false,
  contentStyle: {
    border: 0,
    borderRadius: 8,
    color: "var(--paper)",
    background: "var(--peat)",
  },
  itemStyle: { color: "var(--paper)" },
} as const;

/** Room for the figures beside an axis. */
export function axisWidth(figures: readonly string[]): number {
  return 22 + 8 * Math.max(2, ...figures.map(({ length }) => length));
}
