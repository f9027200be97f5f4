/** Tells the person at the terminal what is being done. */
export function say(text) {
  process.stdout.write(`${text}\n`);
}

/** A failure that is told in one sentence, without a stack. */
export class Sentence extends Error {}

/** Runs a script's main function; a failure ends the process with its sentence and code 1. */
export async function run(main) {
  try {
    await main();
  } catch (error) {
    process.stderr.write(`${error instanceof Sentence ? error.message : (error.stack ?? error)}\n`);
    process.exitCode = 1;
  }
}
