// Parts what the first page needs from what only the stations need. Metro puts every module that two chunks share into one script that
// the page begins with; of it, the empty Bench needs less than half. The rest goes into a script of its own, which comes with the first chunk that needs it.
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { basename, join } from 'node:path';

const SCRIPTS = '_expo/static/js/web';
/** A chunk that needs no more than this of the rest has it twice, instead of waiting for all of it; letters. */
const TWICE_AT_MOST = 100_000;
/** What the router asks for when the first page begins, as it names them: every layout, and the Bench. */
const FIRST_ROUTES = ['./_layout.tsx', './toy/[id]/_layout.tsx', './index.tsx'];

/** One line of a bundle: `__d(factory,id,dependencies);` and what follows it. */
const MODULE = /^__d\((.*),(\d+),(\[[\d,]*\]|\{"[^\n]*\})\);([^]*)$/s;

/** A module of a bundle: what it needs at once (`sync`) and what it loads later (`later`), by id. */
function moduleOf(text) {
  const [, code, id, list, after] = MODULE.exec(text) ?? [];
  if (code === undefined) throw new Error(`no module of a bundle: ${text.slice(0, 120)}`);
  const { paths = {}, ...byPlace } = JSON.parse(list);
  const needs = Object.values(byPlace).map(String);
  // The seventh of a factory's arguments holds its dependencies.
  const own = /^\w+\(([^)]*)\)/.exec(code)?.[1].split(',')[6];
  const isAsked = (place, how) => code.includes(`(${own}[${place}]${how}`);
  const isLater = needs.map((_, place) => isAsked(place, `,${own}.paths`) && !isAsked(place, ')'));
  return {
    ...{ id, code, needs, paths, after },
    sync: needs.filter((_, place) => !isLater[place]),
    later: needs.filter((_, place) => isLater[place]),
  };
}

/** The module as a line again; its places are an object where it loads something later, as Metro writes it. */
function written({ code, id, needs, paths, after }) {
  const places =
    Object.keys(paths).length === 0
      ? `[${needs.join()}]`
      : JSON.stringify({ ...Object.fromEntries(needs.map((need, place) => [place, Number(need)])), paths });
  return `__d(${code},${id},${places});${after}`;
}

/** The bundles that share one room of modules, by file name; a worker has a room of its own and is left alone. */
function bundlesOf(folder) {
  const bundles = new Map();
  for (const name of readdirSync(folder).filter((file) => file.endsWith('.js'))) {
    const text = readFileSync(join(folder, name), 'utf8');
    if (text.startsWith('__d(')) bundles.set(name, text.split(/^(?=__d\()/m).map(moduleOf));
  }
  return bundles;
}

/**
 * Says that most of what stands in a script is called when it loads. A browser that knows it ("explicit compile hints",
 * developer.chrome.com) then reads each function once, beside the page's own thread, instead of roughly at first and again when it is called.
 * To all others it is a comment.
 */
const ALL_CALLED = '//# allFunctionsCalledOnLoad\n';

/** Everything that these modules need at once, and what that needs. */
function withNeeds(ids, byId) {
  const found = new Set();
  const waiting = [...ids];
  while (waiting.length > 0) {
    const id = waiting.pop();
    if (found.has(id) || !byId.has(id)) continue;
    found.add(id);
    waiting.push(...byId.get(id).sync);
  }
  return found;
}

/** The modules that run at once. */
const runAtOnce = (modules) =>
  modules.flatMap(({ after }) => [...after.matchAll(/__r\((\d+)\)/g)].map((run) => run[1]));

/** The modules of the first page's routes. */
function firstRoutes(modules) {
  const router = modules.find(({ code }) => FIRST_ROUTES.every((route) => code.includes(`"${route}"`)));
  return FIRST_ROUTES.map((route) => {
    const asked = router?.code.slice(router.code.indexOf(`"${route}"`)) ?? '';
    const [, place] = /\(\w+\[(\d+)\],\w+\.paths/.exec(asked) ?? [];
    if (place === undefined) throw new Error(`the route ${route} is in no bundle`);
    return router.needs[place];
  });
}

/** Says where each thing lies that is loaded later: in its chunk, in the rest, or in both. A chunk that needs little of the rest gets that. */
function pointToRest(bundles, byId, rest, restPath) {
  const modules = [...byId.values()];
  const isRest = new Set(rest);
  for (const id of new Set(modules.flatMap((module) => module.later))) {
    const askers = modules.filter((module) => module.later.includes(id));
    const path = askers.map((module) => module.paths[id]).find(Boolean);
    const chunk = path && bundles.get(basename(path));
    const needed = [...withNeeds([id], byId)].map((one) => byId.get(one)).filter((one) => isRest.has(one));
    const size = needed.reduce((sum, { code }) => sum + code.length, 0);
    // A worker has all that it needs.
    if (size === 0 || (path && !chunk)) continue;
    if (chunk && size <= TWICE_AT_MOST) chunk.push(...needed.filter((one) => !chunk.includes(one)));
    else for (const { paths } of askers) paths[id] = [restPath, path].filter(Boolean).join();
  }
}

/**
 * Writes the bundles; those that have a module of the first page say that it is called. One that has changed, or names one that
 * has, gets another name, as browsers keep them by it. Answers what names a text then names.
 */
function write(folder, page, bundles, first) {
  const texts = [...bundles].map(([name, modules]) => [
    name,
    (modules.some(({ id }) => first.has(id)) ? ALL_CALLED : '') + modules.map(written).join(''),
  ]);
  const build = createHash('sha256').update(JSON.stringify(texts)).digest('hex').slice(0, 8);
  const isNew = ([name, text]) => {
    const file = join(folder, name);
    return !existsSync(file) || readFileSync(file, 'utf8') !== text;
  };
  const changed = new Set(texts.filter(isNew).map(([name]) => name));
  // A set is gone through to its end, with what is added on the way.
  for (const was of changed)
    for (const [name, text] of texts) if (text.includes(`/${was}`)) changed.add(name);
  const names = new Map([...changed].map((was) => [was, was.replace(/-\w{8}(?=\w*\.js$)/, `-${build}`)]));
  const named = (text) => [...names].reduce((so, [was, is]) => so.replaceAll(was, is), text);
  for (const was of changed) rmSync(join(folder, was), { force: true });
  for (const [name, text] of texts) writeFileSync(join(folder, named(name)), named(text));
  writeFileSync(page, named(readFileSync(page, 'utf8')));
  return named;
}

/**
 * Parts a build in place. A chunk that needs the rest is loaded by two paths in one, parted by a comma: `app/start.ts` loads both.
 * Answers the paths of the chunks that every page asks for as soon as it begins.
 * @throws where a bundle is not as Metro writes them
 */
export function partFirstPage(dist) {
  const folder = join(dist, SCRIPTS);
  const page = join(dist, 'index.html');
  const bundles = bundlesOf(folder);
  const common = [...bundles.keys()].find((name) => name.startsWith('__common-'));
  if (!common) throw new Error('there is no script that the chunks share');
  const modules = [...bundles.values()].flat();
  const byId = new Map(modules.map((module) => [module.id, module]));
  const routes = firstRoutes(modules);
  const first = withNeeds([...runAtOnce(modules), ...routes], byId);
  const shared = bundles.get(common);
  const rest = shared.filter(({ id }) => !first.has(id));
  const stations = common.replace('__common', '__stations');
  bundles
    .set(
      common,
      shared.filter(({ id }) => first.has(id)),
    )
    .set(stations, rest);
  pointToRest(bundles, byId, rest, `/${SCRIPTS}/${stations}`);
  const named = write(folder, page, bundles, first);
  return routes.slice(0, -1).map((id) => named(modules.find(({ paths }) => paths[id]).paths[id]));
}
