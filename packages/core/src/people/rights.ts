/**
 * How far a right reaches: oneself; the work on projects that one manages besides; the people of the teams that one leads
 * besides; all. Each holds the ones before it.
 */
export const REACHES = ['own', 'project', 'team', 'firm'] as const;
export type Reach = (typeof REACHES)[number];

/**
 * The single rights. Billing rates and values, pay, and cost with margin are three separate ones:
 * holding one says nothing about the others.
 */
export const PERMISSIONS = [
  'time.record',
  'time.read',
  'time.correct',
  'time.review',
  'work.read',
  'values.read',
  'cost.read',
  'pay.read',
  'entries.price',
  'agreements.change',
  'invoices.read',
  'invoices.issue',
  'payments.record',
  'results.read',
  'history.read',
  'people.change',
  'work.change',
  'firm.change',
] as const;

export type Permission = (typeof PERMISSIONS)[number];

export const ROLES = ['owner', 'administrator', 'manager', 'project manager', 'bookkeeper', 'staff', 'auditor'] as const;
export type Role = (typeof ROLES)[number];

/** A right with its reach. */
export type Rights = Readonly<Partial<Record<Permission, Reach>>>;

/** What each role may do. A person with several roles has the widest reach of each right. */
export const ROLE_RIGHTS: Readonly<Record<Role, Rights>> = {
  owner: {
    'time.record': 'own',
    'time.read': 'firm',
    'time.correct': 'firm',
    'time.review': 'firm',
    'work.read': 'firm',
    'values.read': 'firm',
    'cost.read': 'firm',
    'pay.read': 'firm',
    'entries.price': 'firm',
    'agreements.change': 'firm',
    'invoices.read': 'firm',
    'invoices.issue': 'firm',
    'payments.record': 'firm',
    'results.read': 'firm',
    'history.read': 'firm',
    'people.change': 'firm',
    'work.change': 'firm',
    'firm.change': 'firm',
  },
  // Keeps people and work in order, and sees no money.
  administrator: {
    'time.record': 'own',
    'time.read': 'firm',
    'work.read': 'firm',
    'results.read': 'firm',
    'history.read': 'firm',
    'people.change': 'firm',
    'work.change': 'firm',
    'firm.change': 'firm',
  },
  manager: {
    'time.record': 'own',
    'time.read': 'team',
    'time.correct': 'team',
    'time.review': 'team',
    'work.read': 'firm',
    'values.read': 'team',
    'cost.read': 'team',
    'entries.price': 'team',
    'invoices.read': 'team',
    'results.read': 'team',
    'history.read': 'team',
    'work.change': 'team',
  },
  // Sees the time and the money of the projects that they manage, decides on that time, and nothing beyond.
  'project manager': {
    'time.record': 'own',
    'time.read': 'project',
    'time.review': 'project',
    'work.read': 'project',
    'values.read': 'project',
    'cost.read': 'project',
    'entries.price': 'project',
    'invoices.read': 'project',
    'results.read': 'project',
    'history.read': 'project',
    'work.change': 'project',
  },
  bookkeeper: {
    'time.record': 'own',
    'time.read': 'firm',
    'work.read': 'firm',
    'values.read': 'firm',
    'cost.read': 'firm',
    'pay.read': 'firm',
    'entries.price': 'firm',
    'invoices.read': 'firm',
    'invoices.issue': 'firm',
    'payments.record': 'firm',
    'results.read': 'firm',
    'history.read': 'firm',
    'work.change': 'firm',
  },
  staff: {
    'time.record': 'own',
    'time.read': 'own',
    'work.read': 'own',
    'results.read': 'own',
    'history.read': 'own',
  },
  // Reads all, the history too, and changes nothing; records no time.
  auditor: {
    'time.read': 'firm',
    'work.read': 'firm',
    'values.read': 'firm',
    'cost.read': 'firm',
    'pay.read': 'firm',
    'invoices.read': 'firm',
    'results.read': 'firm',
    'history.read': 'firm',
  },
};

/** The widest of two reaches. */
export function widest(a: Reach | undefined, b: Reach | undefined): Reach | undefined {
  if (!a || !b) return a ?? b;
  return REACHES.indexOf(a) >= REACHES.indexOf(b) ? a : b;
}

/** The narrowest of two reaches: how far two rights are held together. */
export function narrowest(a: Reach | undefined, b: Reach | undefined): Reach | undefined {
  if (!a || !b) return undefined;
  return widest(a, b) === a ? b : a;
}

