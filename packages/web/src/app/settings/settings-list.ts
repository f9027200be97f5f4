import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { RouterLink, RouterLinkActive } from '@angular/router';
import { Store } from '@ngrx/store';
import { Address } from '../state/address';
import { Functions } from '../state/functions';
import { OwnWords } from '../state/own-words';
import { sessionFeature } from '../state/session';
import { hasWords, wordsOf } from '@yellowwood/core';
import { SETTINGS } from './settings';

/** The settings by subject, where the scope stands otherwise, and what leads back to the work. */
@Component({
  selector: 'yw-settings-list',
  imports: [RouterLink, RouterLinkActive],
  templateUrl: './settings-list.html',
  styleUrl: './settings-list.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SettingsList {
  protected readonly address = inject(Address);
  readonly chosen = output();
  private readonly functions = inject(Functions);
  private readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  private readonly say = inject(OwnWords).say;
  protected readonly find = signal('');
  protected readonly shown = computed(() => {
    const words = wordsOf(this.find());
    return SETTINGS.map(({ subject, settings }) => ({
      subject,
      settings: settings
        .map((one) => ({ ...one, said: this.say(one.word) }))
        .filter(
          (one) =>
            (one.right === null || this.rights()[one.right]) &&
            (!one.of || this.functions.has(one.of)) &&
            hasWords(`${subject} ${one.said} ${one.word} ${one.about}`, words),
        ),
    })).filter(({ settings }) => settings.length > 0);
  });
}
