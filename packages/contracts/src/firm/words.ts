import { LEVELS, WORK_TEXTS } from '@yellowwood/core';
import { Static, TOptional, TSchema, Type } from 'typebox';
import { FirmPath, Id, Version, choice, endpoint, optional, strict } from '../platform/fields';

const Word = Type.String({ minLength: 1, maxLength: 30, pattern: '\\S' });

const ofEach = <T extends TSchema>(schema: T) =>
  strict(Object.fromEntries(LEVELS.map((level) => [level, optional(schema)])) as Record<(typeof LEVELS)[number], TOptional<T>>);

/** What a firm calls the levels of work, one and many, where it is not as we do. */
export const OwnWords = ofEach(strict({ one: Word, many: Word }));
export type OwnWords = Static<typeof OwnWords>;

/** What the page calls work. The API keeps its own words. */
export const WordFacts = strict({
  words: OwnWords,
  /** Which text names a project on the page; where a project has none of it, its name does. */
  workText: choice(...WORK_TEXTS),
});
export type WordFacts = Static<typeof WordFacts>;

export const KnownWords = strict({ id: Id, facts: WordFacts, version: Version });
export type KnownWords = Static<typeof KnownWords>;

/** What the page calls clients, projects, tasks and services. */
export const readWords = endpoint({
  summary: 'What the page calls clients, projects, tasks and services',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/words',
  permission: 'firm.change',
  params: FirmPath,
  answer: KnownWords,
});

/** Have the page call clients, projects, tasks and services as the firm does. */
export const changeWords = endpoint({
  summary: 'Have the page call clients, projects, tasks and services as the firm does',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/words',
  permission: 'firm.change',
  params: FirmPath,
  body: WordFacts,
  answer: KnownWords,
  problems: ['words-alike', 'nothing-to-change'],
});
