/** What a figure of a problem counts. Rates are in percent, times in years. */
export const FIGURE_UNITS = ["money", "percent", "payments", "years"] as const;

export type FigureUnit = (typeof FIGURE_UNITS)[number];
