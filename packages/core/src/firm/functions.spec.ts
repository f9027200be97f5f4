import { FIRM_FUNCTIONS, inOrderOfFunctions } from './functions';

describe('functions of a firm', () => {
  it('are told each once, in one order', () => {
    expect(inOrderOfFunctions(['grid', 'review', 'grid'])).toEqual(['review', 'grid']);
    expect(inOrderOfFunctions(FIRM_FUNCTIONS)).toEqual([...FIRM_FUNCTIONS]);
  });
});
