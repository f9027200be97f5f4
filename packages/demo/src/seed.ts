/** Numbers that look random and are the same on every load (mulberry32). */
export class Seed {
  private state: number;

  constructor(seed: number) {
    this.state = seed >>> 0;
  }

  /** From 0 to 1, 1 excluded. */
  fraction(): number {
    this.state = (this.state + 0x6d2b79f5) >>> 0;
    let t = this.state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  }

  /** A whole number from least to most, both included. */
  whole(least: number, most: number): number {
    return least + Math.floor(this.fraction() * (most - least + 1));
  }

  chance(probability: number): boolean {
    return this.fraction() < probability;
  }

  pick<T>(values: readonly T[]): T {
    return values[Math.floor(this.fraction() * values.length)]!;
  }

  /** A UUIDv7 of the given moment, the same on every load. */
  id(at: string): string {
    const time = Date.parse(at).toString(16).padStart(12, '0');
    const hex = (digits: number) => Array.from({ length: digits }, () => this.whole(0, 15).toString(16)).join('');
    return `${time.slice(0, 8)}-${time.slice(8)}-7${hex(3)}-${'89ab'[this.whole(0, 3)]}${hex(3)}-${hex(12)}`;
  }
}
