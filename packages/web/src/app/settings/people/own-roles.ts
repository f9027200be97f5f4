import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { Rights } from '@yellowwood/core';
import { Api } from '../../api/api';
import { Address } from '../../state/address';
import { sessionFeature } from '../../state/session';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { Column } from '../../ui/table/column';
import { Table } from '../../ui/table/table';
import { RolePanel } from './role-panel';
import { RoleChoice, roleChoices } from './roles';
import { OwnWords } from '../../state/own-words';

/** The roles of the firm: those that every firm has, and its own. */
@Component({
  selector: 'yw-own-roles',
  imports: [Loading, MatButton, RolePanel, Table],
  templateUrl: './own-roles.html',
  styleUrl: './people.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RolesScreen {
  private readonly say = inject(OwnWords).say;
  private readonly api = inject(Api);
  private readonly address = inject(Address);
  protected readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  protected readonly all = loaded(
    () => this.address.firm(),
    () => this.api.call('listRoles'),
  );
  /** The role that is open; `new` for one that is being made. */
  protected readonly chosen = signal<string | null>(null);
  /** The rights that a new role begins with. */
  protected readonly like = signal<Rights>({});
  protected readonly rows = computed(() => {
    const roles = this.all.value()?.roles;
    return roles ? roleChoices(roles, this.rights(), this.say) : null;
  });
  protected readonly opened = computed(() => this.all.value()?.roles.find(({ id }) => id === this.chosen()) ?? null);
  protected readonly builtIn = computed(() =>
    this.opened() ? null : (this.rows()?.find(({ key }) => key === this.chosen()) ?? null),
  );
  protected readonly keyOf = ({ key }: RoleChoice) => key;
  protected readonly summary = computed(() => {
    const own = this.all.value()?.roles.length;
    return own === undefined ? '' : `${own === 0 ? 'none' : own} of your own`;
  });
  protected readonly columns: Column<RoleChoice>[] = [
    { id: 'name', head: 'Role', kind: 'text', width: 150, value: ({ word }) => word },
    { id: 'may', head: 'May', kind: 'text', value: ({ may }) => may },
  ];

  /** Begins a role, like another one or with nothing. */
  protected begin(like: Rights | null): void {
    this.like.set(like ?? {});
    this.chosen.set('new');
  }
}