/** The roles that hold a right, however far. */
export function rolesWith(permission: Permission): Role[] {
  return ROLES.filter((role) => ROLE_RIGHTS[role][permission] !== undefined);
}

/** How far a right is given by the roles that there are: further or less far it is given by nothing else either. */
export function reachesOf(permission: Permission): Reach[] {
  return REACHES.filter((reach) => ROLES.some((role) => ROLE_RIGHTS[role][permission] === reach));
}

/** What a right is about: the time and the money of people and their work; or the firm as a whole, which has no parts. */
export function isOfPeople(permission: Permission): boolean {
  return reachesOf(permission).some((reach) => reach === 'team' || reach === 'project');
}

/**
 * Rights that are of no use without another, at least as far: nobody decides on time that they cannot see, or bills what
 * they cannot see the price of.
 */
export const NEEDS: Readonly<Partial<Record<Permission, readonly Permission[]>>> = {
  'time.correct': ['time.read'],
  'time.review': ['time.read'],
  'entries.price': ['time.read', 'values.read'],
  'agreements.change': ['work.read', 'values.read'],
  'invoices.read': ['values.read'],
  'invoices.issue': ['time.read', 'values.read', 'invoices.read'],
  'payments.record': ['invoices.read'],
  'work.change': ['work.read'],
};

/** A role that a firm has made for itself. */
export interface OwnRole {
  readonly id: string;
  readonly name: string;
  readonly rights: Rights;
}

/** The reach of single rights for one person, instead of what their roles give; null where they have it not at all. */
export type Exceptions = Readonly<Partial<Record<Permission, Reach | null>>>;

export const isRole = (text: string): text is Role => (ROLES as readonly string[]).includes(text);

/** What somebody was given: roles, the firm's own ones among them, and exceptions for them alone. */
export interface Held {
  readonly roles: readonly Role[];
  readonly ownRoles: readonly OwnRole[];
  readonly exceptions: Exceptions;
}

/** Where a right comes from, or what keeps it from reaching further. */
export type Source =
  | { readonly kind: 'role'; readonly name: Role; readonly reach: Reach }
  | { readonly kind: 'own role'; readonly name: string; readonly reach: Reach }
  | { readonly kind: 'exception'; readonly reach: Reach | null }
  /** Another right, without which this one is of no use, reaches less far. */
  | { readonly kind: 'needs'; readonly name: Permission; readonly reach: Reach | null };

/**
 * How far a right reaches for somebody, and all that it comes from: their roles add up, an exception stands instead of
 * them, and no right reaches further than the ones that it needs.
 */
export function reachAndSources(held: Held, permission: Permission): { reach: Reach | undefined; sources: Source[] } {
  const sources: Source[] = [];
  let reach: Reach | undefined;
  const exception = held.exceptions[permission];
  if (exception === undefined) {
    for (const role of held.roles) {
      const given = ROLE_RIGHTS[role][permission];
      if (given) sources.push({ kind: 'role', name: role, reach: given });
      reach = widest(reach, given);
    }
    for (const { name, rights } of held.ownRoles) {
      const given = rights[permission];
      if (given) sources.push({ kind: 'own role', name, reach: given });
      reach = widest(reach, given);
    }
  } else {
    sources.push({ kind: 'exception', reach: exception });
    reach = exception ?? undefined;
  }
  for (const name of reach ? (NEEDS[permission] ?? []) : []) {
    const needed = reachAndSources(held, name).reach;
    if (widest(reach, needed) === needed) continue;
    sources.push({ kind: 'needs', name, reach: needed ?? null });
    reach = reachesOf(permission)
      .filter((one) => widest(one, needed) === needed)
      .at(-1);
    if (!reach) break;
  }
  return { reach, sources };
}

/** The rights of somebody by all that they were given. */
export function rightsHeld(held: Held): Rights {
  const rights: Partial<Record<Permission, Reach>> = {};
  for (const permission of PERMISSIONS) {
    const { reach } = reachAndSources(held, permission);
    if (reach) rights[permission] = reach;
  }
  return rights;
}

/** The rights of somebody with these roles. */
export function rightsOf(roles: readonly Role[]): Rights {
  return rightsHeld({ roles, ownRoles: [], exceptions: {} });
}

/**
 * Whether somebody may give others what these rights are: a right over oneself is given by whoever has it at all; one
 * over teams or projects reaches whomever its holder leads, and so it is given by who has it for everybody.
 */
