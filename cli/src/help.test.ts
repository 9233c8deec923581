import { run } from './main';

it('tells how it is called: every command, every format, one command by itself, a script for the shell', () => {
  const all = run(['--help'], () => '');
  expect([all.code, all.err]).toEqual([0, '']);
  const commands = [...all.out.matchAll(/^ {2}([a-z]+) /gm)].map((m) => m[1]);
  expect(commands).toEqual(expect.arrayContaining(['read', 'toy', 'where', 'export', 'completion']));
  for (const command of commands.filter((c) => c !== 'completion')) {
    const one = run([command, '--help'], () => '');
    expect([one.code, one.out.startsWith(`hoppla ${command}`)]).toEqual([0, true]);
    // What is told is there: without a file it asks for one, and does not say that there is no such command.
    expect(run([command], () => '').err).not.toMatch(/There is no command/);
  }
  expect(run(['export', '--help'], () => '').out).toMatch(/^\s+gltf\s+\S/m);
  const script = run(['completion'], () => '').out;
  for (const word of [...commands, '--from-ridge', 'gltf']) expect(script).toContain(word);
  expect(run(['knit'], () => '')).toMatchObject({ code: 2, out: '' });
  expect(run(['knit'], () => '').err).toMatch(/^There is no command knit\./);
  expect(run([], () => '').err).toMatch(/^usage/);
});
