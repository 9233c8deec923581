import { factsIn } from './facts';
import type { Fact } from './syntax';

const kinds = (sentence: string): string[] => factsIn(sentence).map((f) => f.fact);
const of = <K extends Fact['fact']>(sentence: string, fact: K) =>
  factsIn(sentence).find((f): f is Extract<Fact, { fact: K }> => f.fact === fact);

describe('endings, in any sentence', () => {
  it.each<[sentence: string, how: string, count: number | null]>([
    ['close', 'gathered', null],
    ['close the hole', 'gathered', null],
    ['fasten off and close the hole', 'gathered', null],
    ['fasten off, close, leave 15 cm', 'gathered', null],
    ['gather the last 6 stitches', 'gathered', 6],
    [
      'pick up the front loops of the last 6 stitches with your needle, pull, and the hole is gone',
      'gathered',
      6,
    ],
    ['weave the tail through the last 7 stitches and pull tight', 'gathered', 7],
    ['weave end through rem 6 sc, draw up tightly and secure', 'gathered', 6],
    ['thread it through rem 6 sts, pull up tightly and secure', 'gathered', 6],
    ['fo, needle through 8 front loops, pull shut', 'gathered', 8],
    ['run it through the last 6 stitches, draw up, and hide the end in the tail', 'gathered', 6],
    [
      'take the needle, go through each of the five stitches and pull, like the string of a gym bag',
      'gathered',
      5,
    ],
    ['sew the little hole together with the end', 'sewn together', null],
    ['fasten off, sew the hole closed', 'sewn together', null],
    ['cut yarn and sew up the hole', 'sewn together', null],
    ['flatten and sew the opening shut', 'sewn shut', null],
  ])('“%s” is %s', (sentence, how, count) => {
    expect(of(sentence, 'shut')).toEqual({ fact: 'shut', how, count });
  });

  it.each([
    'close with a slip stitch, leave a tail for sewing',
    'close the round with a sl st',
    'pull it shut tightly, chenille does not forgive',
    'pull tight',
    'draw the ring shut',
    'if there is a hole between the legs, close it with a stitch from the inside',
    'if round 18 is too fiddly, gather the 9 stitches instead',
    'leave the top open',
    'do not close',
  ])('“%s” closes no part', (sentence) => expect(kinds(sentence)).not.toContain('shut'));

  it.each<[string, string[]]>([
    ['leave the top open', ['open', 'ring']],
    ['fasten off, leave open', ['off', 'open']],
    ['cut', ['off']],
    ['break the yarn', ['off']],
    ['first leg: do not fasten off', []],
    ['break off b and join in yarn c for the tummy', ['colour']],
  ])('“%s” decides %j', (sentence, facts) => expect(kinds(sentence)).toEqual(facts));
});

describe('the end of yarn that is left', () => {
  it.each<[string, number | null]>([
    ['cut the yarn and leave about 30 cm', 300],
    ['fasten off, leaving 12-inch end for sewing', 304.8],
    ['fasten off, leaving a 20cm tail', 200],
    ['keep a tail of 50 cm, that is the one you sew with', 500],
    ['fasten off and leave a 5" tail', 127],
    ['leave 25 cm for sewing', 250],
    ['fo, tail 25 cm', 250],
    ['fasten off, 30 cm', 300],
    ['leave a 7½ inch tail', 190.5],
    // what is no end of yarn
    ['with a long strand of 60 cm embroider a swirl', null],
    ['leaving a 35 cm tail at the start', null],
    ['insert the 9 mm eyes', null],
    ['change to a 3.5 mm hook', null],
    ['trim to 4 cm', null],
    ['fasten off', null],
  ])('“%s”: %s mm', (sentence, mm) => expect(of(sentence, 'tail')?.tailMm ?? null).toBe(mm));
});

describe('the filling', () => {
  it.each<[string, string | null]>([
    ['stuff', null],
    ['stuff firmly', 'firm'],
    ['stuff lightly', 'soft'],
    ['fill, medium, keep it flat like a bun', 'medium'],
    ['fill the body, not too hard, medium is fine', 'medium'],
    ['stuff the head firmly, but leave the neck soft', 'firm'],
    ['be brave and stuff it firmly, it should feel like a ripe tomato', 'firm'],
    ['keep stuffing as you go, but a little softer towards the tail', null],
    ['put in a pinch of stuffing with the end of the hook', null],
    ['top up the filling now, this is the last chance', null],
    ['stuff the paw only', null],
    ['stuff again, and now make the neck: do not put much in here', null],
  ])('“%s” goes in now: %s', (sentence, firmness) =>
    expect(of(sentence, 'stuff')).toMatchObject({ firmness }),
  );
  it.each([
    'do not stuff',
    "don't stuff",
    'no stuffing',
    'do not stuff the can, it has to hold a flower',
    'you do not need to stuff the wings',
    'leave unstuffed',
    'leave the arm empty',
  ])('“%s” keeps the part empty', (sentence) => expect(kinds(sentence)).toEqual(['unstuffed']));
  it.each([
    'do not stuff the last rounds',
    'do not stuff too firmly',
    'stuff a little while sewing on',
    'a bag of stuffing',
  ])('“%s” says neither', (sentence) => expect(kinds(sentence)).toEqual([]));
  it('says how far it goes', () =>
    expect(of('stuff tower firmly to rnd 24', 'stuff')).toEqual({
      fact: 'stuff',
      firmness: 'firm',
      toRound: 24,
    }));
});

describe('where it begins, which colour, how many, when work rests', () => {
  it.each<[string, string | null]>([
    ['she starts at the nose and is worked back to the tip of the tail', 'nose'],
    ['start at the bottom with red', 'sole'],
    ['in a, from the top of the head down to the tail', 'crown'],
    ['worked from the top of the head down, in a spiral', 'crown'],
    ['start in teal, at the mouth', 'mouth'],
    ['nose first, then head, body and tail without a break', 'nose'],
    ['leave the top open', 'sole'],
    ['start with the paw', null],
    ['join yarn in the back loops of round 16', null],
    ['start stuffing the body', null],
  ])('“%s”: %s', (sentence, ring) => expect(of(sentence, 'ring')?.ringIs ?? null).toBe(ring));
  it.each<[string, string | null]>([
    ['change to navy', 'navy'],
    ['in moss green', 'moss green'],
    ['with black', 'black'],
    ['black', 'black'],
    ['join in yarn b for the face', 'b'],
    ['last loop of r2 in brown, and go on in brown', 'brown'],
    ['in one piece', null],
    ['with the needle', null],
    ['in the next round', null],
  ])('“%s” changes to %s', (sentence, colour) => expect(of(sentence, 'colour')?.colour ?? null).toBe(colour));
  it.each<[string, number | null]>([
    ['make 2', 2],
    ['you need two of them, so do this twice', 2],
    ['again two of them', 2],
    ['make a magic ring', null],
  ])('“%s”: %s of them', (sentence, make) => expect(of(sentence, 'make')?.make ?? null).toBe(make));
  it('rests within a round where the text says so', () =>
    expect(
      factsIn(
        'stop after the first 15 stitches of this round, while your fingers still fit, and fill the belly',
      ),
    ).toEqual([
      { fact: 'stop', stitch: 15 },
      { fact: 'stuff', firmness: null, toRound: null },
    ]));
});
