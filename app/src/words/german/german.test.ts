import { compared } from '@hoppla/core/words/cases';
import { screenWords } from '../index';
import { germanOfScreens } from './index';

const found = compared(screenWords, germanOfScreens);

describe('German of the screens', () => {
  it('says every sentence', () => expect(found.missing).toEqual([]));

  it('tells of each the same things, whatever is handed to it', () => expect(found.unlike).toEqual([]));

  it('only names, units and what is typed is the same in both languages', () =>
    expect([...new Set(found.same)].sort()).toEqual([
      '6 around',
      'Alt 0',
      'Ear (2x, rust, 3.0 mm hook)\nR1: 6 sc in ring (6)\nR2: inc x6 (12)',
      'Hand',
      'Hoppla',
      'Link',
      'Plan',
      'Polyester',
      'UK: dc, htr, tr',
      'US: sc, hdc, dc',
      'between R10 and R11, 9 stitches apart',
      'straight above the arm, 2 rounds free',
    ]));
});
