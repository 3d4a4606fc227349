import { useId, type PointerEvent } from "react";
import { axisOverhang } from "./box";
import type { Layout } from "./layout";
import { Lozenge } from "./Lozenge";
import { AxisGround } from "./AxisGround";
import type { TimeHandle } from "./moves";
import type { PlacedPost } from "./place-posts";
import type { Post } from "./sketch-types";
import { PostShape } from "./PostShape";
import styles from "./Timeline.module.css";

interface TimelinePictureProps {
  readonly layout: Layout;
  readonly isSmall?: boolean;
  /** The times that can be dragged. */
  readonly handles?: readonly TimeHandle[];
  readonly onGrab?: (event: PointerEvent, handle: TimeHandle) => void;
  /** The time that a place stands for, and what a click there does. */
  readonly timeAt?: (x: number) => number;
  readonly onAxisClick?: (x: number) => void;
  readonly onPostClick?: (post: Post) => void;
  readonly onPostHover?: (placed: PlacedPost | null) => void;
  readonly onRateClick?: (id: string) => void;
}

const NO_HANDLES: readonly TimeHandle[] = [];

/**
 * The timeline as a picture. It is hidden from screen readers, which get `TimelineText`; whatever a
 * click does here, the lines do for the keyboard.
 */
export function TimelinePicture(props: TimelinePictureProps) {
  const { layout, isSmall = false, onPostClick, onPostHover, onRateClick } = props;
  const { handles = NO_HANDLES, onGrab, timeAt, onAxisClick } = props;
  const handleOf = (line: string, field: TimeHandle["field"] | "none") =>
    handles.find((handle) => handle.line === line && handle.field === field);
  const grabs = (handle: TimeHandle | undefined) =>
    handle === undefined || onGrab === undefined
      ? undefined
      : (event: PointerEvent) => onGrab(event, handle);
  const { width, height, axisY, left, right, tickY } = layout;
  const hatch = useId();
  return (
    <svg
      className={styles.picture}
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden="true"
      focusable="false"
    >
      <defs>
        <pattern
          id={hatch}
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="5" height="5" className={styles.outFill} />
          <rect width="1.6" height="5" className={styles.hatchLine} />
        </pattern>
      </defs>

      {!isSmall && (
        <>
          <text x={14} y={axisY - 12} className={styles.side}>
            in
          </text>
          <text x={14} y={axisY + 22} className={styles.side}>
            out
          </text>
          {layout.ticks.map((tick) => (
            <g key={tick.x}>
              <line x1={tick.x} x2={tick.x} y1={axisY - 5} y2={axisY + 5} className={styles.axis} />
              <line
                x1={tick.x}
                x2={tick.x}
                y1={axisY + 6}
                y2={tickY - 15}
                className={styles.guide}
              />
              <text x={tick.x} y={tickY} textAnchor="middle" className={styles.tick}>
                {tick.text}
              </text>
            </g>
          ))}
        </>
      )}

      {layout.ribbons.map((ribbon) => (
        <g
          key={ribbon.id}
          onClick={() => onRateClick?.(ribbon.id)}
          className={onRateClick === undefined ? undefined : styles.clickable}
        >
          <rect
            x={ribbon.x}
            y={ribbon.y}
            width={ribbon.width}
            height={ribbon.height}
            rx={6}
            className={ribbon.isUnknown ? styles.unknownRibbon : styles.ribbon}
          />
          {!isSmall && (
            <foreignObject x={ribbon.x} y={ribbon.y} width={ribbon.width} height={ribbon.height}>
              <div
                className={ribbon.isUnknown ? styles.unknownRibbonText : styles.ribbonText}
                title={ribbon.text}
              >
                {ribbon.isUnknown && <span className={styles.mark}>?</span>}
                <span className={styles.ribbonWords}>{ribbon.text}</span>
              </div>
            </foreignObject>
          )}
          {grabs(handleOf(ribbon.id, "from")) !== undefined && (
            <rect
              x={ribbon.x - 8}
              y={ribbon.y}
              width={16}
              height={ribbon.height}
              fill="transparent"
              className={styles.edge}
              data-part="rate-change"
              onPointerDown={grabs(handleOf(ribbon.id, "from"))}
            />
          )}
        </g>
      ))}

      <line
        x1={left - (isSmall ? 6 : 26)}
        x2={right + axisOverhang(isSmall)}
        y1={axisY}
        y2={axisY}
        className={styles.axis}
      />

      {timeAt !== undefined && onAxisClick !== undefined && (
        <AxisGround layout={layout} timeAt={timeAt} onClick={onAxisClick} />
      )}
      {layout.bands.map(({ id, direction, isUnknown, outline, caption }) => (
        <g key={id} className={styles.ungrabbed}>
          <path
            d={outline}
            className={
              isUnknown ? styles.unknownBand : direction === "in" ? styles.inBand : styles.outBand
            }
          />
          {caption !== null && (
            <text
              x={caption.x + caption.width / 2}
              y={caption.y + 15}
              textAnchor="middle"
              className={styles.caption}
            >
              {caption.text}
            </text>
          )}
        </g>
      ))}

      {layout.posts.map((placed) => (
        <PostShape
          key={placed.post.id}
          placed={placed}
          hatch={`url(#${hatch})`}
          isSmall={isSmall}
          onClick={onPostClick}
          onHover={onPostHover}
          onGrab={grabs(handleOf(placed.post.line, placed.post.moves ?? "at"))}
        />
      ))}

      {layout.marks.map((mark) => (
        <g key={`${mark.x}-${mark.y}`}>
          <line
            x1={mark.at}
            x2={mark.at}
            y1={mark.y + mark.height / 2}
            y2={axisY}
            className={styles.markLine}
          />
          <Lozenge box={mark} text={mark.text} />
        </g>
      ))}
    </svg>
  );
}
