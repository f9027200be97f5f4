import fc from 'fast-check';
import { parentsOf, readOutline } from './outline';

/** The list as it was read: two blanks a level, hours after it. */
const shown = (text: string) =>
  readOutline(text).map(
    ({ depth, name, estimate }) => `${'  '.repeat(depth)}${name}${estimate === null ? '' : ` ${estimate / 3600}`}`,
  );

describe('an indented list', () => {
  it('is read by how far in its lines begin, whatever they begin with', () => {
    const tree = ['Repair', '  Glazing', '    Upper tier', '    Lower tier', '  Rail', 'Survey'];
    for (const unit of ['  ', '   ', '\t', '        ', '\u00a0\u00a0'])
      expect(shown(tree.map((line) => line.replace(/^ +/, (blanks) => unit.repeat(blanks.length / 2))).join('\r\n'))).toEqual(
        tree,
      );
    // Blanks and tabs beside each other, as an editor leaves them: a tab leads to the next fourth place.
    expect(shown('Repair\n    Glazing\n\tRail\n  \tTower')).toEqual(['Repair', '  Glazing', '  Rail', '  Tower']);
    expect(shown('  Repair\n    Glazing\nSurvey')).toEqual(['Repair', '  Glazing', 'Survey']);
    // What begins less far in than the line before, and further in than the one before that, lies below that.
    expect(shown('Repair\n      Glazing\n   Rail\n      Post')).toEqual(['Repair', '  Glazing', '  Rail', '    Post']);
  });

  it('has marks, empty lines and too many blanks that count for nothing', () => {
    expect(shown('- Repair\n\n  * Glazing   bars\n  • Rail\n1. Survey\n   1.2) Tower\n   – Roof\n-  \n    Ridge\n')).toEqual([
      ...['Repair', '  Glazing bars', '  Rail', 'Survey', '  Tower', '  Roof', '    Ridge'],
    ]);
    expect(shown('12 Mill Lane\n3.5 tonne crane')).toEqual(['12 Mill Lane', '3.5 tonne crane']);
    expect(shown(' \n\t\n')).toEqual([]);
  });

  it('may say how long things take', () => {
    expect(shown('Glazing 40:00\n  Upper tier 12.5 h\n  Lower\t8:30\n  Phase 2\n  Rail\tnorth\t6\n  7:30')).toEqual([
      ...['Glazing 40', '  Upper tier 12.5', '  Lower 8.5', '  Phase 2', '  Rail north 6', '  7:30'],
    ]);
  });

  it('knows its lines again, and what each lies below', () => {
    expect(readOutline('\nA\n\n B').map(({ line }) => line)).toEqual([2, 4]);
    const depths = fc.array(fc.nat({ max: 4 }), { maxLength: 40 }).map((all) =>
      // No line lies deeper than one below the line before it.
      all.reduce<number[]>((done, depth) => [...done, Math.min(depth, (done.at(-1) ?? -1) + 1)], []),
    );
    fc.assert(
      fc.property(depths, fc.constantFrom('\t', ' ', '   '), (all, unit) => {
        const lines = readOutline(all.map((depth, index) => `${unit.repeat(depth)}T${index}`).join('\n'));
        expect(lines.map(({ depth }) => depth)).toEqual(all);
        // A plain model: the nearest line above that is one less deep.
        const model = all.map((depth, index) => {
          const above = all.slice(0, index).lastIndexOf(depth - 1);
          return depth === 0 ? null : above;
        });
        expect(parentsOf(lines)).toEqual(model);
      }),
    );
  });
});
