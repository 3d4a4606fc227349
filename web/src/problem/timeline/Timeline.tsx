import { formatMoney } from "@kestrelmoor/core";
import { useMemo, useState } from "react";
import { useElementWidth } from "../../ui/use-element-width";
import { useDocumentState } from "../document/document-context";
import { fieldId, focusField } from "../lines/field-id";
import { layOut } from "./layout";
import type { PlacedPost } from "./place-posts";
import { sketchOf } from "./sketch";
import { sketchInWords, whenWords } from "./timeline-words";
import { TimelinePicture } from "./TimelinePicture";
import styles from "./Timeline.module.css";

const HEIGHT = 250;

/** The problem as a timeline, drawn from its lines as they are typed. */
export function Timeline() {
  const draft = useDocumentState((state) => state.draft);
  const outcome = useDocumentState((state) => state.outcome);
  const [card, width] = useElementWidth();
  const [hovered, setHovered] = useState<PlacedPost | null>(null);
  const sketch = useMemo(() => sketchOf(draft, outcome), [draft, outcome]);
  const layout = useMemo(
    () => layOut(sketch, { width, height: HEIGHT, isSmall: false }),
    [sketch, width],
  );
  return (
    <section ref={card} className={`card ${styles.card ?? ""}`} aria-labelledby="timeline-name">
      <h2 id="timeline-name" className="visually-hidden">
        Timeline
      </h2>
      {width > 0 && (
        <TimelinePicture
          layout={layout}
          onPostClick={({ line, field }) => focusField(fieldId(line, field))}
          onRateClick={(id) => focusField(fieldId(id, "percent"))}
          onPostHover={setHovered}
        />
      )}
      {hovered !== null && <PostDetails placed={hovered} width={width} />}
      <ul className="visually-hidden" aria-label="Money on the timeline">
        {sketchInWords(sketch).map(({ id, text }) => (
          <li key={id}>{text}</li>
        ))}
        {sketch.ribbons.map((ribbon) => (
          <li key={ribbon.id}>
            {ribbon.isUnknown ? "The unknown rate" : "Rate"}: {ribbon.text}, from{" "}
            {ribbon.start === 0 ? "today" : whenWords(ribbon.start).replace("after ", "")} on
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What hovering over a post tells: what it is, when, and what it is worth today. */
function PostDetails({ placed, width }: { readonly placed: PlacedPost; readonly width: number }) {
  const { post, x, y } = placed;
  const atRight = x > width / 2;
  return (
    <div
      className={styles.hover}
      style={{
        top: Math.max(4, y - 6),
        ...(atRight ? { right: width - x + 8 } : { left: x + 24 }),
      }}
    >
      <strong>
        Money {post.direction} {post.amount === null ? "" : formatMoney(post.amount)}
      </strong>
      {post.label !== "" && <span>{post.label}, </span>}
      {post.years === null ? "time not given yet" : whenWords(post.years)}
      {post.today !== null && post.years !== 0 && <div>worth {formatMoney(post.today)} today</div>}
    </div>
  );
}
