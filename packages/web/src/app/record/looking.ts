import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Timesheet } from '@yellowwood/contracts';
import { secondsBetween } from '@yellowwood/core';
import { Formats } from '../state/formats';
import { TextField } from '../ui/form/text-field';
import { WorkNames } from '../ui/work-names';
import { WhoseWeek } from './whose-week';

/** Says whose week is looked at, what runs there, and what may be changed of it, once one has said why. */
@Component({
  selector: 'yw-looking',
  imports: [MatButton, TextField],
  templateUrl: './looking.html',
  styleUrl: './looking.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Looking {
  private readonly formats = inject(Formats);
  private readonly names = inject(WorkNames);
  protected readonly whose = inject(WhoseWeek);
  readonly week = input.required<Timesheet | null>();
  /** What they have running or waiting, in words. */
  protected readonly timers = computed(() =>
    (this.week()?.timers ?? []).map(({ projectId, taskId, elapsed, since, note }) => {
      const ran = elapsed + (since ? Math.max(0, secondsBetween(since, new Date().toISOString())) : 0);
      const work = this.names.task(taskId) || this.names.project(projectId);
      const about = note ? `, “${note}”` : '';
      return `${since ? 'A timer runs' : 'A timer waits'}: ${work}${about}, ${this.formats.hours(ran)}.`;
    }),
  );
  protected readonly says = computed(() => {
    const week = this.week();
    if (!week) return '';
    if (!week.may.correct) return 'You may read it, and change nothing of it.';
    return 'What you change is stored under your name, with your reason, and they see both.';
  });
}
