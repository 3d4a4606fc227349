/** A colour and a dash for each curve of a chart, so that neither is needed to tell them apart. */
const STROKES = [
  { colour: "var(--heather)", dash: "none" },
  { colour: "var(--bracken)", dash: "9 4" },
  { colour: "var(--tarn)", dash: "2 4" },
  { colour: "var(--gorse)", dash: "12 4 2 4" },
  { colour: "var(--slate)", dash: "5 3" },
  { colour: "var(--rowan)", dash: "2 2 8 2" },
] as const;

export function strokeOf(index: number): (typeof STROKES)[number] {
  return STROKES[index % STROKES.length] ?? STROKES[0];
}

/** A piece of a curve, for the key beside its name. */
export function Stroke({ index }: { readonly index: number }) {
  const { colour, dash } = strokeOf(index);
  return (
    <svg width="30" height="8" aria-hidden>
      <line x1="0" x2="30" y1="4" y2="4" stroke={colour} strokeWidth="2.2" strokeDasharray={dash} />
    </svg>
  );
}

/** How a curve is drawn. */
export function curveLook(index: number) {
  const { colour, dash } = strokeOf(index);
  return {
    dot: false,
    activeDot: false,
    stroke: colour,
    strokeDasharray: dash,
    strokeWidth: 2.2,
    isAnimationActive: false,
  } as const;
}
