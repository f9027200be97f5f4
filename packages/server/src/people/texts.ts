import type { Consents, Texts } from '@yellowwood/contracts';
import { problem } from '../platform/problem';

type Text = Texts['texts'][number];

/** The texts that somebody agrees to who makes an account. A change of words is a new version. */
export const TEXTS: readonly [terms: Text, data: Text] = [
  {
    document: 'terms',
    version: '2026-11',
    title: 'Terms of use',
    paragraphs: [
      'Your account is yours alone. Keep its password to yourself, and tell the firm that you work for when you think that somebody else knows it.',
      'What is recorded in a firm belongs to that firm. Its owner says who may see and change it, and may take it out in open formats at any time.',
      'Record what is true. Every change of a recorded hour, an invoice or a right is kept in a history that nobody can rewrite, with who made it and when.',
      'Whoever runs this installation keeps it running with care, makes copies against loss, and is answerable for harm done on purpose or through gross neglect. Figures are computed as the rules that the firm has set say; whether an invoice or a tax is right, the firm checks itself.',
      'You may give your account back at any time: ask your firms to end your access, and whoever runs this installation to close it.',
    ],
  },
  {
    document: 'data',
    version: '2026-11',
    title: 'What happens to your data',
    paragraphs: [
      'Kept about you: your name, your e-mail address, your password as a hash that cannot be read back, when you agreed to these texts, and your sign-ins as long as they last.',
      'Kept for the firms that you belong to: the hours that you record with their notes, what people decide on them, and the facts about you that the firm needs, such as your position and your planned time. The firm is answerable for these; ask it what it keeps and for how long.',
      'No content of your screen, no keystrokes and no places are kept. Nothing is given to others or used for advertising. Messages go through the mail server that whoever runs this installation has named.',
      'You may see what is kept about you, have it put right, and have it removed as far as no law obliges the firm to keep it. For your account ask whoever runs this installation, for your hours your firm.',
    ],
  },
];

/** A text as it is kept with the consent to it. */
function wordingOf({ title, paragraphs }: Text): string {
  return [title, ...paragraphs].join('\n\n');
}

/**
 * What is kept of a consent: the documents with the words that were read.
 * @throws the problem `texts-changed` where another version was read
 */
export function consentsTo(read: Consents) {
  if (TEXTS.some(({ document, version }) => read[document] !== version)) throw problem('texts-changed');
  return TEXTS.map((text) => ({ document: text.document, version: text.version, wording: wordingOf(text) }));
}
