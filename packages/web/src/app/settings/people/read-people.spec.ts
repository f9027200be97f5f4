import { readPeople } from './read-people';

describe('a pasted list of people', () => {
  const of = (text: string) => readPeople(text).people.map(({ name, email }) => `${name} | ${email}`);

  it('is read as mail programs and spreadsheets give it', () => {
    expect(
      of(
        'Piers Stell <piers@firm.example>\n"Vane, Rosa" <rosa@firm.example>;\r\nida@firm.example, Ida Ostrander\nTom\ttom@firm.example',
      ),
    ).toEqual([
      'Piers Stell | piers@firm.example',
      'Vane Rosa | rosa@firm.example',
      'Ida Ostrander | ida@firm.example',
      'Tom | tom@firm.example',
    ]);
  });

  it('takes a name from an address that stands alone', () => {
    expect(of('piers.stell@firm.example\n\nrosa_vane-o@firm.example')).toEqual([
      'Piers Stell | piers.stell@firm.example',
      'Rosa Vane O | rosa_vane-o@firm.example',
    ]);
  });

  it('takes a telephone number with its country for an address, where the line says whose it is', () => {
    expect(of('Pip Farr, +44 7700 900123\nTam Reed\t0044 7700-900124')).toEqual([
      'Pip Farr | +44 7700 900123',
      'Tam Reed | 0044 7700-900124',
    ]);
    expect(readPeople('+44 7700 900123\nPip Farr 07700 900123').unread.map(({ line }) => line)).toEqual([1, 2]);
  });

  it('says which lines hold nobody', () => {
    expect(readPeople('Name, Address\nida@firm.example\n  \nIda Ostrander').unread).toEqual([
      { line: 1, text: 'Name, Address' },
      { line: 4, text: 'Ida Ostrander' },
    ]);
  });
});
