// Plays the courses of an edition in headless Chromium against a stand-in for a learning platform: SCORM 1.2 with scorm-again's run-time,
// cmi5 with a small record store that is strict about what it takes.   node course_test.mjs SCORM_FOLDER CMI5_FOLDER
import assert from 'node:assert/strict';
import { createReadStream, existsSync, readFileSync, statSync } from 'node:fs';
import { createServer } from 'node:http';
import { extname, join, resolve } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { chromium } from 'playwright-core';
import { answer_check } from './answering.mjs';

const folders = { scorm: resolve(process.argv[2]), cmi5: resolve(process.argv[3]) };
const types = { '.html': 'text/html', '.js': 'text/javascript', '.css': 'text/css', '.png': 'image/png', '.mp4': 'video/mp4', '.otf': 'font/otf', '.json': 'application/json', '.xml': 'text/xml' };
const runtime = fileURLToPath(new URL('node_modules/scorm-again/dist/scorm12.min.js', import.meta.url));

// -- the platform
const TOKEN = Buffer.from('learner:secret').toString('base64');
const store = { statements: [], tokens: 0, refused: [], launch: {} };
const actor = { objectType: 'Agent', account: { homePage: 'http://platform.test', name: 'learner 07' } };
const registration = '11111111-2222-4333-8444-555555555555';
const cmi5 = 'https://w3id.org/xapi/cmi5/context/categories/cmi5';
const moveon = 'https://w3id.org/xapi/cmi5/context/categories/moveon';

function record_store(request, response, url, body) {
  const refuse = (status, why) => { store.refused.push(why); response.writeHead(status); response.end(why); };
  const json = value => { response.writeHead(200, { 'Content-Type': 'application/json' }); response.end(JSON.stringify(value)); };
  if (url.pathname === '/fetch') return request.method !== 'POST' ? refuse(405, 'fetch is posted to') : ++store.tokens > 1 ? json({ 'error-code': '1', 'error-text': 'the token was fetched before' }) : json({ 'auth-token': TOKEN });
  if (request.headers.authorization !== `Basic ${TOKEN}`) return refuse(401, 'no token');
  if (!/^1\.0\.\d$/.test(request.headers['x-experience-api-version'] ?? '')) return refuse(400, 'no version');
  if (url.pathname === '/lrs/activities/state') {
    if (url.searchParams.get('stateId') !== 'LMS.LaunchData' || url.searchParams.get('registration') !== registration) return refuse(400, 'another state');
    return json(store.launch);
  }
  if (url.pathname === '/lrs/agents/profile') { response.writeHead(404); return response.end(); }
  if (url.pathname === '/lrs/statements' && request.method === 'POST') {
    const all = [JSON.parse(body)].flat();
    for (const s of all) {
      const verb = s.verb.id.split('/').at(-1);
      const before = store.statements.map(x => x.verb.id.split('/').at(-1));
      if (!/^[0-9a-f-]{36}$/.test(s.id) || Number.isNaN(Date.parse(s.timestamp))) return refuse(400, 'no id or time');
      if (JSON.stringify(s.actor) !== JSON.stringify(actor) || s.context.registration !== registration || s.object.id !== 'urn:course:au') return refuse(400, 'another actor, registration or activity');
      const categories = s.context.contextActivities.category.map(c => c.id);
      if (!categories.includes(cmi5) || categories.includes(moveon) !== ['passed', 'failed', 'completed'].includes(verb)) return refuse(400, `categories of ${verb}`);
      if (before.length === 0 ? verb !== 'initialized' : before.includes('terminated') || (verb !== 'failed' && before.includes(verb))) return refuse(403, `${verb} after ${before}`);
      if (verb === 'passed' && s.result.score.scaled < store.launch.masteryScore) return refuse(403, 'passed below mastery');
      if (verb !== 'initialized' && !/^PT\d+S$/.test(s.result.duration)) return refuse(400, 'no duration');
    }
    store.statements.push(...all);
    return json(all.map(s => s.id));
  }
  return refuse(404, url.pathname);
}

