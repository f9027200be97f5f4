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
  templateUrl: './day-strip.html',
  styleUrl: './day-strip.scss',
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
