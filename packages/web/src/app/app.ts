import { ChangeDetectionStrategy, Component, DOCUMENT, effect, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { sessionFeature } from './state/session';

@Component({
  selector: 'yw-root',
  imports: [RouterOutlet],
  template: '<router-outlet />',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class App {
  constructor() {
    const account = inject(Store).selectSignal(sessionFeature.selectAccount);
    const { documentElement } = inject(DOCUMENT);
    // The server writes the theme into the page that it sends; whoever signs in on it has their own.
    effect(() => {
      const theme = account()?.theme;
      if (theme) documentElement.dataset['theme'] = theme;
    });
  }
}
