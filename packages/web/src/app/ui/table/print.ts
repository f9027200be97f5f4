/** What stands on paper: cells of one or more lines. */
export interface PrintedSheet {
  readonly heads: readonly string[];
  /** Which columns hold figures. */
  readonly figures: readonly boolean[];
  readonly rows: readonly (readonly (readonly string[])[])[];
}

/** Prints a table alone, all of its rows, also those that are not in sight. */
export function printSheet(document: Document, name: string, { heads, figures, rows }: PrintedSheet): void {
  const paper = document.createElement('section');
  paper.className = 'print-sheet';
  const line = (parent: HTMLElement, cell: 'th' | 'td', texts: readonly (readonly string[])[]) => {
    const row = parent.appendChild(document.createElement('tr'));
    texts.forEach((lines, index) => {
      const one = row.appendChild(document.createElement(cell));
      one.className = figures[index] ? '' : 'left';
      one.textContent = lines.filter(Boolean).join('\n');
    });
  };
  paper.appendChild(document.createElement('h1')).textContent = name;
  const table = paper.appendChild(document.createElement('table'));
  line(
    table.createTHead(),
    'th',
    heads.map((text) => [text]),
  );
  const body = table.createTBody();
  for (const row of rows) line(body, 'td', row);
  document.body.append(paper);
  document.body.classList.add('printing');
  try {
    document.defaultView!.print();
  } finally {
    document.body.classList.remove('printing');
    paper.remove();
  }
}
