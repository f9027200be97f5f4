/** A message that was caught. */
export interface Caught {
  /** Its Message-ID, without brackets. */
  readonly id: string;
  readonly to: string;
  readonly subject: string;
  readonly text: string;
  readonly html: string;
  /** When it came, an instant. */
  readonly at: string;
}

const ENTITIES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' };
const escaped = (text: string) => text.replace(/[&<>"']/g, (sign) => ENTITIES[sign]!);

const STYLE = `body { font: 16px/1.5 sans-serif; max-width: 720px; margin: 32px auto; padding: 0 16px; color: #2a1f14; background: #f7f0e0 }
  a { color: #6b3d1a } li { margin: 8px 0 } pre { white-space: pre-wrap; overflow-wrap: anywhere; font: inherit; background: #fffdf3; padding: 16px }
  iframe { width: 100%; height: 320px; border: 1px solid #d9cba8; background: #fff } dt { font-weight: 600 } ul { padding-left: 20px }`;

const page = (title: string, body: string) =>
  `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">` +
  `<title>${escaped(title)}</title><style>${STYLE}</style></head><body><main>${body}</main></body></html>`;

const timeOf = (at: string) => `${at.slice(0, 10)} ${at.slice(11, 16)} UTC`;

/** Where a message stands, by its id. */
export function addressOf(id: string): string {
  return `/message/${encodeURIComponent(id)}`;
}

/** All messages, the newest first. */
export function listPage(caught: readonly Caught[]): string {
  const lines = caught.map(
    ({ id, subject, to, at }) =>
      `<li><a href="${escaped(addressOf(id))}">${escaped(subject)}</a> to ${escaped(to)}, ${timeOf(at)}</li>`,
  );
  return page(
    'Messages of the demo',
    '<h1>Messages of the demo</h1><p>What Yellowwood would have sent stands here and goes nowhere else.</p>' +
      (lines.length > 0 ? `<ul>${lines.join('')}</ul>` : '<p>Nothing was sent yet.</p>'),
  );
}

/** A message as text, whose links can be followed, and as its reader's mail program shows it. */
export function messagePage({ subject, to, at, text, html }: Caught): string {
  const linked = escaped(text).replace(/https?:\/\/[^\s<>&]+/g, (link) => `<a href="${link}">${link}</a>`);
  return page(
    subject,
    `<p><a href="/">All messages</a></p><h1>${escaped(subject)}</h1><p>to ${escaped(to)}, ${timeOf(at)}</p><pre>${linked}</pre>` +
      `<h2>As HTML</h2><iframe sandbox title="The message as HTML" srcdoc="${escaped(html)}"></iframe>`,
  );
}
