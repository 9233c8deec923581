import { spokenPlace } from './index';

it('an address is said in words, whatever stands around it', () => {
  expect([
    spokenPlace('R8·9'),
    spokenPlace('R13·14', '18·19'),
    spokenPlace('R13', '18'),
    spokenPlace('R9–13'),
    spokenPlace('up R12·13'),
    spokenPlace('R10·11', '15·16 and 24·25'),
  ]).toEqual([
    'between rounds 8 and 9',
    'between rounds 13 and 14, between stitches 18 and 19',
    'round 13, stitch 18',
    'rounds 9 to 13',
    'up between rounds 12 and 13',
    'between rounds 10 and 11, between stitches 15 and 16 and between stitches 24 and 25',
  ]);
});
