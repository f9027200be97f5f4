import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  Injector,
  afterNextRender,
  inject,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { Store } from '@ngrx/store';
import type { SheetRow } from '@yellowwood/contracts';
import { workFeature } from '../state/work';
import { PickedWork, WorkPicker } from '../ui/work-picker';
import { WeekStore } from './week-store';

/** Adds a row to the grid: work that is picked, and the service without which no hours can stand in it. */
@Component({
  selector: 'yw-add-row',
  imports: [WorkPicker],
  template: `
    <yw-work-picker
      label="Add a row: project or task"
      placeholder="Add a row: type a project or task"
      [value]="adding()"
      (picked)="pick($event)"
    />
    @if (adding()) {
      <select #service class="plain-field" aria-label="Service of the new row" (change)="add(service.value)">
        <option value="">Choose the service</option>
        @for (one of services(); track one.id) {
          <option [value]="one.id">{{ one.name }}</option>
        }
      </select>
    }
  `,
  styles: `
    :host {
      display: flex;
      gap: 10px;
      max-width: 620px;
    }
    yw-work-picker {
      flex: 1;
    }
    select {
      width: 200px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AddRow {
  private readonly week = inject(WeekStore);
  private readonly injector = inject(Injector);
  protected readonly services = inject(Store).selectSignal(workFeature.selectServiceList);
  private readonly projects = inject(Store).selectSignal(workFeature.selectProjectEntities);
  private readonly picker = viewChild.required(WorkPicker);
  private readonly service = viewChild<ElementRef<HTMLSelectElement>>('service');
  /** Work that was picked and still wants its service. */
  protected readonly adding = signal<PickedWork | null>(null);
  /** The row that was added. */
  readonly added = output<SheetRow>();

  protected pick(work: PickedWork): void {
    this.adding.set(work);
    afterNextRender({ read: () => this.service()?.nativeElement.focus() }, { injector: this.injector });
  }

  protected async add(serviceId: string): Promise<void> {
    const work = this.adding();
    const service = this.services().find((one) => one.id === serviceId);
    if (!work || !service) return;
    const row = { ...work, serviceId, billable: (this.projects()[work.projectId]?.billable ?? true) && service.billable };
    if (!(await this.week.addRow(row))) return;
    this.adding.set(null);
    this.picker().clear();
    this.added.emit(row);
  }
}
