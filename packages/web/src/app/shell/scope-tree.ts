import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { StageBar as Bar } from '@yellowwood/contracts';
import { Address } from '../state/address';
import { PEOPLE, ScopeNode, workFeature } from '../state/work';
import { StageBar } from '../ui/stage-bar';

const ALL_WORK = '00000000-0000-0000-0000-000000000000';
const plain = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '');

/** Scope down the left: all work, then clients, projects, tasks. Whatever is chosen narrows every step. */
@Component({
  selector: 'yw-scope-tree',
  imports: [StageBar],
  templateUrl: './scope-tree.html',
  styleUrl: './scope-tree.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScopeTree {
  private readonly store = inject(Store);
  protected readonly address = inject(Address);
  readonly chosen = output();
  protected readonly allWork = ALL_WORK;
  protected readonly find = signal('');
  private readonly tree = this.store.selectSignal(workFeature.selectTree);
  private readonly bars = this.store.selectSignal(workFeature.selectBars);
  /** Projects and tasks that were opened or closed by hand. */
  private readonly turned = signal<ReadonlyMap<string, boolean>>(new Map());
  private readonly byId = computed(() => new Map(this.tree().map((node) => [node.id, node])));
  private readonly path = computed(() => {
    const ids = new Set<string>();
    for (let id = this.address.scopeId(); id; id = this.byId().get(id)?.parent ?? null) ids.add(id);
    return ids;
  });

  protected readonly shown = computed((): ScopeNode[] => {
    const words = plain(this.find()).split(/\s+/).filter(Boolean);
    if (words.length === 0) return this.tree().filter((node) => this.visible(node));
    const found = new Set<string>();
    for (const node of this.tree()) {
      if (!words.every((word) => plain(node.name).includes(word))) continue;
      for (let id: string | null = node.id; id; id = this.byId().get(id)?.parent ?? null) found.add(id);
    }
    return this.tree().filter((node) => found.has(node.id));
  });

  protected bar(id: string): Bar | undefined {
    return this.bars().get(id);
  }

  private visible(node: ScopeNode): boolean {
    if (node.kind === 'person') return this.isOpen(this.byId().get(PEOPLE)!);
    for (let parent = this.byId().get(node.parent!); parent && parent.depth > 0; parent = this.byId().get(parent.parent!))
      if (!this.isOpen(parent)) return false;
    return true;
  }

  protected isOpen(node: ScopeNode): boolean {
    return this.turned().get(node.id) ?? this.path().has(node.id);
  }

  protected toggle(node: ScopeNode): void {
    const open = this.isOpen(node);
    this.turned.update((turned) => new Map(turned).set(node.id, !open));
  }

  protected choose(scope: string): void {
    void this.address.set({ scope });
    this.chosen.emit();
  }

  protected takeFirst(): void {
    const words = plain(this.find()).split(/\s+/).filter(Boolean);
    const first = this.shown().find((node) => node.scope !== '' && words.every((word) => plain(node.name).includes(word)));
    if (first && words.length > 0) this.choose(first.scope);
  }
}
