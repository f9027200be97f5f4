/** Somebody of a pasted list. */
export interface ReadPerson {
  readonly name: string;
  readonly email: string;
}

/** What a pasted list holds: people, and the lines that none could be read from, as they stand there. */
export interface ReadPeople {
  readonly people: readonly ReadPerson[];
  readonly unread: readonly { readonly line: number; readonly text: string }[];
}

const ADDRESS = /[^\s<>,;"']+@[^\s<>,;"']+/;

/** A telephone number with its country; a line with one says whose it is. */
const NUMBER = /(?:\+|\b00)\d[\d ().-]{4,}\d/;

/** A name made of an address: `piers.stell@…` is Piers Stell. */
function nameOf(email: string): string {
  return email
    .slice(0, email.indexOf('@'))
    .split(/[._+-]+/)
    .filter(Boolean)
    .map((part) => part.charAt(0).toUpperCase() + part.slice(1))
    .join(' ');
}

/**
 * Reads people from lines as mail programs and spreadsheets give them: a name and an address in either order, with commas,
 * semicolons, tabs or angle brackets between; an address alone gives the name too. A telephone number may stand instead. Empty lines are passed over.
 */
export function readPeople(text: string): ReadPeople {
  const people: ReadPerson[] = [];
  const unread: { line: number; text: string }[] = [];
  for (const [index, line] of text.split(/\r?\n/).entries()) {
    if (line.trim() === '') continue;
    const address = ADDRESS.exec(line)?.[0];
    const email = address ?? NUMBER.exec(line)?.[0];
    const name = line
      .replace(email ?? '', ' ')
      .replace(/[<>,;"\t]+/g, ' ')
      .replace(/\s+/g, ' ')
      .trim();
    if (!email || (!address && !name)) {
      unread.push({ line: index + 1, text: line.trim() });
      continue;
    }
    people.push({ name: name || nameOf(email), email });
  }
  return { people, unread };
}
