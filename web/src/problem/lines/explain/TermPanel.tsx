import type { FieldName } from "@kestrelmoor/core";
import { SmallTimeline } from "../../timeline/SmallTimeline";
import { EXPLANATIONS, type TinyPicture } from "./explanations";
import styles from "./Explain.module.css";

/** A term in one sentence, with what it looks like. */
export default function TermPanel({ term }: { readonly term: FieldName }) {
  const { name, sentence, pictures } = EXPLANATIONS[term];
  return (
    <>
      <strong>{name}</strong>
      <p>{sentence}</p>
      {pictures.length > 0 && (
        <div className={styles.pictures}>
          {pictures.map((picture) => (
            <figure key={picture.words}>
              <Picture picture={picture} />
              <figcaption>{picture.words}</figcaption>
            </figure>
          ))}
        </div>
      )}
    </>
  );
}

const SIZE = { width: 132, height: 56 } as const;

function Picture({ picture }: { readonly picture: TinyPicture }) {
  return picture.kind === "timeline" ? (
    <SmallTimeline draft={picture.draft} {...SIZE} />
  ) : (
    <Steps steps={picture.steps} />
  );
}

/** How an account grows in a year at 12 % nominal, in so many steps. */
function Steps({ steps }: { readonly steps: number }) {
  const { width, height } = SIZE;
  const [left, bottom, wide] = [8, height - 8, width - 16];
  // Drawn from a little below what is put in, for the steps would not be seen beside all of it.
  const y = (value: number) => bottom - 6 - ((value - 1) / 0.13) * (height - 24);
  const points = Array.from({ length: steps }, (_, step) => {
    const value = (1 + 0.12 / steps) ** step;
    const grown = (1 + 0.12 / steps) ** (step + 1);
    const end = left + (wide * (step + 1)) / steps;
    return `L${end},${y(value)} L${end},${y(grown)}`;
  });
  return (
    <svg width={width} height={height} aria-hidden="true">
      <path d={`M${left},${bottom} H${left + wide}`} className={styles.axis} />
      <path d={`M${left},${y(1)} ${points.join(" ")}`} className={styles.steps} />
    </svg>
  );
}
