/** Times of one thing, in milliseconds. */
export type Times = readonly number[];

/** The time that a share of all stays below. */
export function quantile(times: Times, share: number): number {
  const sorted = [...times].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]!;
}

export async function timed(work: () => Promise<unknown>): Promise<number> {
  const start = performance.now();
  await work();
  return performance.now() - start;
}

/** A thing to measure: prepared anew for each run, only `run` is timed. */
export interface Subject {
  readonly before?: () => Promise<unknown>;
  readonly run: () => Promise<unknown>;
  readonly after?: () => Promise<unknown>;
}

/** Measures several things in turns, so that what slows the machine for a while slows all of them. */
export async function measureInTurns<K extends string>(
  runs: number,
  subjects: Readonly<Record<K, Subject>>,
): Promise<Record<K, number[]>> {
  const names = Object.keys(subjects) as K[];
  const times = Object.fromEntries(names.map((name) => [name, [] as number[]])) as Record<K, number[]>;
  const warming = Math.ceil(runs / 5);
  for (let run = -warming; run < runs; run += 1) {
    for (const name of names) {
      const subject = subjects[name];
      await subject.before?.();
      const time = await timed(subject.run);
      await subject.after?.();
      if (run >= 0) times[name].push(time);
    }
  }
  return times;
}
