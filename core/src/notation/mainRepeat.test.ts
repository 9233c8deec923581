import { mainRepeat, read } from './index';

const items = (line: string, terms: 'us' | 'uk') => read(line, { terms }).parts[0].rounds[0].items;

describe('the main repeat of a round', () => {
  it('is told in the terms of the maker: (2 dc, inc) x6 of a UK text stays so', () => {
    expect(mainRepeat(items('R4: (2 dc, inc) x6', 'uk'), 'uk')).toEqual({ words: '2 dc, inc', times: 6 });
    expect(mainRepeat(items('R4: (2 dc, inc) x6', 'uk'), 'us')).toEqual({ words: '2 sc, inc', times: 6 });
    expect(mainRepeat(items('R4: (2 sc, inc) x6', 'us'), 'us')).toEqual({ words: '2 sc, inc', times: 6 });
  });
  it('is none where the round is more than one group, is worked once, or goes all the way round', () => {
    expect(mainRepeat(items('R4: sc, (2 sc, inc) x5', 'us'), 'us')).toBeNull();
    expect(mainRepeat(items('R4: (2 sc, inc) x1', 'us'), 'us')).toBeNull();
    expect(mainRepeat(items('R4: sc around', 'us'), 'us')).toBeNull();
  });
});