const server = createServer((request, response) => {
  const url = new URL(request.url, 'http://platform.test');
  let body = '';
  request.on('data', part => { body += part; });
  request.on('end', () => {
    if (url.pathname === '/fetch' || url.pathname.startsWith('/lrs/')) return record_store(request, response, url, body);
    if (url.pathname === '/platform.html') {
      response.writeHead(200, { 'Content-Type': 'text/html' });
      return response.end(`<!doctype html><title>platform</title><script src="/runtime.js"></script><script>window.API = new Scorm12API({ autocommit: false });
API.cmi.core.student_id = 'learner 07'; API.cmi.core.student_name = 'learner 07'; window.told = []; window.wrote = {}; for (const name of ['session_time', 'exit']) API.on('LMSSetValue.cmi.core.' + name, (element, value) => { wrote[name] = value; }); for (const what of ['LMSInitialize', 'LMSCommit', 'LMSFinish']) API.on(what, () => told.push(what));</script>
<iframe src="/scorm/launch.html" style="width:100%;height:95vh"></iframe>`);
    }
    const [, course, ...rest] = url.pathname.split('/');
    const file = url.pathname === '/runtime.js' ? runtime : folders[course] ? join(folders[course], decodeURIComponent(rest.join('/'))) : '';
    if (!file || !existsSync(file) || !statSync(file).isFile()) { response.writeHead(404); return response.end(); }
    response.writeHead(200, { 'Content-Type': types[extname(file)] ?? 'application/octet-stream' });
    return createReadStream(file).pipe(response);
  });
});
await new Promise(done => server.listen(0, '127.0.0.1', done));
const base = `http://127.0.0.1:${server.address().port}`;

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
async function open(address) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const errors = [];
  page.on('console', m => { if (m.type() === 'error' && !m.text().includes('404')) errors.push(m.text()); });
  page.on('pageerror', e => errors.push(String(e)));
  await page.goto(address);
  return { page, context, errors };
}
const ready = async (frame, how) => { await frame.locator(`body[data-ready="${how}"]`).waitFor({ state: 'attached' }); };
const to_check = async launch => { await launch.getByRole('link', { name: 'What do you know?' }).click(); return launch.frameLocator('iframe'); };
const verbs = () => store.statements.map(s => s.verb.id.split('/').at(-1));
const until = async what => { for (let i = 0; i < 600 && !await what(); ++i) await new Promise(done => setTimeout(done, 50)); assert.ok(await what()); };

let failed = 0;
let passed = 0;
const run = async (name, body) => { try { await body(); passed += 1; console.log(`ok  ${name}`); } catch (e) { failed += 1; console.log(`not ok  ${name}\n${e.stack}`); } };

await run('SCORM 1.2: completion, score and time reach the platform', async () => {
  const { page, context, errors } = await open(`${base}/platform.html`);
  const launch = page.frameLocator('iframe');
  await ready(launch, 'platform');
  const cmi = () => page.evaluate(() => ({ status: API.cmi.core.lesson_status, raw: API.cmi.core.score.raw, max: API.cmi.core.score.max, time: wrote.session_time, exit: wrote.exit }));
  assert.equal((await cmi()).status, 'incomplete');
  assert.match(await launch.frameLocator('iframe').locator('main').innerText(), /Read first/i, 'the guide is shown first');
  const check = await to_check(launch);
  await check.locator('.begin').waitFor();
  assert.equal(await check.locator('input[name=learner]').inputValue(), 'learner 07', 'the platform knows who it is');
  const first = await answer_check(check, { wrong: 1 });
  await until(async () => (await cmi()).status === 'passed');
  const told = await cmi();
  assert.equal(Number(told.raw), Math.round(100 * (first.length - 1) / first.length));
  assert.equal(Number(told.max), 100);
  assert.match(told.time, /^\d{4}:\d{2}:\d{2}/);
  assert.equal(told.exit, '');
  assert.match(await launch.locator('.said').innerText(), /the learning platform has it/);
  // a later, worse try takes nothing back
  await check.getByRole('button', { name: 'Another check' }).click();
  await answer_check(check, { wrong: Math.ceil(first.length / 2) });
  await check.locator('.verdict').waitFor();
  assert.match(await check.locator('.verdict').innerText(), /Not passed yet/);
  assert.equal((await cmi()).status, 'passed');
  assert.equal(Number((await cmi()).raw), Math.round(100 * (first.length - 1) / first.length));
  await page.evaluate(() => { document.querySelector('iframe').src = 'about:blank'; });
  await until(() => page.evaluate(() => told.includes('LMSFinish')));
  assert.deepEqual(errors, []);
  await context.close();
});

await run('SCORM 1.2: the manifest names every file and a mastery score', async () => {
  const manifest = readFileSync(join(folders.scorm, 'imsmanifest.xml'), 'utf8');
  assert.match(manifest, /<schemaversion>1\.2<\/schemaversion>/);
  assert.match(manifest, /<adlcp:masteryscore>80<\/adlcp:masteryscore>/);
  const files = [...manifest.matchAll(/<file href="([^"]+)"\/>/g)].map(m => m[1].replaceAll('&amp;', '&'));
  assert.ok(files.includes('launch.html') && files.includes('pack/guide.html') && files.includes('pack/check.html'));
  assert.deepEqual(files.filter(f => !existsSync(join(folders.scorm, f))), []);
});

