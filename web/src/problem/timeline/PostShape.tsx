import type { PointerEvent } from "react";
import { Lozenge } from "./Lozenge";
import type { PlacedPost } from "./place-posts";
import type { Post } from "./sketch-types";
import styles from "./Timeline.module.css";

interface PostShapeProps {
  readonly placed: PlacedPost;
  readonly hatch: string;
  readonly isSmall: boolean;
  readonly onClick: ((post: Post) => void) | undefined;
  /** Begins to drag it, where it can be. */
  readonly onGrab: ((event: PointerEvent) => void) | undefined;
  readonly onHover: ((placed: PlacedPost | null) => void) | undefined;
}

/** An amount as a rounded post, with its words; what is not given yet is pale. */
export function PostShape(props: PostShapeProps) {
  const { placed, hatch, isSmall, onClick, onGrab, onHover } = props;
  const { post, x, y, width, height, label } = placed;
  const isUnknown = post.unknown === "amount";
  const look = isUnknown ? styles.unknownPost : post.direction === "in" ? styles.inPost : undefined;
  const isPending = post.years === null || (post.amount === null && !isUnknown);
  return (
    <g
      className={onGrab !== undefined ? styles.movable : onClick && styles.clickable}
      data-post={post.id}
      data-line={post.line}
      onPointerDown={onGrab}
      opacity={isPending ? 0.45 : 1}
      onClick={() => onClick?.(post)}
      onPointerEnter={() => onHover?.(placed)}
      onPointerLeave={() => onHover?.(null)}
    >
      {!isSmall && <rect x={x - 8} y={y} width={width + 16} height={height} fill="transparent" />}
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        rx={width / 2}
        className={look}
        {...(post.direction === "out" && !isUnknown ? { fill: hatch } : {})}
      />
      {label !== null &&
        (label.isLozenge ? (
          <Lozenge box={label} text={label.text} />
        ) : (
          <text
            x={label.x + label.width / 2}
            y={label.y + 15}
            textAnchor="middle"
            className={post.direction === "in" ? styles.inText : styles.outText}
          >
            {label.text}
          </text>
        ))}
    </g>
  );
}
