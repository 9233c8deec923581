import { transformSync } from '@babel/core';
import { readdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { resolveFront, straight } from '../app/fronts';

const ROOT = resolve(__dirname, '..');
const HERE = join(ROOT, 'app/src/stations/bench/BenchStation.tsx');

/** The file that an import is resolved to; what is not ours goes on to the bundler. */
const resolved = (named: string, from = HERE): string => {
  const context = {
    originModulePath: from,
    resolveRequest: (_: unknown, other: string) => ({
      type: 'sourceFile',
      filePath: `the bundler: ${other}`,
    }),
  };
  return resolveFront(context, named, 'web').filePath;
};

/** What becomes of a module's text. */
const built = (text: string, filename = HERE): string[] =>
  transformSync(text, {
    filename,
    plugins: [straight],
    parserOpts: { plugins: ['typescript', 'jsx'] },
    babelrc: false,
    configFile: false,
  })!.code!.split('\n');

describe('imports of a front in the production build', () => {
  const fronts = readdirSync(join(ROOT, 'core/src'), { withFileTypes: true })
    .filter(
      (entry) => entry.isDirectory() && readdirSync(join(ROOT, 'core/src', entry.name)).includes('index.ts'),
    )
    .map((entry) => entry.name);

  it.each(fronts)('lead to the module that makes each thing of core/%s', (front) => {
    const given = jest.requireActual<Record<string, unknown>>(join(ROOT, 'core/src', front, 'index.ts'));
    for (const [name, value] of Object.entries(given)) {
      const maker = resolved(`@hoppla/core/${front}#${name}`);
      const made = jest.requireActual<Record<string, unknown>>(maker);
      expect({ name, maker, same: made[name] === value }).toEqual({ name, maker, same: true });
    }
  });

  it('go past the front in nearly all cases', () => {
    const names = Object.keys(jest.requireActual<object>(join(ROOT, 'core/src/model/index.ts')));
    const past = names.filter((name) => !resolved(`@hoppla/core/model#${name}`).endsWith('/index.ts'));
    expect(past.length).toBeGreaterThan(0.9 * names.length);
  });

  it('are parted by who makes what, in the order in which they were written', () => {
    expect(built(`import { relax, relaxes, sizeOf } from '@hoppla/core/form';`)).toEqual([
      'import { relax, relaxes } from "@hoppla/core/form#relax,relaxes";',
      'import { sizeOf } from "@hoppla/core/form#sizeOf";',
    ]);
  });

  it('keep their own names, types, and what stands in the front itself', () => {
    expect(built(`import { relax as settle, FORM_VERSION, type Looks } from '@hoppla/core/form';`)).toEqual([
      'import { relax as settle } from "@hoppla/core/form#relax";',
      `import { FORM_VERSION, type Looks } from "@hoppla/core/form";`,
    ]);
  });

  it.each([
    `import type { Looks } from '@hoppla/core/form';`,
    `import * as form from '@hoppla/core/form';`,
    `import '@hoppla/core/form';`,
    `import { lazy } from 'react';`,
    `import { layRows } from './rows';`,
  ])('are left as they are where there is nothing to part: %s', (line) => {
    expect(built(line)).toEqual([line]);
  });

  it('are left alone in packages', () => {
    const line = `import { relax } from '@hoppla/core/form';`;
    expect(built(line, join(ROOT, 'node_modules/x/index.js'))).toEqual([line]);
  });

  it('come from the front again where what was built together stands apart now', () => {
    expect(resolved('@hoppla/core/form#relax,sizeOf')).toBe(join(ROOT, 'core/src/form/index.ts'));
    expect(resolved('@hoppla/core/form#gone')).toBe(join(ROOT, 'core/src/form/index.ts'));
  });

  it('that are none go on to the bundler', () => {
    expect(resolved('react')).toBe('the bundler: react');
    expect(resolved('./rows')).toBe('the bundler: ./rows');
  });
});
