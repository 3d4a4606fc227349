/** Something that a person has to mend; shown as one sentence, without a stack. */
export class Obstacle extends Error {}

/** Runs a script's main function and ends with one sentence where something stands in its way. */
export async function runScript(main) {
  try {
    await main();
  } catch (error) {
    if (!(error instanceof Obstacle)) throw error;
    console.error(error.message);
    process.exitCode = 1;
  }
}
