const BROWSERS: readonly (readonly [mark: RegExp, word: string])[] = [
  [/Edg\//, 'Edge'],
  [/OPR\//, 'Opera'],
  [/Firefox\//, 'Firefox'],
  [/Chrom(e|ium)\//, 'Chrome or Chromium'],
  [/Safari\//, 'Safari'],
];
const SYSTEMS: readonly (readonly [mark: RegExp, word: string])[] = [
  [/Android/, 'Android'],
  [/iPhone|iPad/, 'iOS'],
  [/Windows/, 'Windows'],
  [/Mac OS/, 'macOS'],
  [/Linux|X11/, 'Linux'],
];

const wordOf = (list: typeof BROWSERS, agent: string) => list.find(([mark]) => mark.test(agent))?.[1];

/** A browser and its machine in words, as far as what it calls itself tells: a help to tell one's own, no proof. */
export function browserOf(agent: string): string {
  const [browser, system] = [wordOf(BROWSERS, agent), wordOf(SYSTEMS, agent)];
  if (!browser && !system) return 'a program';
  return [browser ?? 'a browser', system ? `on ${system}` : ''].join(' ').trim();
}
