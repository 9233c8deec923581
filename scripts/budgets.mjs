// What the house owes itself: how much of it is still too long or too crowded. The committed numbers may only fall.
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const root = resolve(fileURLToPath(import.meta.url), '../..');
const ROOMS = ['core', 'app', 'cli', 'server', 'e2e', 'scripts'];
const SKIPPED = new Set(['node_modules', 'dist', '.expo', 'test-results']);
/** Longest file and longest function, in lines as Prettier lays them out. */
export const LONGEST = { file: 300, function: 50 };

function sources(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    if (SKIPPED.has(entry.name)) return [];
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sources(path);
    return /\.(ts|tsx|mjs)$/.test(entry.name) ? [path] : [];
  });
}

const isTest = (path) => /\.(test|spec)\.tsx?$/.test(path);

/** A chapter of tests (`describe`, `it`, `test` and what they are called with) is no function that somebody calls. */
function isChapter(node) {
  const call = node.parent;
  return (
    ts.isCallExpression(call) && /^(describe|it|test|base)\b/.test(call.expression.getText().slice(0, 40))
  );
}

function nameOf(node) {
  if (node.name) return node.name.getText();
  if (ts.isConstructorDeclaration(node)) return 'constructor';
  return ts.isVariableDeclaration(node.parent) ? node.parent.name.getText() : 'a function';
}

/** Everything over the budgets, by place. */
export function overBudget() {
  const found = { files: [], functions: [], nestedTernaries: [] };
  for (const path of ROOMS.flatMap((room) => sources(join(root, room)))) {
    const text = readFileSync(path, 'utf8');
    const where = relative(root, path);
    const lines = text.trimEnd().split('\n').length;
    if (lines > LONGEST.file) found.files.push(`${where} ${lines}`);
    const file = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
    const lineOf = (at) => file.getLineAndCharacterOfPosition(at).line + 1;
    const visit = (node) => {
      if (ts.isFunctionLike(node) && node.body && !isChapter(node)) {
        const length = lineOf(node.end) - lineOf(node.getStart()) + 1;
        if (length > LONGEST.function) found.functions.push(`${where} ${nameOf(node)} ${length}`);
      }
      if (ts.isConditionalExpression(node) && !isTest(path)) {
        const inside = (part) =>
          ts.isConditionalExpression(ts.isParenthesizedExpression(part) ? part.expression : part);
        if (inside(node.whenTrue) || inside(node.whenFalse) || inside(node.condition))
          found.nestedTernaries.push(`${where}:${lineOf(node.getStart())}`);
      }
      node.forEachChild(visit);
    };
    visit(file);
  }
  return found;
}

/** Share of non-blank lines that are tests, in percent of all. */
export function testShare() {
  let [tests, all] = [0, 0];
  for (const path of ROOMS.flatMap((room) => sources(join(root, room)))) {
    const lines = readFileSync(path, 'utf8')
      .split('\n')
      .filter((line) => line.trim() !== '').length;
    all += lines;
    if (isTest(path) || path.includes('/cases/') || path.includes('/e2e/')) tests += lines;
  }
  return (100 * tests) / all;
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const over = overBudget();
  for (const [what, list] of Object.entries(over))
    console.log(`${what}: ${list.length}\n  ${list.join('\n  ')}`);
  console.log(`tests: ${testShare().toFixed(1)} % of non-blank lines`);
}
