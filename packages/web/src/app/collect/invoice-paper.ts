import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  Injector,
  afterNextRender,
  computed,
  inject,
  input,
  linkedSignal,
  viewChild,
} from '@angular/core';
import type { LineEntries } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Paper } from '../bill/paper';
import { Address } from '../state/address';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';
import { Column } from '../ui/table/column';
import { Table } from '../ui/table/table';
import { WorkNames } from '../ui/work-names';

type LineEntry = LineEntries['entries'][number];

/** The document of the chosen invoice, below the list, with its PDF; its lines lead to their entries. */
@Component({
  selector: 'yw-invoice-paper',
  imports: [Paper, Table, Loading],
  templateUrl: './invoice-paper.html',
  styles: `
    :host {
      display: block;
      max-width: 720px;
      margin-top: 22px;
    }
    .row {
      margin-bottom: 8px;
      flex-wrap: wrap;
    }
    section {
      margin-top: 14px;
      outline: none;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class InvoicePaper {
  private readonly api = inject(Api);
  private readonly injector = inject(Injector);
  private readonly names = inject(WorkNames);
  protected readonly address = inject(Address);
  private readonly behind = viewChild<ElementRef<HTMLElement>>('behind');
  readonly id = input.required<string>();
  protected readonly invoice = loaded(
    () => this.id(),
    (id) => this.api.call('readInvoice', { params: { id } }),
  );
  /** The key of the line whose entries are shown. */
  protected readonly line = linkedSignal<string, string | null>({ source: () => this.id(), computation: () => null });
  protected readonly entries = loaded(
    () => (this.line() ? { id: this.id(), line: this.line()! } : undefined),
    (params) => this.api.call('readLineEntries', { params }),
  );
  protected readonly pdf = computed(() => `/api/f/${this.address.firm()}/invoices/${this.id()}/pdf`);
  private readonly lines = computed(() => this.invoice.value()?.document.lines ?? []);
  protected readonly projects = computed(() =>
    [...new Set(this.lines().map(({ projectId }) => projectId))].map((id) => ({ id, name: this.names.project(id) })),
  );
  protected readonly lineText = computed(() => this.lines().find(({ key }) => key === this.line())?.text ?? '');
  protected readonly hidden = computed(() => {
    const shown = this.entries.value();
    return shown ? shown.count - shown.entries.length : 0;
  });
  protected readonly keyOf = ({ entry }: LineEntry) => entry.id;
  protected readonly columns = computed((): readonly Column<LineEntry>[] => {
    const currency = this.invoice.value()?.row.currency ?? '';
    return [
      { id: 'date', head: 'Date', kind: 'date', value: ({ entry }) => entry.date },
      { id: 'person', head: 'Person', kind: 'text', value: ({ entry }) => this.names.person(entry.personId), groups: true },
      {
        id: 'work',
        head: 'Work',
        kind: 'text',
        value: ({ entry }) => this.names.detail(entry.taskId, entry.serviceId),
        small: ({ entry }) => entry.note,
      },
      {
        id: 'hours',
        head: 'Hours',
        kind: 'hours',
        value: ({ entry, quantity }) => (entry.kind === 'fee' ? null : quantity),
        total: true,
      },
      {
        id: 'net',
        head: 'Net',
        kind: 'money',
        value: ({ minor }) => [{ currency, minor }],
        total: true,
      },
    ];
  });

  protected goTo(scope: string): void {
    void this.address.set({ scope, doc: null });
  }

  protected turn(key: string): void {
    this.line.set(this.line() === key ? null : key);
    afterNextRender({ read: () => this.behind()?.nativeElement.focus() }, { injector: this.injector });
  }
}
