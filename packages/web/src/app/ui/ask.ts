import { Injectable, inject } from '@angular/core';
import { Dialogs } from './dialogs';
import { fetchAhead, once } from './fetch-ahead';

export interface Question {
  readonly title: string;
  readonly text?: string;
  /** What is asked for in words, if anything; a needed one cannot be left empty. */
  readonly field?: { readonly label: string; readonly needed: boolean; readonly value?: string };
  readonly button: string;
}

export const loadQuestion = once(() => import('./ask-dialog').then(({ AskDialog }) => AskDialog));

@Injectable({ providedIn: 'root' })
export class Ask {
  private readonly dialogs = inject(Dialogs);

  constructor() {
    fetchAhead(loadQuestion);
  }

  /** @returns the words, or an empty text where none were asked for; undefined when the person cancels */
  ask(question: Question): Promise<string | undefined> {
    return this.dialogs.open<string, Question>(loadQuestion, { data: question });
  }
}
