/**
 * The codes of ISO 4217 by the decimals of their minor unit, as its maintenance agency published them in June 2024 (list one).
 * They stand here by themselves since the list of the registry's package carries every country along, which each page would
 * have to fetch; a test holds both against each other. Codes without a minor unit count as having none:
 * metals, XTS for tests, XXX for no currency at all.
 */
const CODES: Readonly<Record<number, string>> = {
  0:
    'BIF CLP DJF GNF ISK JPY KMF KRW PYG RWF UGX UYI VND VUV XAF XAG XAU XBA XBB XBC XBD XDR XOF XPD XPF XPT XSU XTS ' +
    'XUA XXX',
  2:
    'AED AFN ALL AMD ANG AOA ARS AUD AWG AZN BAM BBD BDT BGN BMD BND BOB BOV BRL BSD BTN BWP BYN BZD CAD CDF CHE CHF ' +
    'CHW CNY COP COU CRC CUC CUP CVE CZK DKK DOP DZD EGP ERN ETB EUR FJD FKP GBP GEL GHS GIP GMD GTQ GYD HKD HNL HTG ' +
    'HUF IDR ILS INR IRR JMD KES KGS KHR KPW KYD KZT LAK LBP LKR LRD LSL MAD MDL MGA MKD MMK MNT MOP MRU MUR MVR MWK ' +
    'MXN MXV MYR MZN NAD NGN NIO NOK NPR NZD PAB PEN PGK PHP PKR PLN QAR RON RSD RUB SAR SBD SCR SDG SEK SGD SHP SLE ' +
    'SOS SRD SSP STN SVC SYP SZL THB TJS TMT TOP TRY TTD TWD TZS UAH USD USN UYU UZS VED VES WST XCD YER ZAR ZMW ZWG',
  3: 'BHD IQD JOD KWD LYD OMR TND',
  4: 'CLF UYW',
};

const digitsOf: ReadonlyMap<string, number> = new Map(
  Object.entries(CODES).flatMap(([digits, codes]) => codes.split(' ').map((code) => [code, Number(digits)] as const)),
);

/** @returns the decimals of a currency's minor unit; undefined for what ISO 4217 does not list */
export function isoDigits(code: string): number | undefined {
  return digitsOf.get(code);
}
