import { RecordWay } from '@yellowwood/core';

/** How time is recorded, in words that go on from "People record". */
export const WAY_WORDS: readonly { readonly value: RecordWay; readonly word: string }[] = [
  { value: 'timer', word: 'by timer' },
  { value: 'length', word: 'as a length' },
  { value: 'span', word: 'from start to end' },
];
