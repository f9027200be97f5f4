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

/** The roles that hold a right, however far. */
export function rolesWith(permission: Permission): Role[] {
  return ROLES.filter((role) => ROLE_RIGHTS[role][permission] !== undefined);
}

/** The rights of somebody with these roles. */
export function rightsOf(roles: readonly Role[]): Rights {
  const rights: Partial<Record<Permission, Reach>> = {};
  for (const role of roles) {
    for (const permission of PERMISSIONS) {
      const reach = widest(rights[permission], ROLE_RIGHTS[role][permission]);
      if (reach) rights[permission] = reach;
    }
  }
  return rights;
}

/** Whether somebody with these rights may give a role: nobody gives a right, or a reach of it, that they do not hold. */
export function mayGive(rights: Rights, role: Role): boolean {
  return PERMISSIONS.every((permission) => {
    const reach = ROLE_RIGHTS[role][permission];
    return !reach || widest(rights[permission], reach) === rights[permission];
  });
}

/**
 * Whether somebody with these rights may change which people somebody reaches by leading a team: a right that reaches the
 * lead's teams is given thereby for these people, and only who holds it for everybody gives it.
 */
export function mayLetLead(rights: Rights, lead: Rights): boolean {
  return PERMISSIONS.every((permission) => lead[permission] !== 'team' || rights[permission] === 'firm');
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
