import { ChangeDetectionStrategy, Component } from '@angular/core';

/** The mark, a trunk cut across, and the name. */
@Component({
  selector: 'yw-brand',
  template: `
    <svg width="30" height="30" viewBox="0 0 30 30" aria-hidden="true">
      <circle cx="15" cy="15" r="14" fill="#e2a72e" />
      <g fill="none" stroke="#6b3e1c" stroke-width="1.4">
        <circle cx="14" cy="15.4" r="10.5" />
        <circle cx="13.4" cy="15.8" r="6.8" />
        <circle cx="13" cy="16" r="3.2" />
      </g>
    </svg>
    <span>Yellowwood</span>
  `,
  styles: ':host { display: inline-flex; gap: 10px; align-items: center; font: 600 21px var(--serif); letter-spacing: 0.2px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Brand {}
