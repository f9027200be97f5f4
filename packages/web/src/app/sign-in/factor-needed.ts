import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { ActivatedRoute } from '@angular/router';
import { SecondFactorSetting } from '../settings/account/second-factor';
import { Brand } from '../ui/brand';
import { toTheWork } from './to-the-work';

/** Where a firm asks for a second factor of those who see money, and one has none yet. */
@Component({
  selector: 'yw-factor-needed',
  imports: [Brand, SecondFactorSetting],
  template: `
    <main class="alone">
      <section class="form">
        <yw-brand />
        <h1>A second factor, please</h1>
        <p>This firm asks for one of everybody who sees money. Set it up for your account; then you go on where you were.</p>
        <yw-second-factor (kept)="goOn()" />
        <p><button class="link" type="button" (click)="goOn()">I have one by now: go on</button></p>
      </section>
    </main>
  `,
  styleUrl: './sign-in.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FactorNeeded {
  private readonly toTheWork = toTheWork();
  private readonly route = inject(ActivatedRoute);

  protected async goOn(): Promise<void> {
    const back = this.route.snapshot.queryParamMap.get('back');
    await this.toTheWork(back?.startsWith('/f/') ? back : '/');
  }
}
