import LinkifyIt from 'linkify-it';

const linkify = new LinkifyIt({ fuzzyEmail: false }).add('ftp:', null).add('//', null);

/** An address in some words: as it stands there, and where it leads. */
export interface Link {
  readonly text: string;
  readonly url: string;
}

/** The addresses of pages and of people that stand in some words, each once, in their order. Nothing else is a link. */
export function linksOf(words: string): Link[] {
  const found = (linkify.match(words) ?? []).map(({ text, url }) => ({ text, url }));
  return [...new Map(found.map((link) => [link.url, link])).values()];
}
