import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule } from '@angular/material/dialog';
import type { Repricing } from '@yellowwood/contracts';
import { sum } from 'd3-array';
import { Formats } from '../state/formats';
import { OwnWords } from '../state/own-words';

/** What is asked before time is priced anew. */
export interface RepricingQuestion {
  readonly title: string;
  readonly button: string;
  /** What becomes of time: of one entry, and of more. */
  readonly what: { readonly one: string; readonly more: string };
  readonly effect: Repricing;
  /** Whether something else was shown before. */
  readonly again: boolean;
}

type Move = Repricing['moves'][number];

/** Shows what pricing time anew does to it, and asks whether it is to be done; closes with true where it is. */
@Component({
  selector: 'yw-repricing-dialog',
  imports: [MatButton, MatDialogModule],
  templateUrl: './repricing-dialog.html',
  styleUrl: './repricing-dialog.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RepricingDialog {
  protected readonly question = inject<RepricingQuestion>(MAT_DIALOG_DATA);
  private readonly formats = inject(Formats);
  private readonly say = inject(OwnWords).say;
  protected readonly moves = this.question.effect.moves.map((move) => ({
    ...{ now: this.rate(move, 'Now'), then: this.rate(move, 'Then'), hours: this.formats.hours(move.seconds) },
    ...{ valueNow: this.value(move.valueNow, move.currencyNow), valueThen: this.value(move.valueThen, move.currencyThen) },
  }));
  protected readonly sentences = this.sentencesOf(this.question);

  private sentencesOf({ effect, again, what }: RepricingQuestion): readonly string[] {
    const count = (number: number, thing: string) => `${number} ${number === 1 ? thing : thing.replace('entry', 'entries')}`;
    const becomes = effect.entries === 1 ? what.one : what.more;
    const sentences = [
      `${count(effect.entries, 'entry')} with ${this.formats.hours(effect.seconds)} recorded ${becomes}. What is recorded stays as it is.`,
    ];
    if (again) sentences.unshift('Somebody changed time or rates after you looked. This is what changes now.');
    if (effect.lost > 0)
      sentences.push(`${count(effect.lost, 'entry')} would have no rate then, and cannot be billed until there is one.`);
    if (effect.gained > 0) sentences.push(`${count(effect.gained, 'entry')} without a rate would get one.`);
    const [worth, more] = this.together(effect.moves);
    if (worth)
      sentences.push(more ? `Together it is worth ${worth} then, ${more} than now.` : `Together it is worth ${worth}, as now.`);
    if (effect.moves.length === 0 && effect.lost + effect.gained === 0) sentences.push('No price that you may see changes.');
    return sentences.map((sentence) => this.say(sentence));
  }

  /** What all that moves is worth then, and by how much more or less than now; nothing where it is not of one currency. */
  private together(moves: readonly Move[]): readonly string[] {
    const [currency, ...others] = new Set(moves.flatMap(({ currencyNow, currencyThen }) => [currencyNow, currencyThen]));
    if (!currency || others.length > 0) return [];
    const [now, then] = [sum(moves, ({ valueNow }) => valueNow), sum(moves, ({ valueThen }) => valueThen)];
    const money = (value: number) => this.formats.money(value, currency);
    return [money(then), then === now ? '' : `${money(Math.abs(then - now))} ${then > now ? 'more' : 'less'}`];
  }

  private rate(move: Move, side: 'Now' | 'Then'): string {
    if (!move[`charged${side}`]) return 'not charged';
    const [rate, currency] = [move[`rate${side}`], move[`currency${side}`]];
    return rate === null || currency === null ? 'no rate' : `${currency} ${this.formats.rate(rate, currency)} an hour`;
  }

  private value(value: number | null, currency: string | null): string {
    return value === null || currency === null ? 'none' : this.formats.money(value, currency);
  }
}
