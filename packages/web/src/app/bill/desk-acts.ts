import { Injectable, inject } from '@angular/core';
import type { BillDesk, BillEntry } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Formats } from '../state/formats';
import { Ask } from '../ui/ask';
import { command } from '../ui/command';
import { sumOf } from './desk-groups';

/** What is done at the desk to entries and to drafts, each after a question. */
@Injectable()
export class DeskActs {
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  private readonly asking = inject(Ask);
  /** One thing at a time; its refusals stand on the desk. */
  readonly command = command();

  /** Writes entries off: one, or all that are chosen. */
  async writeOff(entries: readonly BillEntry[], currency: string): Promise<void> {
    const reason = await this.asking.ask({
      title: `Write off ${entries.length} ${entries.length === 1 ? 'entry' : 'entries'}?`,
      text: `${this.formats.money(sumOf(entries, 'minor'), currency)} will not be billed. The time stays, and counts against realisation.`,
      field: { label: 'Reason', needed: true },
      button: 'Write off',
    });
    if (reason)
      await this.command.run(() => this.api.call('writeOffEntries', { body: { entries: entries.map(seen), reason } }), {
        done: 'Written off',
      });
  }

  async reinstate(entry: BillDesk['writtenOff']['entries'][number]): Promise<void> {
    await this.command.run(() => this.api.call('reinstateEntries', { body: { entries: [seen(entry)] } }), {
      done: 'To bill again',
    });
  }

  async hold(entries: readonly BillEntry[]): Promise<void> {
    const one = entries.length === 1;
    const reason = await this.asking.ask({
      title: one ? 'Hold this entry back?' : `Hold back ${entries.length} entries?`,
      text: one
        ? 'It stays off every invoice until somebody releases it.'
        : 'They stay off every invoice until somebody releases them.',
      field: { label: 'Reason', needed: true },
      button: 'Hold back',
    });
    if (reason)
      await this.command.run(() => this.api.call('holdEntries', { body: { entries: entries.map(seen), reason } }), {
        done: 'Held back',
      });
  }

  async release(entry: BillEntry): Promise<void> {
    await this.command.run(() => this.api.call('releaseEntries', { body: { entries: [seen(entry)] } }), { done: 'Released' });
  }

  async issueDraft(id: string): Promise<void> {
    const detail = await this.command.run(() => this.api.call('readInvoice', { params: { id } }));
    if (!detail) return;
    const { document, row } = detail;
    const sure = await this.asking.ask({
      title: 'Issue this draft?',
      text: `${document.buyer.name}\n${this.formats.money(document.gross, document.currency)} to pay`,
      button: 'Issue invoice',
    });
    if (sure !== undefined)
      await this.command.run(
        () => this.api.call('issueInvoice', { params: { id }, body: { gross: document.gross, version: row.version } }),
        { done: 'Issued' },
      );
  }

  async discard(id: string, version: number): Promise<void> {
    const sure = await this.asking.ask({
      title: 'Discard this draft?',
      text: 'Its entries are to bill again.',
      button: 'Discard draft',
    });
    if (sure !== undefined)
      await this.command.run(() => this.api.call('discardDraft', { params: { id }, version }), { done: 'Draft discarded' });
  }
}

function seen({ id, version }: { readonly id: string; readonly version: number }) {
  return { id, version };
}
