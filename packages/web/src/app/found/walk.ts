import {
  ChangeDetectionStrategy,
  Component,
  DOCUMENT,
  ElementRef,
  afterRenderEffect,
  booleanAttribute,
  computed,
  inject,
  input,
  output,
  viewChild,
} from '@angular/core';
import { Brand } from '../ui/brand';

export interface WalkStep {
  readonly id: string;
  readonly word: string;
  /** What was said there, or what is asked. */
  readonly small: string;
  /** Whether one may go there. */
  readonly open?: boolean;
}

/** The frame of founding: how far one has come, ring by ring, and what is asked now. */
@Component({
  selector: 'yw-walk',
  imports: [Brand],
  templateUrl: './walk.html',
  styleUrl: './walk.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Walk {
  readonly steps = input.required<readonly WalkStep[]>();
  readonly at = input.required<string>();
  /** Whether one may go straight to one's week. */
  readonly straight = input(false, { transform: booleanAttribute });
  readonly gone = output<string>();
  readonly toFirst = output();
  protected readonly now = computed(() => this.steps().findIndex(({ id }) => id === this.at()));
  private readonly document = inject(DOCUMENT);
  private readonly work = viewChild.required<ElementRef<HTMLElement>>('work');

  constructor() {
    // What was pressed goes with its step: where no field of the next one takes the focus, the step itself does.
    afterRenderEffect({
      read: () => {
        this.at();
        if (this.document.activeElement === this.document.body) this.work().nativeElement.focus();
      },
    });
  }
}
