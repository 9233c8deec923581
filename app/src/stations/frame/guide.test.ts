import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { modelToy, rill } from '@hoppla/core/model';
import { addParts, newToy } from '@hoppla/core/toy';
import { newId } from '../../documents';
import { nextOf } from './Guide';
import { piecesOf } from './NotationSheet';

test('the next step follows a success and nothing else', () => {
  const otter = modelToy(rill(newId));
  const empty = modelToy(newToy('T', newId));
  const ear = modelToy(addParts(newToy('T', newId), 'Ear\nR1: 6 sc in ring (6)', newId));
  const wrong = modelToy(addParts(newToy('T', newId), 'Ear\nR1: 6 sc in ring (7)', newId));
  expect(nextOf('parts', empty, [])).toBeNull();
  expect(nextOf('parts', wrong, [])).toBeNull();
  expect(nextOf('parts', ear, [])).toBe('face');
  expect(nextOf('parts', otter, [])).toBeNull();
  expect([nextOf('face', ear, []), nextOf('face', otter, []), nextOf('joins', otter, [])]).toEqual([
    null,
    null,
    'plan',
  ]);
  expect(nextOf('plan', otter, [])).toBe('make');
  expect(nextOf('plan', otter, [{ what: 'another', at: null }])).toBeNull();
  expect(nextOf('safety', otter, [])).toBeNull();
});

test('the help is the written one: every table with every row, no signs of its own', () => {
  const text = readFileSync(resolve(__dirname, '../../../../docs/notation.md'), 'utf8');
  const pieces = piecesOf(text);
  const rows = pieces.flatMap((p) => (p.is === 'table' ? p.rows : []));
  const lines = text.split('\n').filter((l) => l.startsWith('|') && !/^\|[\s|:-]+\|$/.test(l));
  const tables = pieces.filter((p) => p.is === 'table');
  expect(rows.length + tables.length).toBe(lines.length);
  expect(tables.length).toBe(4);
  const words = pieces.flatMap((p) => (p.is === 'table' ? [] : [p.words])).join('\n');
  expect(words).not.toMatch(/<!--|grammar\.test|^#/m);
  expect(pieces[0]).toEqual({ is: 'heading', words: 'Writing rounds for Hoppla' });
});
