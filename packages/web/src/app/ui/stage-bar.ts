import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { STAGES } from '@yellowwood/core';
import type { StageBar as Bar } from '@yellowwood/contracts';
import { Formats } from '../state/formats';

/** One line split by stage. Work that ends at approved is hatched there. */
@Component({
  selector: 'yw-stage-bar',
  template: `
    @for (part of parts(); track part.name) {
      <i [style.flex-grow]="part.share" [class]="part.name"></i>
    }
  `,
  styleUrl: './stage-bar.scss',
  host: { role: 'img', '[attr.aria-label]': 'label()' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StageBar {
  private readonly formats = inject(Formats);
  readonly bar = input.required<Bar>();
  protected readonly parts = computed(() => {
    const { stages, ended } = this.bar();
    return STAGES.flatMap((stage) =>
      stage === 'approved'
        ? [
            { name: 'approved', share: stages.approved - ended },
            { name: 'ended', share: ended },
          ]
        : [{ name: stage as string, share: stages[stage] }],
    ).filter((part) => part.share > 0);
  });
  protected readonly label = computed(
    () =>
      this.parts()
        .map((part) => `${this.formats.hours(part.share)} ${part.name === 'ended' ? 'approved, not billed' : part.name}`)
        .join(', ') || 'no hours',
  );
}
