import { useShownState } from "../answer/covered";
import { useAnswerFormat } from "../answer/use-answer-format";
import { writeMoney, USUAL_FORMAT, type Calendar } from "@kestrelmoor/core";
import { addAmount } from "@kestrelmoor/core/typing";
import { useMemo, useState, type PointerEvent } from "react";
import { useElementWidth } from "../../ui/use-element-width";
import { useDocument, useDocumentState } from "../document/document-context";
import { focusField } from "../../ui/focus";
import { fieldId } from "../lines/field-id";
import { useAdding } from "../lines/use-adding";
import { firstYearOf, hasLaterYears } from "./first-year";
import { FocalHandle } from "./FocalHandle";
import { useFocalDate } from "./focal-date";
import { layOut, spanOf, startOf } from "./layout";
import { timeHandles, type TimeHandle } from "./moves";
import type { PlacedPost } from "./place-posts";
import { sketchOf } from "./sketch";
import { snapped, snapStep, yearsAtX } from "./time-scale";
import { sketchInWords, whenWords, yearsInWords } from "./timeline-words";
import { TimelinePicture } from "./TimelinePicture";
import { useTimeDrag } from "./use-time-drag";
import { LightButton } from "../../ui/Buttons";
import styles from "./Timeline.module.css";

const HEIGHT = 250;

/** The problem as a timeline, drawn from its lines as they are typed; what can be typed can be dragged too. */
export function Timeline() {
  const format = useAnswerFormat();
  const store = useDocument();
  const { add } = useAdding();
  const draft = useDocumentState((state) => state.draft);
  const outcome = useShownState((state) => state.outcome);
  const [card, width] = useElementWidth();
  const [hovered, setHovered] = useState<PlacedPost | null>(null);
  const [isZoomed, setZoomed] = useState(false);
  const [focal, setFocal] = useFocalDate(outcome.solved?.settled ?? null);
  const sketch = useMemo(() => sketchOf(draft, outcome, format), [draft, outcome, format]);
  const whole = spanOf(sketch);
  const { calendar } = outcome.reading;
  const isFirstYear = isZoomed && hasLaterYears(whole);
  const ends = { left: 64, right: width - 56 };
  const start = startOf(sketch);
  const drag = useTimeDrag({ start, span: isFirstYear ? 1 : whole, ...ends });
  const span = drag.frozen?.span ?? (isFirstYear ? 1 : whole);
  const layout = useMemo(
    () =>
      layOut(
        isFirstYear ? firstYearOf(sketch) : sketch,
        { width, height: HEIGHT, isSmall: false },
        format,
        span,
        calendar,
      ),
    [sketch, isFirstYear, width, span, format, calendar],
  );
  const handles = useMemo(
    () => timeHandles(draft, outcome.reading, sketch.strands),
    [draft, outcome, sketch],
  );
  const scale = { start, span, ...ends };
  const solution = outcome.solved;

  const grab = (event: PointerEvent, handle: TimeHandle) => {
    const field = `drag-${handle.line}-${handle.field}`;
    drag.begin(
      event,
      handle.years,
      (years) => {
        store.hold();
        store.edit((writable) => handle.write(writable, years), field);
      },
      () => {
        store.settle();
        // It has gone from under the words that told of it.
        setHovered(null);
      },
    );
  };
  const moveFocal = (years: number) => {
    store.hold();
    setFocal(years);
  };
  const addAt = (x: number) => {
    if (drag.wasDrag()) return;
    const years = snapped(yearsAtX(scale, x), snapStep(scale));
    add((writable) => addAmount(writable, yearsInWords(years, USUAL_FORMAT)), "amount");
  };
  return (
    <section ref={card} className={`card ${styles.card ?? ""}`} aria-labelledby="timeline-name">
      <h2 id="timeline-name" className="visually-hidden">
        Timeline
      </h2>
      {width > 0 && (
        <TimelinePicture
          layout={layout}
          handles={handles}
          onGrab={grab}
          onPostClick={({ line, field }) => {
            if (!drag.wasDrag()) focusField(fieldId(line, field));
          }}
          onRateClick={(id) => {
            if (!drag.wasDrag()) focusField(fieldId(id, "percent"));
          }}
          onPostHover={setHovered}
          timeAt={(x) => snapped(yearsAtX(scale, x), snapStep(scale))}
          onAxisClick={addAt}
        />
      )}
      {width > 0 && solution !== null && (
        <FocalHandle
          draft={draft}
          solution={solution}
          scale={scale}
          years={focal}
          axisY={layout.axisY}
          top={layout.ribbons[0]?.y ?? layout.tickY}
          onChange={setFocal}
          calendar={calendar}
          onGrab={(event) =>
            drag.begin(event, Math.min(focal, span), moveFocal, () => store.settle())
          }
        />
      )}
      {hasLaterYears(whole) && (
        <LightButton
          className={styles.zoom ?? ""}
          aria-pressed={isFirstYear}
          onClick={() => setZoomed(!isZoomed)}
        >
          {isFirstYear ? "Whole timeline" : "First year"}
        </LightButton>
      )}
      {hovered !== null && drag.frozen === null && (
        <PostDetails placed={hovered} width={width} calendar={calendar} />
      )}
      <ul className="visually-hidden" aria-label="Cash flows on the timeline">
        {sketchInWords(sketch, format, calendar).map(({ id, text }) => (
          <li key={id}>{text}</li>
        ))}
        {sketch.ribbons.map((ribbon) => (
          <li key={ribbon.id}>
            {ribbon.isUnknown ? "The unknown rate" : "Rate"}: {ribbon.text}, from{" "}
            {ribbon.start === 0 ? "today" : whenWords(ribbon.start, format).replace("after ", "")}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The tooltip of a post: amount, time and present value. */
function PostDetails({
  placed,
  width,
  calendar,
}: {
  readonly placed: PlacedPost;
  readonly width: number;
  readonly calendar: Calendar | null;
}) {
  const format = useAnswerFormat();
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
        Money {post.direction} {post.amount === null ? "" : writeMoney(post.amount, format)}
      </strong>
      {post.label !== "" && <span>{post.label}, </span>}
      {post.years === null ? "no time yet" : whenWords(post.years, format, calendar)}
      {post.today !== null && post.years !== 0 && (
        <div>present value {writeMoney(post.today, format)}</div>
      )}
    </div>
  );
}
