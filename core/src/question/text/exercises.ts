/** A stretch of a text that is an exercise by itself, in characters. */
export interface Exercise {
  readonly from: number;
  readonly to: number;
}

const NUMBERED = /^\s*(?:(?:question|exercise|problem|q|ex)\.?\s*)?\d{1,3}\s*[.):]\s+\S/i;

/**
 * Cuts a sheet into its exercises: at blank lines, or else at lines that begin with a number.
 *
 * @returns in order, without the space around them; one where nothing cuts the text
 */
export function exercisesIn(text: string): Exercise[] {
  const blocks = cutAt(text, (line) => line.trim() === "", false);
  return blocks.length > 1 ? blocks : cutAt(text, (line) => NUMBERED.test(line), true);
}

/** @param keeps whether the line that cuts belongs to what follows */
function cutAt(text: string, cuts: (line: string) => boolean, keeps: boolean): Exercise[] {
  const blocks: Exercise[] = [];
  let from = 0;
  let at = 0;
  const close = (to: number) => {
    const block = text.slice(from, to);
    const start = from + block.length - block.trimStart().length;
    if (block.trim() !== "") blocks.push({ from: start, to: start + block.trim().length });
  };
  for (const line of text.split("\n")) {
    if (cuts(line)) {
      close(at);
      from = keeps ? at : at + line.length;
    }
    at += line.length + 1;
  }
  close(text.length);
  return blocks;
}
