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
  viewChildren,
} from '@angular/core';
import { Store } from '@ngrx/store';
import type { StageBar as Bar } from '@yellowwood/contracts';
import { Address } from '../state/address';
import { Functions } from '../state/functions';
import { kept } from '../state/kept';
import { sessionFeature } from '../state/session';
import { ScopeNode, workFeature } from '../state/work';
import { hasWords, plainText, wordsOf } from '../ui/plain-text';
import { StageBar } from '../ui/stage-bar';
import { TreeLine } from './tree-line';
import { SayPipe } from '../state/own-words';
import { OwnWords } from '../state/own-words';

const ALL_WORK = '00000000-0000-0000-0000-000000000000';
/** Clients stand open while there are no more projects than fit on a screen or two. */
const FEW_PROJECTS = 40;

/** A line of the tree: a node of the work, or all of it. */
type Line = Omit<ScopeNode, 'kind'> & { readonly kind: ScopeNode['kind'] | 'all' };

/**
 * Scope down the left: all work, then clients, projects, tasks. Whatever is chosen narrows every step. A tree as the ARIA
 * practices describe it: one stop of Tab, arrows inside, letters lead to names.
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
  protected readonly address = inject(Address);
  readonly chosen = output();
  protected readonly find = signal('');
  private readonly drawn = viewChildren(TreeLine);
  /** Arrows, Home, End, and letters that lead to names. */
  private readonly keys = new FocusKeyManager(this.drawn, inject(Injector)).withHomeAndEnd().withTypeAhead();
  private readonly rights = this.store.selectSignal(sessionFeature.selectRights);
  private readonly functions = inject(Functions);
  private readonly whole = this.store.selectSignal(workFeature.selectTree);
  /** People stand there where the firm looks at time person by person. */
  private readonly tree = computed(() =>
    this.functions.has('people') ? this.whole() : this.whole().filter(({ kind }) => kind !== 'people' && kind !== 'person'),
  );
  private readonly people = this.store.selectSignal(workFeature.selectPeople);
  private readonly projects = this.store.selectSignal(workFeature.selectProjectList);
  private readonly bars = this.store.selectSignal(workFeature.selectBars);
  /** What was opened or closed by hand. */
  private readonly turned = kept(
    () => 'scope',
    (): Readonly<Record<string, boolean>> => ({}),
  );
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
    return { ...rest, id: ALL_WORK, kind: 'all', name: whole ? 'All work' : 'All your work', called: '' };
  });
  /** What all of it holds, as far as one may see. */
  protected readonly holds = computed(() => {
    const count = (number: number, one: string, many: string) => (number > 0 ? `${number} ${number === 1 ? one : many}` : '');
    const people = this.functions.has('people') ? this.people().length : 0;
    return [
      count(this.projects().length, this.say('project'), this.say('projects')),
      people > 1 ? count(people, 'person', 'people') : '',
    ]
      .filter(Boolean)
      .join(', ');
  });
  private readonly words = computed(() => wordsOf(this.find()));
  protected readonly lines = computed((): Line[] => [this.allWork(), ...this.shown()]);
  /** The first line of that name. */
  protected readonly found = computed(
    () => (this.words().length > 0 && this.shown().find((node) => node.scope !== '' && this.fits(node))?.id) || null,
  );
  /** The line that Tab comes to: where one was, else what is chosen. */
  protected readonly stop = computed(() => {
    const has = (id: string | null) => this.lines().some((line) => line.id === id);
    const chosen = this.address.scopeId() ?? ALL_WORK;
    return [this.at(), chosen].find((id) => has(id)) ?? ALL_WORK;
  });

  private readonly shown = computed((): ScopeNode[] => {
    if (this.words().length === 0) return this.tree().filter((node) => this.visible(node));
    const found = new Set<string>();
    for (const node of this.tree()) {
      if (!this.fits(node)) continue;
      for (let id: string | null = node.id; id; id = this.byId().get(id)?.parent ?? null) found.add(id);
    }
    return this.tree().filter((node) => found.has(node.id));
  });

  constructor() {
    // What is chosen stands in view, wherever it was chosen.
    const injector = inject(Injector);
    effect(() => {
      const id = this.address.scopeId() ?? ALL_WORK;
      this.byId();
      afterNextRender(() => this.lineOf(id)?.intoView(), { injector });
    });
  }

  private fits(node: ScopeNode): boolean {
    return hasWords(node.called, this.words());
  }

  protected bar({ id, kind }: Line): Bar | undefined {
    return kind === 'all' || kind === 'project' || kind === 'task' ? this.bars().get(id) : undefined;
  }

  protected isChosen({ scope }: Line): boolean {
    return this.address.scope() === scope;
  }

  private visible(node: ScopeNode): boolean {
    for (let parent = this.byId().get(node.parent!); parent; parent = this.byId().get(parent.parent!))
      if (!this.isOpen(parent)) return false;
    return true;
  }

  protected isOpen({ id, kind }: Line): boolean {
    const turned = this.turned()[id];
    if (turned !== undefined) return turned;
    return this.path().has(id) || ((kind === 'client' || kind === 'department') && this.projects().length <= FEW_PROJECTS);
  }

  private turn(line: Line, open: boolean): void {
    this.turned.update((turned) => ({ ...turned, [line.id]: open }));
  }

  protected toggle(line: Line, event: Event): void {
    event.stopPropagation();
    this.turn(line, !this.isOpen(line));
  }

  /** People are no scope together: they open. */
  protected press(line: Line): void {
    this.at.set(line.id);
    if (line.scope === '') this.turn(line, !this.isOpen(line));
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

  protected goFromFind(event: Event): void {
    event.preventDefault();
    this.lineOf(this.found() ?? ALL_WORK)?.focus();
  }

  private lineOf(id: string | null): TreeLine | undefined {
    return this.drawn().find((line) => line.ywTreeLine() === id);
  }

  protected takeFirst(): void {
    const first = this.byId().get(this.found() ?? '');
    if (first) this.choose(first.scope);
  }
}
