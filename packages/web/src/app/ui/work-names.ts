import { Injectable, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { workFeature } from '../state/work';
import { OwnWords } from '../state/own-words';

/** What a piece of work is called. */
@Injectable({ providedIn: 'root' })
export class WorkNames {
  private readonly say = inject(OwnWords).say;
  private readonly store = inject(Store);
  private readonly projects = this.store.selectSignal(workFeature.selectProjectEntities);
  private readonly tasks = this.store.selectSignal(workFeature.selectTaskEntities);
  private readonly services = this.store.selectSignal(workFeature.selectServiceEntities);
  private readonly people = this.store.selectSignal(workFeature.selectPeopleNames);
  readonly known = computed(() => Object.keys(this.projects()).length > 0);

  project(id: string | null): string {
    return id ? (this.projects()[id]?.name ?? this.say('a project that you cannot see')) : this.say('No project yet');
  }

  /** Whose time it is; empty where only one's own is in reach. */
  person(id: string | null): string {
    return id ? (this.people().get(id) ?? '') : '';
  }

  tone(id: string | null): number {
    return id ? (this.projects()[id]?.tone ?? 9) : 9;
  }

  task(id: string | null): string {
    return id ? (this.tasks()[id]?.name ?? '') : '';
  }

  service(id: string | null): string {
    return id ? (this.services()[id]?.name ?? '') : '';
  }

  /** Task and service in one line: `Condition survey, site survey`. */
  detail(taskId: string | null, serviceId: string | null): string {
    const service = this.service(serviceId);
    return [this.task(taskId), this.task(taskId) ? service.toLowerCase() : service].filter(Boolean).join(', ');
  }
}
