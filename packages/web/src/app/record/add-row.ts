import { ChangeDetectionStrategy, Component, ElementRef, computed, inject, output, signal, viewChild } from '@angular/core';
import { Store } from '@ngrx/store';
import type { SheetRow } from '@yellowwood/contracts';
import { workFeature } from '../state/work';
import { focusWhenThere } from '../ui/focus-when-there';
import { ChoiceField } from '../ui/form/choice-field';
import { PickedWork, WorkField } from '../ui/form/work-field';
import { NotFetched } from '../ui/not-fetched';
import { WeekStore } from './week-store';

/** Adds a row to the grid: work that is picked, and the service without which no hours can stand in it. */
@Component({
  selector: 'yw-add-row',
  imports: [ChoiceField, NotFetched, WorkField],
  template: `
    <yw-work-field
      bare
      label="Add a row: project or task"
      placeholder="Add a row: type a project or task"
      [value]="adding()"
      (picked)="pick($event)"
    />
    @if (adding()) {
      @defer (on immediate) {
        <yw-choice-field
          #service
          bare
          label="Service of the new row"
          placeholder="Choose the service"
          [choices]="services()"
          [value]="''"
          (chosen)="add($event)"
        />
      } @error {
        <yw-not-fetched />
      }
    }
  `,
  styles: `
    :host {
      display: flex;
      gap: 10px;
      max-width: 620px;
    }
    yw-work-field {
      flex: 1;
    }
    yw-choice-field {
      width: 200px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AddRow {
  private readonly week = inject(WeekStore);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly serviceList = inject(Store).selectSignal(workFeature.selectServiceList);
  protected readonly services = computed(() => this.serviceList().map(({ id, name }) => ({ value: id, word: name })));
  private readonly projects = inject(Store).selectSignal(workFeature.selectProjectEntities);
  private readonly picker = viewChild.required(WorkField);
  private readonly service = viewChild<ChoiceField>('service');
  /** Work that was picked and still wants its service. */
  protected readonly adding = signal<PickedWork | null>(null);
  /** The row that was added. */
  readonly added = output<SheetRow>();

  protected pick(work: PickedWork): void {
    this.adding.set(work);
    const choice = () => this.host.nativeElement.querySelector<HTMLElement>('mat-select');
    focusWhenThere(choice, 600).subscribe((found) => found && this.service()!.open());
  }

  protected async add(serviceId: string): Promise<void> {
    const work = this.adding();
    const service = this.serviceList().find((one) => one.id === serviceId);
    if (!work || !service) return;
    const row = { ...work, serviceId, billable: (this.projects()[work.projectId]?.billable ?? true) && service.billable };
    if (!(await this.week.addRow(row))) return;
    this.adding.set(null);
    this.picker().clear();
    this.added.emit(row);
  }
}
