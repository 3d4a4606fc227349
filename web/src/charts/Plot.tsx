import type { ReactNode } from "react";
import {
  BarChart,
  CartesianGrid,
  ComposedChart,
  Tooltip,
  XAxis,
  YAxis,
  type MouseHandlerDataParam,
} from "recharts";
import { useElementWidth } from "../ui/use-element-width";
import { widthOf, type AcrossAxis, type UpAxis } from "./axes";
import { Stroke } from "./Stroke";
import styles from "./Plot.module.css";

/** A curve's name beside its stroke. */
export interface CurveKey {
  readonly name: string;
  /** Which of the strokes it has. */
  readonly stroke: number;
}

/** Where the curves are within the picture, in pixels. */
export interface PlotArea {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Told of the place under the pointer, `null` beside the curves. */
type PointerAt = (across: number | null) => void;

interface PlotProps {
  readonly caption?: ReactNode;
  /** Empty where a single curve needs no name. */
  readonly keys?: readonly CurveKey[];
  /** What the picture shows, for those who do not see it. */
  readonly words: string;
  readonly height: number;
  readonly points: readonly object[];
  readonly across: AcrossAxis;
  readonly up: UpAxis;
  /** What is said of the place that is pointed at: over its values, and each value. */
  readonly told?: {
    readonly at?: (across: number) => string;
    readonly value: (value: number) => string;
  };
  /** Room for labels at the right end. */
  readonly roomRight?: number;
  /** The pointer as it is pressed, moved and let go. */
  readonly pointer?: {
    readonly down: PointerAt;
    readonly move: PointerAt;
    readonly up: PointerAt;
  };
  /** What lies over the chart and can be taken hold of. */
  readonly over?: (area: PlotArea) => ReactNode;
  /** Curves, areas, bars and marks. */
  readonly children: ReactNode;
}

const TOP = 14;
const BOTTOM = 4;
const ACROSS_HEIGHT = 30;

/** How every chart's axes look; their texts have the colour of secondary text. */
const AXIS_LOOK = { stroke: "var(--stone)", tick: { fill: "var(--slate)" } } as const;

/** A chart: what it shows over it, the keys of the curves, axes, what is pointed at, and the same in words. */
export function Plot(props: PlotProps) {
  const { caption, keys = [], words, height, points, across, up, told, pointer, over } = props;
  const { roomRight = 18, children } = props;
  const [place, width] = useElementWidth();
  // Bars stand beside each other under names; all else lies on a scale.
  const Chart = across.ends === undefined ? BarChart : ComposedChart;
  const left = widthOf(up);
  return (
    <figure ref={place} className={styles.figure} style={{ minHeight: height }}>
      {caption !== undefined && (
        <figcaption>
          {caption}
          {keys.map(({ name, stroke }) => (
            <span key={stroke} className={styles.key}>
              <Stroke index={stroke} /> {name}
            </span>
          ))}
        </figcaption>
      )}
      {width > 0 && (
        <div className={styles.plot} data-takes-pointer={pointer !== undefined}>
          <div role="img" aria-label={words}>
            <Chart
              width={width}
              height={height}
              data={points}
              margin={{ top: TOP, right: roomRight, bottom: BOTTOM, left: 0 }}
              accessibilityLayer={false}
              {...(pointer === undefined ? {} : pointerEvents(pointer))}
            >
              <CartesianGrid stroke="var(--reed)" vertical={false} />
              <XAxis
                dataKey={across.dataKey}
                {...(across.ends === undefined
                  ? {}
                  : { type: "number" as const, domain: [...across.ends] })}
                {...(across.ticks === undefined ? {} : { ticks: [...across.ticks] })}
                {...(across.write === undefined ? {} : { tickFormatter: across.write })}
                {...AXIS_LOOK}
                height={ACROSS_HEIGHT}
                minTickGap={30}
                // Where there is no room for all, those that are left stand evenly, from the first on.
                interval="equidistantPreserveStart"
              />
              <YAxis
                type="number"
                width={left}
                domain={[up.low, up.high]}
                ticks={[...up.ticks]}
                tickFormatter={up.write}
                {...AXIS_LOOK}
                interval={0}
                allowDataOverflow
              />
              {told !== undefined && (
                <Tooltip
                  {...TOOLTIP_LOOK}
                  labelFormatter={(at) => told.at?.(Number(at)) ?? at}
                  formatter={(value, name) => [told.value(Number(value)), name]}
                />
              )}
              {children}
            </Chart>
          </div>
          {over?.({
            left,
            right: width - roomRight,
            top: TOP,
            bottom: height - BOTTOM - ACROSS_HEIGHT,
          })}
        </div>
      )}
    </figure>
  );
}

const TOOLTIP_LOOK = {
  isAnimationActive: false,
  separator: ": ",
  cursor: { fill: "var(--heather-soft)" },
  contentStyle: {
    border: 0,
    borderRadius: 8,
    color: "var(--paper)",
    background: "var(--peat)",
  },
  itemStyle: { color: "var(--paper)" },
} as const;

function pointerEvents({ down, move, up }: NonNullable<PlotProps["pointer"]>) {
  const at =
    (tell: PointerAt) =>
    ({ activeLabel }: MouseHandlerDataParam) =>
      tell(activeLabel === undefined ? null : Number(activeLabel));
  return { onMouseDown: at(down), onMouseMove: at(move), onMouseUp: at(up) };
}
