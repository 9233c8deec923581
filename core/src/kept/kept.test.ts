import { kept } from './index';

describe('what is kept', () => {
  it('is worked out once for the same inputs, anew for others, and never taken for another first argument', () => {
    let worked = 0;
    const sum = kept((a: { n: number }, b: number) => (worked++, a.n + b));
    const [one, two] = [{ n: 1 }, { n: 2 }];
    expect([sum(one, 1), sum(one, 1), sum(two, 1), sum(one, 2), sum(one, 1)]).toEqual([2, 2, 3, 3, 2]);
    // Only the last answer is kept, so the fifth call works again.
    expect(worked).toBe(4);
  });
  it('follows a key of its own, whose length counts', () => {
    let worked = 0;
    const size = kept(
      (_: object, more: readonly object[]) => (worked++, more.length),
      (_, more) => more,
    );
    const [list, a, b] = [{}, {}, {}];
    expect([size(list, [a]), size(list, [a]), size(list, [a, b]), size(list, [b, a])]).toEqual([1, 1, 2, 2]);
    expect(worked).toBe(3);
  });
  it('keeps an answer of nothing', () => {
    let worked = 0;
    const none = kept((_: object): null => (worked++, null));
    const key = {};
    none(key);
    none(key);
    expect(worked).toBe(1);
  });
});
