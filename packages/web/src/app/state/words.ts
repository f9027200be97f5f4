/** The sentences and words of the interface that stand for codes of the core and the API. */

export const STAGE_WORDS: Readonly<Record<string, string>> = {
  recorded: 'recorded',
  submitted: 'submitted',
  approved: 'approved',
  billed: 'billed',
  paid: 'paid',
};

export const STEP_WORDS: Readonly<Record<string, string>> = {
  record: 'Record',
  review: 'Review',
  bill: 'Bill',
  collect: 'Collect',
  results: 'Results',
};

/** Problems of an entry: what it is, and what to do about it. */
export const PROBLEM_WORDS: Readonly<Record<string, { short: string; mend: string }>> = {
  'no-project': { short: 'no project', mend: 'Choose the project that this time was for.' },
  'no-service': { short: 'no service', mend: 'Choose what kind of work it was.' },
  'over-24': { short: 'over 24:00', mend: 'This day holds more than 24 hours. Shorten or delete an entry.' },
  overlap: { short: 'overlap', mend: 'Two spans share time. Change the start or end of one of them.' },
  'no-rate': { short: 'no rate', mend: 'No rate applies. It can be submitted; somebody prices it before it is billed.' },
  'project-closed': { short: 'project takes no time', mend: 'This project takes no time now. Choose another.' },
  ahead: { short: 'in the future', mend: 'Work for a client cannot be recorded ahead. Change the date.' },
  'no-absence-code': { short: 'no code', mend: 'Say what kind of absence it was.' },
};

/** Why a reviewer should look. */
export const LOOK_WORDS: Readonly<Record<string, string>> = {
  problem: 'problem',
  late: 'recorded late',
  'changed-by-other': 'corrected',
  'over-day': 'over the day',
  'over-week': 'over the week',
  missing: 'missing',
};

/** The same in the narrow cell of a day. */
export const DAY_LOOK_WORDS: Readonly<Record<string, string>> = { ...LOOK_WORDS, late: 'late' };

export const ABSENCE_WORDS: Readonly<Record<string, string>> = { holiday: 'leave', sick: 'sick', training: 'training' };

/** Why a rate rule lost. */
export const LOSS_WORDS: Readonly<Record<string, string>> = {
  'wider-scope': 'wider scope',
  'wider-labour': 'wider labour',
  'not-yet-valid': 'not valid yet',
  'no-longer-valid': 'no longer valid',
  'other-currency': 'other currency',
};

export const BUCKET_WORDS: Readonly<Record<string, string>> = {
  'not-due': 'not yet due',
  '1-30': '1 to 30 days',
  '31-60': '31 to 60 days',
  '61-90': '61 to 90 days',
  'over-90': 'over 90 days',
};

/** What people read in a history. */
export const FACT_WORDS: Readonly<Record<string, string>> = {
  workDate: 'date',
  quantity: 'time',
  billableQuantity: 'billable time',
  startAt: 'start',
  endAt: 'end',
  breakSeconds: 'break',
  valueMinor: 'value',
  rate: 'rate',
  stage: 'stage',
  note: 'note',
  billable: 'billable',
  holdReason: 'held because',
  writeOffReason: 'written off because',
  writtenOff: 'written off',
  released: 'released over the limit',
  writtenDown: 'written down',
  because: 'because of',
  rateSource: 'rate from',
  rateReason: 'reason of the rate',
  absenceCode: 'absence',
  explanation: 'explanation',
  sentAt: 'sent',
  status: 'status',
  number: 'number',
};
