import type { Repricing } from '@yellowwood/contracts';
import { ProblemError, codeOf } from '../api/problem-error';
import { Dialogs } from './dialogs';
import type { RepricingQuestion } from './repricing-dialog';

/**
 * Asks for something that may price time anew until what changes by it was seen and confirmed.
 * @param ask     sends it, with what was seen
 * @param kept    what is told where it is not confirmed
 * @throws what refused it, or that it was not confirmed
 */
export async function askSeen<T>(
  dialogs: Dialogs,
  ask: (seen: string | null) => Promise<T>,
  { kept, ...question }: Omit<RepricingQuestion, 'effect' | 'again'> & { readonly kept: string },
): Promise<T> {
  let seen: string | null = null;
  for (;;)
    try {
      return await ask(seen);
    } catch (error) {
      const code = codeOf(error);
      if (code !== 'effect-unseen' && code !== 'effect-changed') throw error;
      const { problem } = error as ProblemError;
      const effect = problem.current as Repricing;
      const data: RepricingQuestion = { ...question, effect, again: code === 'effect-changed' };
      const yes = await dialogs.open<boolean>(() => import('./repricing-dialog').then((m) => m.RepricingDialog), { data });
      if (!yes) throw new ProblemError({ ...problem, detail: kept });
      seen = effect.seen;
    }
}
