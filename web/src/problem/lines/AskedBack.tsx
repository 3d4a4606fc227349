import styles from "./AskedBack.module.css";

interface AskedBackProps {
  readonly words: string;
  readonly answers: readonly { readonly words: string; readonly act: () => void }[];
}

/** A question back about a line, with its answers to press: the figure stands for one of them meanwhile. */
export function AskedBack({ words, answers }: AskedBackProps) {
  return (
    <div className={styles.asked} role="status">
      <span>{words}</span>
      {answers.map((answer) => (
        <button key={answer.words} type="button" className={styles.answer} onClick={answer.act}>
          {answer.words}
        </button>
      ))}
    </div>
  );
}
