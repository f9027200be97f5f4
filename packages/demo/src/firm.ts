/**
 * Quillfeather Conservation: an invented practice that conserves historic buildings in an invented
 * county. No person, firm, place or address here is real.
 */
export type Position = 'Conservator' | 'Surveyor' | 'Draughtsperson' | 'Mason' | 'Lime chemist' | 'Bookkeeper';

export interface DemoPerson {
  readonly name: string;
  readonly position: Position;
  readonly team: string;
  readonly kind: 'employee' | 'subcontractor';
  /** Major units per hour. */
  readonly pay: number;
  readonly roles?: readonly string[];
}

export const TEAMS = [
  { name: 'Survey and drawing', lead: 'Maud Ellery' },
  { name: 'Bench and lime', lead: 'Odile Fenwright' },
  { name: 'Masons', lead: 'Maud Ellery' },
  { name: 'Office', lead: 'Anselm Rooke' },
] as const;

export const PEOPLE: readonly DemoPerson[] = [
  { name: 'Anselm Rooke', position: 'Conservator', team: 'Survey and drawing', kind: 'employee', pay: 36, roles: ['owner'] },
  { name: 'Maud Ellery', position: 'Surveyor', team: 'Office', kind: 'employee', pay: 31, roles: ['manager'] },
  { name: 'Odile Fenwright', position: 'Conservator', team: 'Office', kind: 'employee', pay: 30, roles: ['manager'] },
  { name: 'Yuki Farrow', position: 'Bookkeeper', team: 'Office', kind: 'employee', pay: 22, roles: ['bookkeeper'] },
  { name: 'Ines Marchetti', position: 'Surveyor', team: 'Survey and drawing', kind: 'employee', pay: 25, roles: ['staff'] },
  { name: 'Priya Lindqvist', position: 'Surveyor', team: 'Survey and drawing', kind: 'employee', pay: 26.5 },
  { name: 'Noor Castellan', position: 'Surveyor', team: 'Survey and drawing', kind: 'employee', pay: 23.25 },
  { name: 'Wren Abara', position: 'Draughtsperson', team: 'Survey and drawing', kind: 'employee', pay: 19.8 },
  { name: 'Pell Adair', position: 'Draughtsperson', team: 'Survey and drawing', kind: 'employee', pay: 18.4 },
  { name: 'Sunniva Brandt', position: 'Draughtsperson', team: 'Survey and drawing', kind: 'employee', pay: 20.15 },
  { name: 'Tomas Okafor', position: 'Conservator', team: 'Bench and lime', kind: 'employee', pay: 24.6 },
  { name: 'Saoirse Vane', position: 'Conservator', team: 'Bench and lime', kind: 'employee', pay: 23.9 },
  { name: 'Jarek Holloway', position: 'Conservator', team: 'Bench and lime', kind: 'employee', pay: 22.75 },
  { name: 'Marnie Osei', position: 'Conservator', team: 'Bench and lime', kind: 'employee', pay: 21.4 },
  { name: 'Lotte Byrne-Amadi', position: 'Conservator', team: 'Bench and lime', kind: 'employee', pay: 20.9 },
  { name: 'Hester Lowmoor', position: 'Lime chemist', team: 'Bench and lime', kind: 'employee', pay: 27.3 },
  { name: 'Leopold Achterberg', position: 'Lime chemist', team: 'Bench and lime', kind: 'employee', pay: 22.1 },
  { name: 'Bram Tuazon', position: 'Mason', team: 'Masons', kind: 'employee', pay: 19.5 },
  { name: 'Idris Quarrie', position: 'Mason', team: 'Masons', kind: 'employee', pay: 18.9 },
  { name: 'Dov Tresillian', position: 'Mason', team: 'Masons', kind: 'employee', pay: 18.2 },
  { name: 'Emeka Strand', position: 'Mason', team: 'Masons', kind: 'employee', pay: 17.6 },
  { name: 'Kitty Ormerod-Szabó', position: 'Mason', team: 'Masons', kind: 'employee', pay: 13.5 },
  { name: 'Callum Dietz', position: 'Mason', team: 'Masons', kind: 'subcontractor', pay: 28 },
  { name: 'Rafe Underhay', position: 'Conservator', team: 'Bench and lime', kind: 'subcontractor', pay: 34 },
];

/**
 * Who is there besides: more roles for some, and people without hours. They come last and from a seed of their own, so that
 * the year of history stays what it is.
 */