const au = more => `${base}/cmi5/launch.html?${new URLSearchParams({ endpoint: `${base}/lrs/`, fetch: `${base}/fetch`, actor: JSON.stringify(actor), registration, activityId: 'urn:course:au', ...more })}`;
const fresh = launch => { Object.assign(store, { statements: [], tokens: 0, refused: [], launch }); };

await run('cmi5: not passed, then passed, each once and in the order of the specification', async () => {
  fresh({ launchMode: 'Normal', masteryScore: 0.8, moveOn: 'Passed', contextTemplate: { contextActivities: { grouping: [{ id: 'urn:course' }] }, extensions: { 'https://w3id.org/xapi/cmi5/context/extensions/sessionid': 'session 1' } } });
  const { page, context, errors } = await open(au({}));
  await ready(page, 'platform');
  assert.deepEqual(verbs(), ['initialized']);
  const check = await to_check(page);
  await check.locator('.begin').waitFor();
  const count = (await answer_check(check, { wrong: 6 })).length;
  await until(() => verbs().includes('failed'));
  assert.equal(store.statements.at(-1).result.success, false);
  await check.getByRole('button', { name: 'Another check' }).click();
  await answer_check(check, { wrong: 0 });
  await until(() => verbs().includes('passed'));
  assert.deepEqual(verbs(), ['initialized', 'failed', 'completed', 'passed']);
  const last = store.statements.at(-1);
  assert.equal(last.result.score.scaled, 1);
  assert.equal(last.context.extensions['https://w3id.org/xapi/cmi5/context/extensions/masteryscore'], 0.8);
  assert.equal(last.context.extensions['https://w3id.org/xapi/cmi5/context/extensions/sessionid'], 'session 1', 'what the platform gave goes along');
  assert.equal(last.context.contextActivities.grouping[0].id, 'urn:course');
  assert.equal(store.statements[1].result.score.scaled, Math.round(10000 * (count - 6) / count) / 10000);
  await page.goto('about:blank');
  await until(() => verbs().at(-1) === 'terminated');
  assert.deepEqual(store.refused, []);
  assert.deepEqual(errors, []);
  await context.close();
});

await run('cmi5: a trainer who looks through it leaves no result', async () => {
  fresh({ launchMode: 'Browse', masteryScore: 0.8, contextTemplate: {} });
  const { page, context } = await open(au({}));
  await ready(page, 'platform');
  const check = await to_check(page);
  await check.locator('.begin').waitFor();
  await answer_check(check, { wrong: 0 });
  await check.locator('.verdict').waitFor();
  await page.goto('about:blank');
  await until(() => verbs().at(-1) === 'terminated');
  assert.deepEqual(verbs(), ['initialized', 'terminated']);
  await context.close();
});

await run('cmi5: a platform that gives no token is told of, and the guide can be read', async () => {
  fresh({ contextTemplate: {} });
  store.tokens = 1;
  const { page, context } = await open(au({}));
  await ready(page, 'alone');
  assert.match(await page.locator('.said').innerText(), /the token was fetched before/);
  assert.match(await page.frameLocator('iframe').locator('main').innerText(), /Read first/i);
  await context.close();
});

await run('cmi5: the structure names one unit that is passed', async () => {
  const structure = readFileSync(join(folders.cmi5, 'cmi5.xml'), 'utf8');
  assert.match(structure, /moveOn="Passed" masteryScore="0\.8"/);
  assert.match(structure, /<url>launch\.html<\/url>/);
  const ids = [...structure.matchAll(/ id="([^"]+)"/g)].map(m => m[1]);
  assert.equal(new Set(ids).size, 2);
  for (const id of ids) assert.match(id, /^urn:uuid:[0-9a-f]{8}-[0-9a-f]{4}-8[0-9a-f]{3}-a[0-9a-f]{3}-[0-9a-f]{12}$/);
});

for (const course of ['scorm', 'cmi5'])
  await run(`${course}: opens from a folder without a platform`, async () => {
    const { page, context, errors } = await open(pathToFileURL(join(folders[course], 'launch.html')).href);
    await ready(page, 'alone');
    assert.match(await page.locator('.said').innerText(), /No learning platform is here/);
    const check = await to_check(page);
    await check.locator('.begin').waitFor();
    await answer_check(check, { learner: 'learner 09', wrong: 0 });
    assert.match(await check.locator('.verdict').innerText(), /^Passed/);
    assert.deepEqual(errors, []);
    await context.close();
  });

await browser.close();
server.close();
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);
