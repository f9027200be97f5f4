import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Team } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { Column } from '../../ui/table/column';
import { Table } from '../../ui/table/table';
import { TeamPanel } from './team-panel';

/** The teams of the firm: who leads them, who belongs to them. */
@Component({
  selector: 'yw-teams',
  imports: [Loading, MatButton, Table, TeamPanel],
  templateUrl: './teams.html',
  styleUrl: './people.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TeamsScreen {
  private readonly api = inject(Api);
  private readonly address = inject(Address);
  protected readonly all = loaded(
    () => this.address.firm(),
    () => this.api.call('listTeams'),
  );
  /** The team that is open; `new` for one that is being made. */
  protected readonly chosen = signal<string | null>(null);
  protected readonly opened = computed(() => this.all.value()?.teams.find(({ id }) => id === this.chosen()) ?? null);
  protected readonly idOf = ({ id }: Team) => id;
  protected readonly names = computed(() => new Map(this.all.value()?.people.map(({ id, name }) => [id, name])));
  protected readonly rows = computed(() => this.all.value()?.teams ?? null);
  protected readonly columns: Column<Team>[] = [
    { id: 'name', head: 'Team', kind: 'text', value: ({ name }) => name },
    { id: 'lead', head: 'Lead', kind: 'text', width: 170, value: ({ leadId }) => this.names().get(leadId) ?? null },
    { id: 'count', head: 'People', kind: 'count', width: 80, value: ({ people }) => people.length },
  ];
  protected readonly summary = computed(() => {
    const count = this.rows()?.length;
    return count === undefined ? '' : `${count} ${count === 1 ? 'team' : 'teams'}`;
  });
}
