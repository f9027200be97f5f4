import { Signal, inject, signal } from '@angular/core';
import { v7 as newId } from 'uuid';
import { isAnswered, sentenceOf } from '../api/problem-error';
import { Refresh } from '../state/refresh';
import { Notices } from './notices';

/** What follows a command that was done. */
export interface Following<T> {
  /** What is told of it: "Held back". */
  readonly done?: string | ((answer: T) => string);
  /** Takes it back; offered for ten seconds with what is told. @throws why it cannot be taken back */
  readonly undo?: (answer: T) => Promise<unknown>;
  /** Whether nothing that is read from the server is another by it: then nothing is read again. */
  readonly apart?: true;
  /** What the command is about: one that nobody answered keeps its id for another try at the same thing only. */
  readonly about?: string;
}

/**
 * Something that a person does to what is stored, one thing at a time: another press while it is on its way does
 * nothing. The focus stays where it is; where that is gone, `KeepFocus` looks after it.
 */
export interface Command {
  /** Why the last one was not done; it stays until another begins or it is forgotten. */
  readonly sentence: Signal<string>;
  /**
   * Does it, tells it and has everything read again. A refusal is told where the command has its place
   * (`yw-failure`), or else at the foot.
   * @param work gets an id to send along: the same again where nobody answered the last try, so that it happens once
   * @returns the answer; undefined where it was refused, or another one was on its way
   */
  run<T>(work: (id: string) => Promise<T>, following?: Following<T>): Promise<T | undefined>;
  /** Says that something cannot be done as it was typed, in the place of a refusal. */
  refuse(sentence: string): void;
  forget(): void;
  /** A place that shows its refusals; @returns what takes the place away */
  placed(): () => void;
}

/**
 * Makes a command of a screen or a part of it. Use in an injection context.
 * @param inTurn one that begins while another is on its way waits for it, for what is saved as it is typed;
 *   otherwise it does nothing
 */
export function command({ inTurn = false } = {}): Command {
  const notices = inject(Notices);
  const refresh = inject(Refresh);
  let onItsWay = false;
  const sentence = signal('');
  let places = 0;
  let unanswered: { id: string; about: string } | null = null;
  let last: Promise<unknown> = Promise.resolve();

  function fail(error: unknown): void {
    if (places === 0) notices.failed(error);
    else sentence.set(sentenceOf(error));
  }

  function run<T>(work: (id: string) => Promise<T>, following: Following<T> = {}): Promise<T | undefined> {
    if (!inTurn && onItsWay) return Promise.resolve(undefined);
    const next = inTurn ? last.then(() => attempt(work, following)) : attempt(work, following);
    last = next;
    return next;
  }

  async function attempt<T>(work: (id: string) => Promise<T>, following: Following<T>): Promise<T | undefined> {
    const about = following.about ?? '';
    const id = unanswered?.about === about ? unanswered.id : newId();
    unanswered = { id, about };
    onItsWay = true;
    sentence.set('');
    try {
      const answer = await work(id);
      unanswered = null;
      const { done, undo } = following;
      const text = typeof done === 'function' ? done(answer) : done;
      if (text) notices.done(text, undo && (() => undo(answer).finally(() => refresh.written())));
      return answer;
    } catch (error) {
      if (isAnswered(error)) unanswered = null;
      fail(error);
      return undefined;
    } finally {
      onItsWay = false;
      if (!following.apart) refresh.written();
    }
  }

  return {
    sentence: sentence.asReadonly(),
    run,
    refuse: (text) => sentence.set(text),
    forget: () => sentence.set(''),
    placed: () => {
      places += 1;
      return () => (places -= 1);
    },
  };
}
