/**
 * What is usual in a country: a default that a firm may change. From Unicode's CLDR (supplemental currency and week data),
 * as the registry's package `cldr-core` has them; a test holds both against each other. They stand here by themselves since
 * the package carries far more than a page should fetch, and apart from the rest of the core, which every page fetches.
 */
const CURRENCIES: Readonly<Record<string, string>> = {
  AED: 'AE',
  AFN: 'AF',
  ALL: 'AL',
  AMD: 'AM',
  ANG: 'CW SX',
  AOA: 'AO',
  ARS: 'AR',
  AUD: 'AU CC CX HM KI NF NR TV',
  AWG: 'AW',
  AZN: 'AZ',
  BAM: 'BA',
  BBD: 'BB',
  BDT: 'BD',
  BHD: 'BH',
  BIF: 'BI',
  BMD: 'BM',
  BND: 'BN',
  BOB: 'BO',
  BRL: 'BR',
  BSD: 'BS',
  BTN: 'BT',
  BWP: 'BW',
  BYN: 'BY',
  BZD: 'BZ',
  CAD: 'CA',
  CDF: 'CD',
  CHF: 'CH LI',
  CLP: 'CL',
  CNY: 'CN',
  COP: 'CO',
  CRC: 'CR',
  CUP: 'CU',
  CVE: 'CV',
  CZK: 'CZ',
  DJF: 'DJ',
  DKK: 'DK FO GL',
  DOP: 'DO',
  DZD: 'DZ',
  EGP: 'EG',
  ERN: 'ER',
  ETB: 'ET',
  EUR: 'AD AT AX BE BG BL CY DE EE ES FI FR GF GP GR HR IE IT LT LU LV MC ME MF MQ MT NL PM PT RE SI SK SM TF VA YT',
  FJD: 'FJ',
  FKP: 'FK',
  GBP: 'GB GG GS IM JE',
  GEL: 'GE',
  GHS: 'GH',
  GIP: 'GI',
  GMD: 'GM',
  GNF: 'GN',
  GTQ: 'GT',
  GYD: 'GY',
  HKD: 'HK',
  HNL: 'HN',
  HTG: 'HT',
  HUF: 'HU',
  IDR: 'ID',
  ILS: 'IL PS',
  INR: 'IN',
  IQD: 'IQ',
  IRR: 'IR',
  ISK: 'IS',
  JMD: 'JM',
  JOD: 'JO',
  JPY: 'JP',
  KES: 'KE',
  KGS: 'KG',
  KHR: 'KH',
  KMF: 'KM',
  KPW: 'KP',
  KRW: 'KR',
  KWD: 'KW',
  KYD: 'KY',
  KZT: 'KZ',
  LAK: 'LA',
  LBP: 'LB',
  LKR: 'LK',
  LRD: 'LR',
  LYD: 'LY',
  MAD: 'EH MA',
  MDL: 'MD',
  MGA: 'MG',
  MKD: 'MK',
  MMK: 'MM',
  MNT: 'MN',
  MOP: 'MO',
  MRU: 'MR',
  MUR: 'MU',
  MVR: 'MV',
  MWK: 'MW',
  MXN: 'MX',
  MYR: 'MY',
  MZN: 'MZ',
  NAD: 'NA',
  NGN: 'NG',
  NIO: 'NI',
  NOK: 'BV NO SJ',
  NPR: 'NP',
  NZD: 'CK NU NZ PN TK',
  OMR: 'OM',
  PAB: 'PA',
  PEN: 'PE',
  PGK: 'PG',
  PHP: 'PH',
  PKR: 'PK',
  PLN: 'PL',
  PYG: 'PY',
  QAR: 'QA',
  RON: 'RO',
  RSD: 'RS',
  RUB: 'RU',
  RWF: 'RW',
  SAR: 'SA',
  SBD: 'SB',
  SCR: 'SC',
  SDG: 'SD',
  SEK: 'SE',
  SGD: 'SG',
  SHP: 'SH',
  SLE: 'SL',
  SOS: 'SO',
  SRD: 'SR',
  SSP: 'SS',
  STN: 'ST',
  SYP: 'SY',
  SZL: 'SZ',
  THB: 'TH',
  TJS: 'TJ',
  TMT: 'TM',
  TND: 'TN',
  TOP: 'TO',
  TRY: 'TR',
  TTD: 'TT',
  TWD: 'TW',
  TZS: 'TZ',
  UAH: 'UA',
  UGX: 'UG',
  USD: 'AS BQ EC FM GU IO MH MP PR PW SV TC TL UM US VG VI',
  UYU: 'UY',
  UZS: 'UZ',
  VES: 'VE',
  VND: 'VN',
  VUV: 'VU',
  WST: 'WS',
  XAF: 'CF CG CM GA GQ TD',
  XCD: 'AG AI DM GD KN LC MS VC',
  XOF: 'BF BJ CI GW ML NE SN TG',
  XPF: 'NC PF WF',
  YER: 'YE',
  ZAR: 'LS ZA',
  ZMW: 'ZM',
  ZWG: 'ZW',
};