export const BESIDES: readonly {
  readonly name: string;
  readonly roles: readonly string[];
  /** Of somebody new. */
  readonly staffNumber?: string;
  readonly is?: 'invited' | 'left';
}[] = [
  { name: 'Wren Abara', roles: ['administrator'] },
  { name: 'Tomas Okafor', roles: ['project manager'] },
  { name: 'Clement Vasey', roles: ['auditor'], staffNumber: 'X001' },
  { name: 'Aoife Renshaw', roles: ['staff'], staffNumber: 'Q025', is: 'invited' },
  { name: 'Hugo Brandreth', roles: ['staff'], staffNumber: 'Q026', is: 'left' },
];

export interface DemoService {
  readonly name: string;
  readonly code: string;
  readonly kind: 'direct' | 'indirect';
  readonly billable: boolean;
  readonly notes: readonly string[];
}

export const SERVICES: readonly DemoService[] = [
  {
    name: 'Site survey',
    code: 'SUR',
    kind: 'direct',
    billable: true,
    notes: ['Levels and plumb lines', 'Moisture readings, north side', 'Photographs from the gallery', 'Timber sounding', ''],
  },
  {
    name: 'Measured drawing',
    code: 'DRW',
    kind: 'direct',
    billable: true,
    notes: ['Section B–B', 'Inked after checking', 'Details at 1:5', 'Corrections from the site meeting', ''],
  },
  {
    name: 'Bench conservation',
    code: 'BEN',
    kind: 'direct',
    billable: true,
    notes: ['Paint layers, three samples', 'Consolidation, second coat', 'Cleaning trials', 'Fillets replaced', ''],
  },
  {
    name: 'Masonry',
    code: 'MAS',
    kind: 'direct',
    billable: true,
    notes: ['Indents on the west face', 'Raking out', 'Pinning and pointing', 'Bedding the sill', ''],
  },
  {
    name: 'Plastering',
    code: 'PLA',
    kind: 'direct',
    billable: true,
    notes: ['Second coat, east bay', 'Laths renewed', 'Running the cornice', ''],
  },
  {
    name: 'Writing',
    code: 'WRI',
    kind: 'direct',
    billable: true,
    notes: ['Draft for the client', 'Method statement', 'Photographs captioned', ''],
  },
  { name: 'Travel', code: 'TRA', kind: 'direct', billable: true, notes: ['To site and back', 'Ferry delayed', ''] },
  {
    name: 'Sample analysis',
    code: 'LAB',
    kind: 'indirect',
    billable: false,
    notes: ['Grading of the sand', 'Slaking trial 14', 'Set cubes, day 28', ''],
  },
  { name: 'Office', code: 'OFF', kind: 'indirect', billable: false, notes: ['Ledgers', 'Staff meeting', 'Stock count', ''] },
];

export interface DemoTask {
  readonly name: string;
  readonly kind: 'phase' | 'deliverable' | 'work order' | 'task';
  readonly services: readonly string[];
  readonly below?: readonly DemoTask[];
}

/** What projects of the firm go through. */
export const STATES = [
  { name: 'Proposed', records: false, open: true },
  { name: 'Open', records: true, open: true },
  { name: 'On hold', records: false, open: true },
  { name: 'Finished', records: false, open: false },
] as const;

export interface DemoProject {
  readonly name: string;
  readonly code: string;
  readonly client?: string;
  readonly department?: string;
  readonly tone: number;
  readonly manager: string;
  readonly method: 'time and materials' | 'internal' | 'not billable';
  /** Major units. */
  readonly limit?: number;
  readonly rounding?: {
    readonly increment: number;
    readonly mode: 'nearest' | 'up' | 'down';
    readonly unit: 'entry' | 'day';
    readonly minimum?: number;
  };
  readonly decimalPlaces?: number;
  readonly order?: string;
  /** Where it is not under way. */
  readonly state?: (typeof STATES)[number]['name'];
  readonly budget: number;
  readonly estimateHours: number;
  readonly people: readonly string[];
  /** Share of a working day that these people tend to give it. */
  readonly weight: number;
  /** Months before today between which it is worked on. */
  readonly months: readonly [from: number, to: number];
  /** What its manager says of it: months from today to the day on which it is to end, percent done, and notes. */
  readonly said?: { readonly ends: number; readonly complete: number; readonly notes?: string };
  readonly tasks: readonly DemoTask[];
}

