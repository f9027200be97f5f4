import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Logo as LogoFacts } from '@yellowwood/contracts';
import { Address } from '../state/address';

/** The logo of a firm, as it stands on paper. */
@Component({
  selector: 'yw-logo',
  template: `<img [src]="url()" [attr.width]="logo().width" [attr.height]="logo().height" [alt]="'Logo of ' + of()" />`,
  styles: `
    :host {
      display: block;
    }
    img {
      display: block;
      max-width: 200px;
      max-height: 80px;
      width: auto;
      height: auto;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Logo {
  private readonly address = inject(Address);
  readonly logo = input.required<LogoFacts>();
  /** Whose it is. */
  readonly of = input.required<string>();
  protected readonly url = computed(() => `/api/f/${this.address.firm()}/logos/${this.logo().id}`);
}
