import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { readAmount } from '@yellowwood/core';
import type { BillDesk, BillEntry } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Formats } from '../state/formats';
import { Ask } from '../ui/ask';
import { Command } from '../ui/command';
import { MoneyPipe } from '../ui/formats';
import { isBeyond, overAllOf } from './desk-groups';

/** What is over the agreed limit of a scope and waits to be decided on: work, and sums on invoices. */
@Component({
  selector: 'yw-over-limit',
  imports: [MoneyPipe],
  templateUrl: './over-limit.html',
  styleUrl: './over-limit.scss',
  host: { role: 'region', 'aria-label': 'Over the agreed limit' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OverLimit {
  private readonly api = inject(Api);
  private readonly asking = inject(Ask);
  private readonly formats = inject(Formats);
  readonly desk = input.required<BillDesk>();
  readonly command = input.required<Command>();
  readonly mayDecide = input.required<boolean>();
  /** Asks that work beyond the limit be written off. */
  readonly writtenOff = output<readonly BillEntry[]>();
  protected readonly all = computed(() => overAllOf(this.desk()));
  protected readonly beyond = computed(() => this.desk().entries.filter(isBeyond));

  /** Bills what stood over the limit, as far as the limit has room for it now. */
  protected async release(line: BillDesk['overLimit'][number]): Promise<void> {
    const amount = await this.askAmount('Release over the limit', line.mayRelease, line.currency, line.number);
    if (amount === undefined) return;
    await this.command().run(
      (id) => this.api.call('releaseOverLimit', { params: { id: line.lineId }, body: { id, minor: amount, note: '' } }),
      { done: 'Released: it is to bill as a fee', about: `${line.lineId} ${amount}` },
    );
  }

  /** Gives up what stood over the limit. */
  protected async writeDownLine(line: BillDesk['overLimit'][number]): Promise<void> {
    const amount = await this.askAmount('Write down over the limit', line.waiting, line.currency, line.number);
    if (amount === undefined) return;
    const reason = await this.asking.ask({
      title: `Why are ${this.formats.money(amount, line.currency)} written down?`,
      text: 'They will never be billed. The recorded time stays as it is.',
      field: { label: 'Reason', needed: true },
      button: 'Write down',
    });
    if (reason)
      await this.command().run(
        () => this.api.call('writeDownOverLimit', { params: { id: line.lineId }, body: { minor: amount, reason } }),
        { done: 'Written down' },
      );
  }

  private async askAmount(title: string, most: number, currency: string, number: string): Promise<number | undefined> {
    const typed = await this.asking.ask({
      title,
      text: `${this.formats.money(most, currency)} of ${number} at most. Leave empty for all of it.`,
      field: { label: `Amount in ${currency}, without tax`, needed: false },
      button: 'Go on',
    });
    if (typed === undefined) return undefined;
    if (typed === '') return most;
    const read = readAmount(typed, currency);
    if (read.ok && read.value > 0 && read.value <= most) return read.value;
    this.command().refuse(`Type an amount above zero, at most ${this.formats.money(most, currency)}.`);
    return undefined;
  }
}
