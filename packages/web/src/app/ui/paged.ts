/** A list that is read by pages. */
export interface Paged<Q, A> {
  /** All pages that are shown of a question: a refresh reads as many again, another question begins with one. */
  read(query: Q): Promise<A>;
  /** Shows one more from the next reading on. */
  another(): void;
}

/**
 * Makes a list that goes on where more was asked for, and stays so.
 * @param readPage of a cursor; undefined for the first
 * @param join     what is there already, and the page after it
 */
export function paged<Q, A extends { readonly nextCursor: string | null }>(
  readPage: (query: Q, cursor: string | undefined) => Promise<A>,
  join: (all: A, next: A) => A,
): Paged<Q, A> {
  let shown = { of: '', pages: 1 };
  return {
    async read(query) {
      const of = JSON.stringify(query);
      if (shown.of !== of) shown = { of, pages: 1 };
      const { pages } = shown;
      let all = await readPage(query, undefined);
      for (let page = 1; all.nextCursor && page < pages; page += 1) all = join(all, await readPage(query, all.nextCursor));
      return all;
    },
    another: () => (shown.pages += 1),
  };
}
