import { LANGUAGES, speak, type Language } from './language';
import { decimals } from './number';

describe('a number that is read', () => {
  it.each(Object.keys(LANGUAGES) as Language[])('has the decimal sign that %s has in Intl', (to) => {
    const values = [0, 0.25, -7.5, 1234.5];
    const back = speak(to, []);
    const read = values.map((value) => decimals(value, 2));
    back();
    const inIntl = new Intl.NumberFormat(to, { minimumFractionDigits: 2, useGrouping: false });
    expect(read).toEqual(values.map((value) => inIntl.format(value)));
  });
});