export function mayGiveRights(rights: Rights, given: Rights): boolean {
  return PERMISSIONS.every((permission) => {
    const reach = given[permission];
    if (!reach) return true;
    return reach === 'own' ? rights[permission] !== undefined : rights[permission] === 'firm';
  });
}

/**
 * Whether somebody with these rights may change which people somebody reaches by leading a team: a right that reaches the
 * lead's teams is given thereby for these people, and only who holds it for everybody gives it.
 */
export function mayLetLead(rights: Rights, lead: Rights): boolean {
  return PERMISSIONS.every((permission) => lead[permission] !== 'team' || rights[permission] === 'firm');
}

/**
 * Whether somebody with these rights may change which projects somebody reaches by managing them: each reach has the ones
 * before it, so a right over teams reaches the manager's projects too.
 */
export function mayLetManage(rights: Rights, manager: Rights): boolean {
  return PERMISSIONS.every((permission) => {
    const reach = manager[permission];
    return reach === undefined || reach === 'own' || reach === 'firm' || rights[permission] === 'firm';
  });
}

const MONEY = ['values.read', 'cost.read', 'pay.read', 'invoices.read', 'invoices.issue', 'payments.record'] as const;

/** Whether somebody with these rights sees money: rates and values, cost, pay, invoices. */
export function seesMoney(rights: Rights): boolean {
  return MONEY.some((permission) => rights[permission] !== undefined);
}

/** Whose the thing is that a right is asked about. */
export interface Subject {
  readonly personId: string | null;
  readonly managerId?: string | null;
}

/** Who asks: the person, and the people of the teams that this person leads. */
export interface Asker {
  readonly personId: string;
  readonly teamPeople: ReadonlySet<string>;
}

/**
 * Whether a reach covers a subject. The database has the same predicate in its functions `…_in_reach`.
 */
export function covers(reach: Reach | undefined, asker: Asker, subject: Subject): boolean {
  if (!reach) return false;
  if (reach === 'firm') return true;
  if (subject.personId === asker.personId) return true;
  if (reach === 'own') return false;
  if (subject.managerId === asker.personId) return true;
  return reach === 'team' && subject.personId !== null && asker.teamPeople.has(subject.personId);
}

/** Rights over projects, whoever worked on them: seeing work goes by who may record on it, documents by who manages it. */
const OF_WORK: readonly Permission[] = ['work.read', 'invoices.read'];
/** Whoever may make projects at all makes any. */
const AT_ALL: readonly Permission[] = ['work.change'];

/** What a right is asked about: somebody's time, a project, or nothing but the firm. */
export function aboutOf(permission: Permission): 'time' | 'work' | 'firm' {
  if (OF_WORK.includes(permission)) return 'work';
  return isOfPeople(permission) && !AT_ALL.includes(permission) ? 'time' : 'firm';
}

/** Why a reach covers a subject. */
export type Way =
  { readonly kind: 'everybody' | 'oneself' | 'project' | 'open' | 'named' } | { readonly kind: 'team'; readonly name: string };

/** What a right is asked about, with who else may be on it. */
export interface AskedAbout extends Subject {
  /** Whether everybody may record on the project, and whether whoever asks is named on it. */
  readonly open: boolean;
  readonly named: boolean;
}

/**
 * Every way in which a right of some reach covers a subject; none where it does not. Over time it is the same predicate
 * as `covers`, over projects that of the functions `projects_in_reach` and `invoices_in_reach` of the database.
 */
export function waysTo(
  permission: Permission,
  reach: Reach | undefined,
  personId: string,
  teams: readonly { readonly name: string; readonly people: ReadonlySet<string> }[],
  subject: AskedAbout,
): Way[] {
  if (!reach) return [];
  const about = aboutOf(permission);
  if (about === 'firm') return [{ kind: reach === 'own' ? 'oneself' : 'everybody' }];
  const within = (least: Reach) => widest(reach, least) === reach;
  const ways: Way[] = [];
  if (reach === 'firm') ways.push({ kind: 'everybody' });
  if (about === 'time' && subject.personId === personId) ways.push({ kind: 'oneself' });
  if ((about === 'work' || within('project')) && subject.managerId === personId) ways.push({ kind: 'project' });
  if (permission === 'work.read' && subject.open) ways.push({ kind: 'open' });
  if (permission === 'work.read' && subject.named) ways.push({ kind: 'named' });
  for (const { name, people } of about === 'time' && within('team') && subject.personId !== null ? teams : [])
    if (people.has(subject.personId!)) ways.push({ kind: 'team', name });
  return ways;
}
