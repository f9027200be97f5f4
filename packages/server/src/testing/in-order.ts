interface Step {
  readonly work: () => Promise<unknown>;
  done?: Promise<unknown>;
}

/**
 * Specs that tell one story, each going on where the one before it ended. Whatever the order in which they run,
 * and when one of them runs alone, what comes before it is done first, and nothing is done twice.
 * @returns what stands for `it` in the suite
 */
export function inOrder(): (name: string, work: () => Promise<unknown>) => void {
  const steps: Step[] = [];
  return (name, work) => {
    const before = steps.length;
    steps.push({ work });
    it(name, async () => {
      for (const step of steps.slice(0, before + 1)) await (step.done ??= step.work());
    });
  };
}
