import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { RouterLink, RouterLinkActive } from '@angular/router';
import { Store } from '@ngrx/store';
import { Address } from '../state/address';
import { sessionFeature } from '../state/session';
import { plainText } from '../ui/plain-text';
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
  private readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  protected readonly find = signal('');
  protected readonly shown = computed(() => {
    const words = plainText(this.find()).split(/\s+/).filter(Boolean);
    const fits = (text: string) => words.every((word) => plainText(text).includes(word));
    return SETTINGS.map(({ subject, settings }) => ({
      subject,
      settings: settings.filter(
        (one) => (one.right === null || this.rights()[one.right]) && fits(`${subject} ${one.word} ${one.about}`),
      ),
    })).filter(({ settings }) => settings.length > 0);
  });
}
