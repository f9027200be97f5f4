import { Letter } from '../platform/mailer';

/** What a letter says: paragraphs, and at most one link with its words. */
interface Said {
  readonly subject: string;
  /** Whom it greets by name; nobody where the name is what some stranger typed. */
  readonly greets?: string;
  readonly before: readonly string[];
  readonly link?: { readonly words: string; readonly to: string };
  readonly after: readonly string[];
}

const ENTITIES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' };

/** Names and words as HTML has them: what somebody typed becomes no markup. */
function escaped(text: string): string {
  return text.replace(/[&<>"']/g, (sign) => ENTITIES[sign]!);
}

/** The same letter as text and as HTML. */
function letterOf({ subject, greets, before, link, after }: Said): Letter {
  const paragraph = (text: string) => `<p>${escaped(text)}</p>`;
  const greeting = greets ? `Hello ${greets},` : 'Hello,';
  return {
    subject,
    short: [...before, ...(link ? [link.to] : [])].join(' '),
    text: [greeting, ...before, ...(link ? [`${link.words}:\n${link.to}`] : []), ...after, 'Yellowwood'].join('\n\n') + '\n',
    html: [
      '<!doctype html><html lang="en"><body style="font: 16px/1.5 sans-serif; color: #2a1f14">',
      ...[greeting, ...before].map(paragraph),
      ...(link ? [`<p><a href="${escaped(link.to)}">${escaped(link.words)}</a></p>`] : []),
      ...[...after, 'Yellowwood'].map(paragraph),
      '</body></html>',
    ].join(''),
  };
}

/** Lets somebody set a new password. @param link ends within the hour, and works once */
export function passwordReset(name: string, link: string): Letter {
  return letterOf({
    subject: 'Set a new password',
    greets: name,
    before: ['Somebody, likely you, asked for a new password for your account in Yellowwood.'],
    link: { words: 'Set a new password', to: link },
    after: ['The link works once, within an hour. If it was not you, do nothing: your password stays as it is.'],
  });
}

/** Tells somebody that the password is another one now. */
export function passwordChanged(name: string, site: string): Letter {
  return letterOf({
    subject: 'Your password was changed',
    greets: name,
    before: ['The password of your account in Yellowwood was changed just now. Other windows and devices are signed out.'],
    link: { words: 'If it was not you, ask for a new one', to: `${site}/forgotten` },
    after: ['If it was you, there is nothing to do.'],
  });
}

/** Lets somebody who signed up show that the address is theirs. @param link ends within a day, and works once */
export function addressToVerify(link: string): Letter {
  return letterOf({
    subject: 'Is this your address?',
    before: ['Somebody, likely you, asked for an account in Yellowwood with this address.'],
    link: { words: 'Yes, go on', to: link },
    after: ['The link works once, within a day. If it was not you, do nothing: no account is made.'],
  });
}

/** Tells somebody who asked for an account that the address has one. */
export function accountThere(name: string, site: string): Letter {
  return letterOf({
    subject: 'You have an account already',
    greets: name,
    before: [
      'Somebody, likely you, asked for an account in Yellowwood with this address. It has one already, which stays as it is.',
    ],
    link: { words: 'Sign in, or ask for a new password', to: `${site}/sign-in` },
    after: ['Once you are signed in, you can found another firm. If it was not you, there is nothing to do.'],
  });
}

/** Lets somebody show that a new address is theirs. @param link ends within a day, and works once */
export function newAddress(name: string, link: string): Letter {
  return letterOf({
    subject: 'Is this your new address?',
    greets: name,
    before: ['You asked to sign in to Yellowwood with this address from now on.'],
    link: { words: 'Yes, sign in with it', to: link },
    after: ['The link works once, within a day, where you are signed in. If it was not you, do nothing.'],
  });
}

/** Tells the reader of an address that somebody wished to sign in with it. */
export function addressNotFree(site: string): Letter {
  return letterOf({
    subject: 'Your address stays with your account',
    before: [
      'Somebody, likely you, asked to sign in to another account in Yellowwood with this address. It has an account already, ' +
        'so nothing was changed.',
    ],
    link: { words: 'Sign in with it', to: `${site}/sign-in` },
    after: ['If it was not you, there is nothing to do.'],
  });
}

/** Tells an old address that it is one no more. */
export function addressChanged(name: string): Letter {
  return letterOf({
    subject: 'You sign in with another address now',
    greets: name,
    before: ['Your account in Yellowwood has another address now. This one signs in no more.'],
    after: ['If it was not you, tell somebody who looks after people in your firm at once: they can end the access.'],
  });
}

/** Tells somebody that their account has a second factor. */
export function factorSet(name: string, site: string): Letter {
  return letterOf({
    subject: 'You sign in with a second factor now',
    greets: name,
    before: ['From now on your account in Yellowwood asks for a code of your device besides the password.'],
    link: { words: 'If it was not you, ask for a new password', to: `${site}/forgotten` },
    after: ['Keep the recovery codes where you find them without the device.'],
  });
}

/** Tells somebody that their account has no second factor any more. */
export function factorEnded(name: string, site: string): Letter {
  return letterOf({
    subject: 'Your second factor was ended',
    greets: name,
    before: ['Your account in Yellowwood asks for the password alone again.'],
    link: { words: 'If it was not you, ask for a new password', to: `${site}/forgotten` },
    after: ['If it was you, there is nothing to do.'],
  });
}

/** Asks somebody to join a firm. @param link ends within a week, and works once */
export function invitation(name: string, sender: string, firm: string, link: string): Letter {
  return letterOf({
    subject: `${sender} invites you to ${firm}`,
    greets: name,
    before: [`${sender} invites you to record your time with ${firm} in Yellowwood.`],
    link: { words: 'Join', to: link },
    after: [`The link works once, within a week. If you do not know ${firm}, do nothing.`],
  });
}