/** Where the week begins on another day than Monday, by the day's number from Monday as 1. */
const FIRST_DAYS: Readonly<Record<number, string>> = {
  7:
    'AG AS BD BR BS BT BW BZ CA CO DM DO ET GT GU HK HN ID IL IN IS JM JP KE KH KR LA MH MM MO MT MX MZ NI NP PA PE PH ' +
    'PK PR PT PY SA SG SV TH TT TW UM US VE VI WS YE ZA ZW',
  6: 'AF BH DJ DZ EG IQ IR JO KW LY OM QA SD SY',
  5: 'MV',
};

/** Where people rest on other days than Saturday and Sunday. */
const REST_DAYS: readonly (readonly [days: readonly number[], countries: string])[] = [
  [[5, 6], 'BH DZ EG IL IQ JO KW LY OM QA SA SD SY YE'],
  [[4, 5], 'AF'],
  [[5], 'IR'],
  [[7], 'IN UG'],
];

/**
 * The usual rate of tax on services in hundredths of a percent, with its name, at the start of 2026. From memory, without a
 * source at hand: the founder is asked to confirm it. A country that is not here, or whose services are usually not
 * taxed by one rate, starts with none.
 */
const TAXES: Readonly<Record<string, readonly [name: string, hundredths: number]>> = {
  AT: ['USt', 2000],
  AU: ['GST', 1000],
  BE: ['VAT', 2100],
  CH: ['VAT', 810],
  DE: ['USt', 1900],
  DK: ['VAT', 2500],
  ES: ['IVA', 2100],
  FI: ['VAT', 2550],
  FR: ['TVA', 2000],
  GB: ['VAT', 2000],
  IE: ['VAT', 2300],
  IT: ['IVA', 2200],
  LU: ['TVA', 1700],
  NL: ['VAT', 2100],
  NO: ['VAT', 2500],
  NZ: ['GST', 1500],
  PL: ['VAT', 2300],
  PT: ['IVA', 2300],
  SE: ['VAT', 2500],
  SG: ['GST', 900],
  ZA: ['VAT', 1500],
};

/** What a firm of a country starts with. */
export interface CountryDefaults {
  /** ISO 4217. */
  readonly currency: string;
  /** The day on which weeks begin, from Monday as 1. */
  readonly weekStart: number;
  /** The days on which people work, from Monday as 1. */
  readonly workingDays: readonly number[];
  /** The usual tax: millionths; null where there is no usual one. */
  readonly tax: { readonly name: string; readonly rate: number } | null;
}

const has = (list: string, country: string) => list.split(' ').includes(country);

/** The codes of all countries (ISO 3166-1) that a firm can be in. */
export const COUNTRIES: readonly string[] = Object.values(CURRENCIES)
  .flatMap((list) => list.split(' '))
  .sort();

/** What is usual in a country. @throws RangeError for what is none of `COUNTRIES` */
export function countryDefaults(country: string): CountryDefaults {
  const currency = Object.entries(CURRENCIES).find(([, list]) => has(list, country))?.[0];
  if (!currency) throw new RangeError(`${country} is no country of ISO 3166-1 that has a currency`);
  const first = Object.entries(FIRST_DAYS).find(([, list]) => has(list, country))?.[0];
  const rest = REST_DAYS.find(([, list]) => has(list, country))?.[0] ?? [6, 7];
  const tax = TAXES[country];
  return {
    currency,
    weekStart: Number(first ?? 1),
    workingDays: [1, 2, 3, 4, 5, 6, 7].filter((day) => !rest.includes(day)),
    tax: tax ? { name: tax[0], rate: tax[1] * 100 } : null,
  };
}
