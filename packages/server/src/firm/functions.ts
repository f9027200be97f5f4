import { FirmFunction, inOrderOfFunctions } from '@yellowwood/core';

/** Functions that nobody sees, as the database keeps them: whether time is reviewed stands in a column of its own. */
export function functionsOff({ off, review }: { readonly off: readonly string[]; readonly review: boolean }): FirmFunction[] {
  return inOrderOfFunctions([...(off as FirmFunction[]), ...(review ? [] : (['review'] as const))]);
}

/** The same, as the database is to keep them. */
export function inColumns(off: readonly FirmFunction[]): { off: string[]; review: boolean } {
  return { off: off.filter((one) => one !== 'review'), review: !off.includes('review') };
}