export const CLIENTS = [
  {
    name: 'Saltmere Harbour Trust',
    address: ['Quay House', 'Saltmere'],
    country: 'GB',
    taxId: 'GB 100 0001 01',
    currency: 'GBP',
    days: 30,
  },
  { name: 'Parish of St Osric', address: ['The Vestry', 'Osric Green'], country: 'GB', taxId: null, currency: 'GBP', days: 30 },
  {
    name: 'Dunmarrow Library Board',
    address: ['Corn Street', 'Dunmarrow'],
    country: 'GB',
    taxId: 'GB 100 0002 02',
    currency: 'GBP',
    days: 30,
  },
  { name: 'Fennick Mill Society', address: ['Mill Lane', 'Fennick'], country: 'GB', taxId: null, currency: 'GBP', days: 14 },
  {
    name: 'Stiftung Haslgrund',
    address: ['Haslgrundweg 1', '4020 Linz'],
    country: 'AT',
    taxId: 'ATU00000001',
    currency: 'EUR',
    days: 30,
    taxCategory: 'AE',
  },
  {
    name: 'Corvane County Grants',
    address: ['Shire Hall', 'Corvane'],
    country: 'GB',
    taxId: 'GB 100 0003 03',
    currency: 'GBP',
    days: 45,
  },
  { name: 'Tidewell Chapel Friends', address: ['Chapel Row', 'Tidewell'], country: 'GB', taxId: null, currency: 'GBP', days: 30 },
] as const;

