import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Api } from '../api/api';
import { Brand } from '../ui/brand';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';

/** The terms of use, and what happens to people's data. */
@Component({
  selector: 'yw-texts',
  imports: [Brand, Loading],
  template: `
    <main>
      <yw-brand />
      <yw-loading [of]="texts" [lines]="12" />
      @for (text of texts.value()?.texts; track text.document) {
        <section>
          <h1>{{ text.title }}</h1>
          @for (paragraph of text.paragraphs; track paragraph) {
            <p>{{ paragraph }}</p>
          }
          <p class="quiet">Version {{ text.version }}</p>
        </section>
      }
    </main>
  `,
  styles: `
    main {
      max-width: 66ch;
      margin: 0 auto;
      padding: 32px 20px 60px;
      display: grid;
      gap: 20px;
    }
    p {
      margin: 10px 0;
      line-height: 1.5;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TextsPage {
  private readonly api = inject(Api);
  protected readonly texts = loaded(
    () => true,
    () => this.api.call('readTexts'),
  );
}
