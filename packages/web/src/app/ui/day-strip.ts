import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';

/** A span on the band, in seconds of the wall clock from midnight. */
export interface StripSpan {
  readonly id: string;
  readonly from: number;
  readonly to: number;
  readonly tone: number;
  readonly label: string;
  /** Shares time with another span. */
  readonly doubled: boolean;
  readonly quiet: boolean;
}

export interface StripGap {
  readonly from: number;
  readonly to: number;
  readonly label: string;
}

/** The day as a band: spans as grain in the project's tone, gaps dashed, overlaps doubled. */
@Component({
  selector: 'yw-day-strip',
  template: `
    <div class="band" role="group" aria-label="The day as a band">
      @for (hour of hours(); track hour) {
        <i class="hour" [style.left.%]="place(hour * 3600)"></i>
      }
      @for (gap of gaps(); track gap.from) {
        <span class="gap" [style.left.%]="place(gap.from)" [style.width.%]="place(gap.to) - place(gap.from)">{{
          gap.label
        }}</span>
      }
      @for (span of spans(); track span.id) {
        <button
          type="button"
          class="span"
          [class.doubled]="span.doubled"
          [class.quiet-span]="span.quiet"
          [class.chosen]="chosen() === span.id"
          [style.left.%]="place(span.from)"
          [style.width.%]="place(span.to) - place(span.from)"
          [style.--tone]="'var(--tone-' + span.tone + ')'"
          (click)="picked.emit(span.id)"
          [attr.aria-label]="span.label + (span.doubled ? ', overlaps' : '')"
        >
          <b>{{ span.label }}</b>
        </button>
      }
    </div>
    <div class="hours" aria-hidden="true">
      @for (hour of labels(); track hour) {
        <span [style.left.%]="place(hour * 3600)">{{ hour }}:00</span>
      }
    </div>
  `,
  styles: `
    .band {
      position: relative;
      height: 46px;
      border: 1px solid var(--line);
      border-radius: 6px;
      background: var(--surface);
      overflow: hidden;
    }
    .hour {
      position: absolute;
      top: 0;
      bottom: 0;
      width: 1px;
      background: var(--hair);
    }
    .span {
      position: absolute;
      top: 6px;
      bottom: 6px;
      border: 0;
      border-radius: 4px;
      background: var(--tone);
      color: #fff;
      padding: 0 6px;
      font-size: 12.5px;
      text-align: left;
      overflow: hidden;
      white-space: nowrap;
      cursor: pointer;
      min-width: 3px;
    }
    .span b {
      font-weight: 400;
    }
    .span.quiet-span {
      background-image: repeating-linear-gradient(135deg, transparent 0 4px, #ffffff2e 4px 6px);
      font-style: italic;
    }
    .span.doubled {
      top: 3px;
      bottom: 50%;
      box-shadow: 0 0 0 1px var(--clay);
    }
    .span.doubled ~ .span.doubled {
      top: 50%;
      bottom: 3px;
    }
    .span.chosen {
      box-shadow: 0 0 0 2px var(--wood);
    }
    .gap {
      position: absolute;
      top: 6px;
      bottom: 6px;
      border: 1px dashed var(--clay);
      border-radius: 4px;
      color: var(--clay);
      font-size: 12px;
      display: grid;
      place-items: center;
      overflow: hidden;
    }
    .hours {
      position: relative;
      height: 18px;
      font-size: 12px;
      color: var(--ink-2);
    }
    .hours span {
      position: absolute;
      transform: translateX(-50%);
    }
    .hours span:first-child {
      transform: none;
    }
    .hours span:last-child {
      transform: translateX(-100%);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DayStrip {
  readonly spans = input.required<readonly StripSpan[]>();
  readonly gaps = input<readonly StripGap[]>([]);
  /** Planned start and end of the day, `HH:MM`. */
  readonly from = input('08:00');
  readonly to = input('17:00');
  readonly chosen = input<string | null>(null);
  readonly picked = output<string>();

  /** From an hour before the plan, or the first span, to an hour after. */
  private readonly bounds = computed(() => {
    const planned = [this.from(), this.to()].map((text) => Number(text.slice(0, 2)) * 3600 + Number(text.slice(3)) * 60);
    const least = Math.min(planned[0]! - 3600, ...this.spans().map((span) => span.from));
    const most = Math.max(planned[1]! + 3600, ...this.spans().map((span) => span.to));
    return { from: Math.floor(least / 3600) * 3600, to: Math.ceil(most / 3600) * 3600 };
  });
  protected readonly hours = computed(() => {
    const { from, to } = this.bounds();
    return Array.from({ length: (to - from) / 3600 - 1 }, (_, index) => from / 3600 + index + 1);
  });
  protected readonly labels = computed(() => {
    const { from, to } = this.bounds();
    const count = (to - from) / 3600;
    const step = count > 14 ? 4 : 2;
    return Array.from({ length: Math.floor(count / step) + 1 }, (_, index) => from / 3600 + index * step);
  });

  protected place(second: number): number {
    const { from, to } = this.bounds();
    return (100 * (second - from)) / (to - from);
  }
}
