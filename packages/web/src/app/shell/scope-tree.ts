import { FocusKeyManager } from '@angular/cdk/a11y';
import {
  ChangeDetectionStrategy,
  Component,
  Injector,
  afterNextRender,
  computed,
  effect,
  inject,
  output,
  signal,
  untracked,
  viewChildren,
} from '@angular/core';
import { Store } from '@ngrx/store';
import type { StageBar as Bar } from '@yellowwood/contracts';
import { Address } from '../state/address';
import { Functions } from '../state/functions';
import { kept } from '../state/kept';
import { sessionFeature } from '../state/session';
import { ScopeNode } from '../state/work';
import { PEOPLE, workTree } from '../state/work-tree';
import { plainText } from '@yellowwood/core';
import { loaded } from '../ui/loaded';
import { workFinder } from '../ui/work-finder';
import { Api } from '../api/api';
import { StageBar } from '../ui/stage-bar';
import { TreeLine } from './tree-line';
import { SayPipe } from '../state/own-words';
import { OwnWords } from '../state/own-words';

const ALL_WORK = '00000000-0000-0000-0000-000000000000';
/** Bars are asked for by so many lines at once. */
const AT_ONCE = 200;

/** A line of the tree: a node of the work, or all of it. */
type Line = Omit<ScopeNode, 'kind'> & { readonly kind: ScopeNode['kind'] | 'all' };

/**
 * Scope down the left: all work, then clients, projects, tasks. Whatever is chosen narrows every step. A tree as the ARIA
 * practices describe it: one stop of Tab, arrows inside, letters lead to names. Only what is unfolded is read.
 */
