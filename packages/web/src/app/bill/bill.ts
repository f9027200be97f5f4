import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Address } from '../state/address';
import { BillDeskScreen } from './bill-desk';
import { ToBillScreen } from './to-bill';

/** Bill: the list of what is ready for the firm, or the desk of one client, project or task. */
@Component({
  selector: 'yw-bill',
  imports: [BillDeskScreen, ToBillScreen],
  template: `@if (desk()) {
      <yw-bill-desk />
    } @else {
      <yw-to-bill />
    }`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BillScreen {
  private readonly address = inject(Address);
  protected readonly desk = computed(() => /^(client|project|task):/.test(this.address.scope()));
}
