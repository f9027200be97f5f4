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
 * semicolons, tabs or angle brackets between; an address alone gives the name too. Empty lines are passed over.
 */
export function readPeople(text: string): ReadPeople {
  const people: ReadPerson[] = [];
  const unread: { line: number; text: string }[] = [];
  for (const [index, line] of text.split(/\r?\n/).entries()) {
    if (line.trim() === '') continue;
    const email = ADDRESS.exec(line)?.[0];
    if (!email) {
      unread.push({ line: index + 1, text: line.trim() });
      continue;
    }
    const name = line
      .replace(email, ' ')
      .replace(/[<>,;"\t]+/g, ' ')
      .replace(/\s+/g, ' ')
      .trim();
    people.push({ name: name || nameOf(email), email });
  }
  return { people, unread };
}