@Component({
  selector: 'yw-scope-tree',
  imports: [StageBar, TreeLine, SayPipe],
  templateUrl: './scope-tree.html',
  styleUrl: './scope-tree.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScopeTree {
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  protected readonly address = inject(Address);
  readonly chosen = output();
  protected readonly find = signal('');
  private readonly drawn = viewChildren(TreeLine);
  /** Arrows, Home, End, and letters that lead to names. */
  private readonly keys = new FocusKeyManager(this.drawn, inject(Injector)).withHomeAndEnd().withTypeAhead();
  private readonly rights = this.store.selectSignal(sessionFeature.selectRights);
  private readonly functions = inject(Functions);
  /** What was opened or closed by hand, by scope. */
  private readonly turned = kept(
    () => 'scope',
    (): Readonly<Record<string, boolean>> => ({}),
  );
  private readonly work = workTree(() => ({
    unfolded: [
      ...new Set([
        ...Object.entries(this.turned()).flatMap(([scope, open]) => (open ? [scope] : [])),
        ...(this.address.scope().startsWith('person:') ? [PEOPLE] : []),
      ]),
    ],
    chosen: this.address.scope(),
  }));
  private readonly finder = workFinder('tree');
  /** People stand there where the firm looks at time person by person. */
  private readonly tree = computed(() => this.seen(this.work.nodes()));
  private readonly byId = computed(() => new Map(this.tree().map((node) => [node.id, node])));
  private readonly path = computed(() => {
    const ids = new Set<string>();
    for (let id = this.address.scopeId(); id; id = this.byId().get(id)?.parent ?? null) ids.add(id);
    return ids;
  });
  /** The line that had the focus. */
  protected readonly at = signal<string | null>(null);

  private readonly say = inject(OwnWords).say;
  private readonly allWork = computed((): Line => {
    const whole = this.rights()['time.read'] === 'firm';
    const rest = { scope: 'all', depth: 0, parent: null, hasChildren: false, closed: false };
    return { ...rest, id: ALL_WORK, kind: 'all', name: whole ? 'All work' : 'All your work' };
  });
  /** What all of it holds, as far as one may see. */
  protected readonly holds = computed(() => {
    const counts = this.work.counts();
    if (!counts) return '';
    const count = (number: number, one: string, many: string) => (number > 0 ? `${number} ${number === 1 ? one : many}` : '');
    const people = this.functions.has('people') ? counts.people : 0;
    return [
      count(counts.projects, this.say('project'), this.say('projects')),
      people > 1 ? count(people, 'person', 'people') : '',
    ]
      .filter(Boolean)
      .join(', ');
  });
  /** What was found, the likeliest first, with the way to it; null where nothing is looked for. */
  private readonly hits = computed(() => {
    const answer = this.finder.answer();
    if (this.find().trim() === '' || !answer) return null;
    const scopes = answer.found ?? [];
    return this.functions.has('people') ? scopes : scopes.filter((scope) => !scope.startsWith('person:'));
  });
  private readonly shown = computed((): readonly ScopeNode[] => {
    const hits = this.hits();
    return hits ? this.work.nodesOf(hits) : this.tree().filter((node) => this.visible(node));
  });
  protected readonly lines = computed((): Line[] => [this.allWork(), ...this.shown()]);
  protected readonly bars = loaded(
    () => {
      const of = this.shown()
        .filter(({ kind }) => kind === 'project' || kind === 'task')
        .map(({ scope }) => scope);
      return this.work.counts() ? { firm: this.address.firm(), of } : undefined;
    },
    async ({ of }) => {
      const parts = Array.from({ length: Math.max(1, Math.ceil(of.length / AT_ONCE)) }, (_, n) =>
        of.slice(n * AT_ONCE, (n + 1) * AT_ONCE),
      );
      const answers = await Promise.all(
        parts.map((part) => this.api.call('readBars', { query: part.length > 0 ? { of: part.join(',') } : {} })),
      );
      return new Map(answers.flatMap(({ bars }) => bars.map((bar): [string, Bar] => [bar.id, bar])));
    },
    (before, now) => before.firm === now.firm,
  );
  /** What is said where nothing stands. */
  protected readonly empty = computed(() => {
    if (this.find().trim() === '')
      return this.work.counts() ? 'Clients, projects and tasks will stand here.' : this.work.sentence();
    if (this.finder.busy()) return '';
    return this.finder.answer()?.found ? 'Nothing of that name.' : 'This cannot be looked for now. Try again in a moment.';
  });
  /** The line that Tab comes to: where one was, else what is chosen. */
  protected readonly stop = computed(() => {
    const has = (id: string | null) => this.lines().some((line) => line.id === id);
    const chosen = this.address.scopeId() ?? ALL_WORK;
    return [this.at(), chosen].find((id) => has(id)) ?? ALL_WORK;
  });

  constructor() {
    // What is chosen stands in view, wherever it was chosen.
    const injector = inject(Injector);
    effect(() => {
      const id = this.address.scopeId() ?? ALL_WORK;
      this.byId();
      afterNextRender(() => this.lineOf(id)?.intoView(), { injector });
    });
    effect(() => {
      const words = this.find();
      untracked(() => this.finder.look(words));
    });
  }

  private seen(nodes: readonly ScopeNode[]): readonly ScopeNode[] {
    return this.functions.has('people') ? nodes : nodes.filter(({ kind }) => kind !== 'people' && kind !== 'person');
  }

  protected bar({ id, kind }: Line): Bar | undefined {
    return kind === 'all' || kind === 'project' || kind === 'task' ? this.bars.value()?.get(id) : undefined;
  }

  protected isChosen({ scope, kind }: Line): boolean {
    return kind !== 'more' && this.address.scope() === scope;
  }

  private visible(node: ScopeNode): boolean {
    for (let parent = this.byId().get(node.parent!); parent; parent = this.byId().get(parent.parent!))
      if (!this.isOpen(parent)) return false;
    return true;
  }

  protected isOpen(line: Line): boolean {
    if (this.hits()) return true;
    const { id, kind } = line;
    const turned = this.turned()[keyOf(line)];
    if (turned !== undefined) return turned;
    return this.path().has(id) || ((kind === 'client' || kind === 'department') && this.work.few());
  }

  private turn(line: Line, open: boolean): void {
    this.turned.update((turned) => ({ ...turned, [keyOf(line)]: open }));
  }

  protected toggle(line: Line, event: Event): void {
    event.stopPropagation();
    this.turn(line, !this.isOpen(line));
  }

  /** People are no scope together: they open. */
  protected press(line: Line): void {
    this.at.set(line.id);
    if (line.kind === 'more') this.work.showMore(line as ScopeNode);
    else if (line.scope === '') this.turn(line, !this.isOpen(line));
    else this.choose(line.scope);
  }

  private choose(scope: string): void {
    void this.address.set({ scope });
    this.chosen.emit();
  }

  protected lettersOf({ name }: Line): string {
    return plainText(name);
  }

  protected key(event: KeyboardEvent, line: Line): void {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const inside = line.hasChildren && this.isOpen(line);
    if (event.key === 'ArrowRight' && line.hasChildren && !inside) this.turn(line, true);
    else if (event.key === 'ArrowRight' && inside) this.keys.setNextItemActive();
    else if (event.key === 'ArrowLeft' && inside) this.turn(line, false);
    else if (event.key === 'ArrowLeft') this.lineOf(line.parent)?.focus();
    else if (event.key === 'Enter' || event.key === ' ') this.press(line);
    else return this.keys.onKeydown(event);
    event.preventDefault();
  }

  /** Wherever the focus came from, keys go on from there. */
  protected visit({ id }: Line): void {
    this.at.set(id);
    this.keys.updateActiveItem(this.lines().findIndex((line) => line.id === id));
  }

  /** To the likeliest of what was found, else to the beginning. */
  protected goFromFind(event: Event): void {
    event.preventDefault();
    const [first] = this.hits() ?? [];
    this.lineOf(first?.split(':')[1] ?? ALL_WORK)?.focus();
  }

  private lineOf(id: string | null): TreeLine | undefined {
    return this.drawn().find((line) => line.ywTreeLine() === id);
  }

  protected async takeFirst(): Promise<void> {
    const words = this.find();
    if (words.trim() === '') return;
    const found = (await this.finder.of(words)) ?? [];
    const first = found.find((scope) => this.functions.has('people') || !scope.startsWith('person:'));
    if (first) this.choose(first);
  }
}

/** What a line is remembered by as opened or closed. */
function keyOf({ scope, id }: Line): string {
  return scope || id;
}
