/** The letters and digits of a name without their marks: `Łódka & Söhne` has `Lodka Sohne`. */
function plain(name: string): string {
  return (
    name
      .normalize('NFKD')
      .replace(/\p{M}/gu, '')
      // Letters that have no mark to take off.
      .replace(/[łŁ]/g, 'l')
      .replace(/[øØ]/g, 'o')
      .replace(/ß/g, 'ss')
      .replace(/[æÆ]/g, 'ae')
      .replace(/[đĐ]/g, 'd')
      .replace(/[^A-Za-z0-9]+/g, ' ')
      .trim()
  );
}

/** The part of an address that stands for a firm: `Quill & Feather` has `quill-feather`; one without any letter, `firm`. */
export function slugOf(name: string): string {
  const words = plain(name)
    .toLowerCase()
    .replace(/^[\d ]+/, '');
  const slug = words.replace(/ /g, '-').slice(0, 32).replace(/-+$/, '');
  return slug.length < 2 ? 'firm' : slug;
}

/** A short code for a project, other than those that are taken: `Boat house` has `BOAT`, and the next one `BOAT2`. */
export function codeOf(name: string, taken: ReadonlySet<string>): string {
  const [first = ''] = plain(name).toUpperCase().split(' ');
  const code = first.slice(0, 10) || 'P';
  for (let number = 1; ; number += 1) {
    const next = number === 1 ? code : `${code}${number}`;
    if (!taken.has(next)) return next;
  }
}
