import { ChangeDetectionStrategy, Component } from '@angular/core';

/** Stands where a part of the page should that could not be fetched (`@error` of a `@defer`). */
@Component({
  selector: 'yw-not-fetched',
  template:
    '<p class="wrong" role="alert">This part of the page could not be loaded. Reload the page once there is a connection.</p>',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NotFetched {}
