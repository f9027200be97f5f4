import { ChangeDetectionStrategy, Component, ElementRef, afterRenderEffect } from '@angular/core';
import { computed, inject, output, signal, untracked, viewChild } from '@angular/core';
import { Store } from '@ngrx/store';
import type { SheetRow } from '@yellowwood/contracts';
import { workFeature } from '../state/work';
import { WorkNames } from '../ui/work-names';
import { SayPipe } from '../state/own-words';
import { fetchAhead } from '../ui/fetch-ahead';
import { focusWhenThere } from '../ui/focus-when-there';
import { ChoiceField } from '../ui/form/choice-field';
// Its type must be named as one: beside any other import the field would come with the page instead of with the wish for it.
import { type PickedWork, WorkField } from '../ui/form/work-field';
import { NotFetched } from '../ui/not-fetched';
import { WeekStore } from './week-store';

const WORK_FIELD = () => import('../ui/form/work-field');

/** Adds a row to the grid: work that is picked, and the service without which no hours can stand in it. */
@Component({
  selector: 'yw-add-row',
  imports: [ChoiceField, NotFetched, SayPipe, WorkField],
  templateUrl: './add-row.html',
  styleUrl: './add-row.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AddRow {
  private readonly week = inject(WeekStore);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly serviceList = inject(Store).selectSignal(workFeature.selectServiceList);
  protected readonly services = computed(() => this.serviceList().map(({ id, name }) => ({ value: id, word: name })));
  private readonly names = inject(WorkNames);
  /** The first screen does without what finds work: a plain field stands for it until it is wanted, or at hand. */
  protected readonly wanted = signal(false);
  /** Whether what finds work has taken its place. */
  protected readonly there = signal(false);
  /** What is typed there, and whether Enter was pressed before there was anything to take; null where nobody is. */
  protected readonly early = signal<{ readonly text: string; readonly entered: boolean } | null>(null);
  private readonly picker = viewChild<WorkField>('picker');
  private readonly service = viewChild<ChoiceField>('service');
  /** Work that was picked and still wants its service. */
  protected readonly adding = signal<PickedWork | null>(null);
  /** The row that was added. */
  readonly added = output<SheetRow>();

  constructor() {
    fetchAhead(() => WORK_FIELD().then(() => this.wanted.set(true)));
    // The one gives way to the other, and focus goes over, within one rendering: no key finds neither of them.
    afterRenderEffect(() => {
      const picker = this.picker();
      if (!picker) return;
      if (this.there()) untracked(() => this.goOn(picker));
      else this.there.set(true);
    });
  }

  /** Who was in the field that stood for it goes on in it, with what was typed. */
  private goOn(picker: WorkField): void {
    const early = this.early();
    this.early.set(null);
    if (early) picker.begin(early.text, early.entered);
  }

  /** What was typed and not chosen is no choice. The field may also have been left by going. */
  protected left(): void {
    setTimeout(() => this.early.set(null));
  }

  protected pick(work: PickedWork): void {
    this.adding.set(work);
    const choice = () => this.host.nativeElement.querySelector<HTMLElement>('mat-select');
    focusWhenThere(choice, 600).subscribe((found) => found && this.service()!.open());
  }

  protected async add(serviceId: string): Promise<void> {
    const work = this.adding();
    const service = this.serviceList().find((one) => one.id === serviceId);
    if (!work || !service) return;
    const row = { ...work, serviceId, billable: (this.names.projectOf(work.projectId)?.billable ?? true) && service.billable };
    if (!(await this.week.addRow(row))) return;
    this.adding.set(null);
    this.picker()!.clear();
    this.added.emit(row);
  }
}