export const PROJECTS: readonly DemoProject[] = [
  {
    name: 'Lantern room repair',
    code: 'SHT-LAN',
    client: 'Saltmere Harbour Trust',
    tone: 1,
    manager: 'Odile Fenwright',
    method: 'time and materials',
    limit: 600_000,
    order: 'SHT-0417',
    rounding: { increment: 15, mode: 'nearest', unit: 'entry' },
    budget: 330000,
    estimateHours: 9800,
    weight: 4,
    months: [11, 0],
    said: {
      ...{ ends: 5, complete: 65 },
      notes: 'Keys at the harbour office, before eight. Drawings: https://plans.quillfeather.example/lantern-room',
    },
    people: [
      'Ines Marchetti',
      'Priya Lindqvist',
      'Tomas Okafor',
      'Saoirse Vane',
      'Bram Tuazon',
      'Idris Quarrie',
      'Wren Abara',
      'Callum Dietz',
      'Odile Fenwright',
    ],
    tasks: [
      { name: 'Condition survey', kind: 'task', services: ['Site survey', 'Travel'] },
      {
        name: 'Glazing bars',
        kind: 'phase',
        services: ['Bench conservation', 'Measured drawing'],
        below: [
          { name: 'Upper tier', kind: 'task', services: ['Bench conservation', 'Masonry'] },
          { name: 'Lower tier', kind: 'task', services: ['Bench conservation', 'Masonry'] },
        ],
      },
      { name: 'Gallery rail', kind: 'work order', services: ['Masonry', 'Travel'] },
    ],
  },
  {
    name: 'Bell frame survey',
    code: 'OSR-BEL',
    client: 'Parish of St Osric',
    tone: 2,
    manager: 'Maud Ellery',
    method: 'time and materials',
    order: 'Faculty 22',
    budget: 185000,
    estimateHours: 5000,
    weight: 3,
    months: [9, 0],
    said: { ends: 3, complete: 60 },
    people: ['Ines Marchetti', 'Priya Lindqvist', 'Noor Castellan', 'Wren Abara', 'Pell Adair', 'Maud Ellery', 'Anselm Rooke'],
    tasks: [
      { name: 'Access and safety', kind: 'task', services: ['Site survey', 'Travel'] },
      {
        name: 'Measured survey',
        kind: 'deliverable',
        services: ['Site survey'],
        below: [
          { name: 'Frame geometry', kind: 'task', services: ['Site survey', 'Measured drawing'] },
          { name: 'Clapper and fittings', kind: 'task', services: ['Site survey', 'Measured drawing'] },
        ],
      },
      { name: 'Report', kind: 'deliverable', services: ['Writing'] },
    ],
  },
  {
    name: 'Reading room plaster',
    code: 'DUN-REA',
    client: 'Dunmarrow Library Board',
    tone: 3,
    manager: 'Maud Ellery',
    method: 'time and materials',
    order: 'DLB 2207',
    rounding: { increment: 15, mode: 'up', unit: 'day' },
    budget: 270000,
    estimateHours: 10500,
    weight: 3,
    months: [12, 0],
    said: { ends: 2, complete: 80 },
    people: [
      'Dov Tresillian',
      'Emeka Strand',
      'Kitty Ormerod-Szabó',
      'Jarek Holloway',
      'Marnie Osei',
      'Sunniva Brandt',
      'Idris Quarrie',
    ],
    tasks: [
      { name: 'Ceiling roses', kind: 'task', services: ['Plastering', 'Bench conservation'] },
      { name: 'Cornice', kind: 'task', services: ['Plastering'] },
      { name: 'Limewash', kind: 'task', services: ['Plastering', 'Travel'] },
    ],
  },
  {
    name: 'Wheel and sluice',
    code: 'FEN-WHE',
    client: 'Fennick Mill Society',
    tone: 4,
    manager: 'Tomas Okafor',
    method: 'time and materials',
    decimalPlaces: 2,
    rounding: { increment: 6, mode: 'nearest', unit: 'entry', minimum: 30 },
    budget: 90000,
    estimateHours: 2900,
    weight: 2,
    months: [8, 0],
    people: ['Bram Tuazon', 'Rafe Underhay', 'Lotte Byrne-Amadi', 'Pell Adair', 'Callum Dietz'],
    tasks: [
      { name: 'Paddles', kind: 'task', services: ['Bench conservation', 'Masonry'] },
      { name: 'Sluice gate', kind: 'task', services: ['Masonry', 'Travel'] },
    ],
  },
  {
    name: 'Altar panel frames',
    code: 'HAS-ALT',
    client: 'Stiftung Haslgrund',
    tone: 5,
    manager: 'Anselm Rooke',
    method: 'time and materials',
    order: 'HG-19',
    rounding: { increment: 15, mode: 'nearest', unit: 'entry' },
    budget: 88000,
    estimateHours: 2400,
    weight: 2,
    months: [7, 0],
    people: ['Saoirse Vane', 'Lotte Byrne-Amadi', 'Rafe Underhay', 'Sunniva Brandt', 'Anselm Rooke'],
    tasks: [
      { name: 'Gilding', kind: 'task', services: ['Bench conservation'] },
      { name: 'Joinery', kind: 'task', services: ['Bench conservation', 'Measured drawing'] },
    ],
  },
  {
    name: 'Roadside marker survey',
    code: 'COR-ROA',
    client: 'Corvane County Grants',
    tone: 6,
    manager: 'Maud Ellery',
    method: 'time and materials',
    order: 'Grant 7/4',
    budget: 85000,
    estimateHours: 2500,
    weight: 2,
    months: [10, 0],
    people: ['Noor Castellan', 'Priya Lindqvist', 'Pell Adair', 'Sunniva Brandt', 'Maud Ellery'],
    tasks: [
      { name: 'Field recording', kind: 'task', services: ['Site survey', 'Travel'] },
      { name: 'Gazetteer', kind: 'deliverable', services: ['Writing', 'Measured drawing'] },
    ],
  },
  {
    name: 'Chapel gallery advice',
    code: 'TID-GAL',
    client: 'Tidewell Chapel Friends',
    tone: 7,
    manager: 'Anselm Rooke',
    method: 'not billable',
    budget: 4000,
    estimateHours: 90,
    weight: 0.3,
    months: [5, 0],
    people: ['Anselm Rooke', 'Odile Fenwright', 'Ines Marchetti'],
    tasks: [{ name: 'Site visits', kind: 'task', services: ['Site survey'] }],
  },
  {
    name: 'Lime laboratory',
    code: 'INT-LIM',
    department: 'Practice',
    tone: 8,
    manager: 'Odile Fenwright',
    method: 'internal',
    budget: 165000,
    estimateHours: 4800,
    weight: 1.6,
    months: [12, 0],
    people: ['Hester Lowmoor', 'Leopold Achterberg', 'Ines Marchetti', 'Tomas Okafor', 'Marnie Osei'],
    tasks: [{ name: 'Mortar trials', kind: 'task', services: ['Sample analysis'] }],
  },
  {
    name: 'Running the practice',
    code: 'INT-RUN',
    department: 'Practice',
    tone: 9,
    manager: 'Anselm Rooke',
    method: 'internal',
    budget: 330000,
    estimateHours: 10000,
    weight: 0.5,
    months: [12, 0],
    people: PEOPLE.map((person) => person.name),
    tasks: [
      { name: 'Accounts', kind: 'task', services: ['Office'] },
      { name: 'Meetings', kind: 'task', services: ['Office'] },
    ],
  },
];

/** Billing rates by position, in major units per hour: since the start, and since the last review of rates. */
/** Standard cost of an hour by position, in major units: round figures that are nobody's own. */
export const STANDARD_COSTS: Readonly<Record<Position, number>> = {
  Conservator: 36,
  Surveyor: 37,
  Draughtsperson: 28,
  Mason: 26,
  'Lime chemist': 34,
  Bookkeeper: 32,
};

export const POSITION_RATES: Readonly<Partial<Record<Position, readonly [before: number, since: number]>>> = {
  Conservator: [80, 84],
  Surveyor: [88, 95],
  Draughtsperson: [62, 66],
  Mason: [58, 61],
  'Lime chemist': [84, 90],
  Bookkeeper: [50, 50],
};
