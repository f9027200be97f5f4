import * as fc from 'fast-check';
import { STAGES, Stage, StageMove, billingStateOf, moveStage, stageBefore } from './stage';

const MOVES: readonly StageMove[] = ['submit', 'withdraw', 'approve', 'return', 'reopen', 'bill', 'unbill', 'settle', 'unsettle'];
const BACK: Partial<Record<StageMove, StageMove>> = { submit: 'withdraw', bill: 'unbill', settle: 'unsettle' };

describe('the way of an entry through its stages', () => {
  it('starts each move at one stage alone, and refuses it anywhere else', () => {
    for (const move of MOVES) {
      const possible = STAGES.filter((stage) => moveStage(stage, move).ok);
      expect(possible)
        .withContext(move)
        .toEqual([stageBefore(move)]);
    }
  });

  it('goes one step on, or back to where something can be mended', () => {
    const place = (stage: Stage) => STAGES.indexOf(stage);
    for (const move of MOVES) {
      const after = moveStage(stageBefore(move), move);
      const step = after.ok ? place(after.value) - place(stageBefore(move)) : 0;
      expect([1, -1, -2]).withContext(move).toContain(step);
      // Only re-opening goes two steps back: what is approved becomes the person's again.
      expect(step === -2)
        .withContext(move)
        .toBe(move === 'reopen');
    }
  });

  it('has a way back for what may turn out wrong', () => {
    for (const [move, back] of Object.entries(BACK) as [StageMove, StageMove][]) {
      const after = moveStage(stageBefore(move), move);
      expect(after.ok && moveStage(after.value, back)).toEqual({ ok: true, value: stageBefore(move) });
    }
  });

  it('never reaches a document without an approval, by any sequence of moves', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...MOVES), { maxLength: 30 }), (moves) => {
        let stage: Stage = 'recorded';
        let approved = false;
        for (const move of moves) {
          const after = moveStage(stage, move);
          if (!after.ok) continue;
          stage = after.value;
          if (move === 'approve') approved = true;
          if (move === 'reopen') approved = false;
          if (stage === 'billed' || stage === 'paid') expect(approved).toBeTrue();
        }
      }),
      { numRuns: 500, seed: 5 },
    );
  });

  it('says which move was not possible where', () => {
    expect(moveStage('paid', 'approve')).toEqual(
      jasmine.objectContaining({
        ok: false,
        error: jasmine.objectContaining({ code: 'stage-not-possible', data: { stage: 'paid', move: 'approve' } }),
      }),
    );
  });

  it('is to bill only by an agreement that bills time, and only where the entry is billable', () => {
    expect(billingStateOf(true, 'time and materials')).toBe('to bill');
    for (const [billable, method] of [
      [false, 'time and materials'],
      [true, 'internal'],
      [true, 'not billable'],
      [true, null],
    ] as const)
      expect(billingStateOf(billable, method)).toBe('nothing to bill');
  });
});
