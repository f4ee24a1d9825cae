// The guide at the machine on a tablet, in headless Chromium.   node bench_test.mjs PACK_FOLDER DESK_ADDRESS PAIRING_CODE OUT_FOLDER
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { chromium } from 'playwright-core';

const [, , pack, address, code, out] = process.argv;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
const axe = readFileSync(new URL('node_modules/axe-core/axe.min.js', import.meta.url), 'utf8');
const errors = [];
let failed = 0;
let passed = 0;
const run = async (name, body) => { try { await body(); passed += 1; console.log(`ok  ${name}`); } catch (e) { failed += 1; console.log(`not ok  ${name}\n${e.stack}`); } };

// A tablet whose clock the test moves.
const tablet = async (width, height) => {
  const context = await browser.newContext({ viewport: { width, height }, hasTouch: true, acceptDownloads: true });
  await context.addInitScript(() => {
    const real = Date.now;
    Date.now = () => real() + Number(localStorage.getItem('moved on') || 0) * 1000;
  });
  const page = await context.newPage();
  page.on('pageerror', e => errors.push(String(e)));
  page.on('console', m => { if (m.type() === 'error' && !/status of 40[13]/.test(m.text())) errors.push(m.text()); });
  return page;
};
const move_on = (page, seconds) => page.evaluate(s => localStorage.setItem('moved on', Number(localStorage.getItem('moved on') || 0) + s), seconds);
const fits = async page => assert.ok(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth + 1), 'nothing runs out of the page');
const open_to_all = async page => {
  await page.evaluate(axe);
  const found = await page.evaluate(() => window.axe.run(document, { preload: false }));
  assert.deepEqual(found.violations.map(v => `${v.id}: ${v.nodes[0].html}`), []);
};
const on = page => page.locator('.keys .way-on');
const told = page => page.locator('.told').innerText();

const begin = async (page, url) => {
  await page.goto(url);
  await page.locator('[name=who]').fill('learner 07');
  await page.locator('[name=assessor]').fill('instructor');
  await page.locator('[name=serial]').fill('M4-2291');
  await page.getByRole('button', { name: 'Lay out the kit' }).tap();
  await on(page).tap();
  assert.match(await told(page), /safe|gear/);
  for (const box of await page.locator('.ticks input').all()) await box.check();
  await on(page).tap();
  assert.equal(await page.locator('.no').innerText(), '1');
};

// To the end of the job, doing at each step what it wants. `at`: called at a step by its id.
const work = async (page, at = {}) => {
  const done = new Set();
  for (let press = 0; press < 200; ++press) {
    if (await page.locator('.end').isVisible()) return;
    const step = await page.locator('.shown').getAttribute('data-step');
    if (at[step] && !done.has(step)) { done.add(step); await at[step](page); }
    if (step === 'end' && !done.has('hours') && await page.locator('.want input').count()) {
      done.add('hours');
      await page.locator('.want input').fill('302');
      await page.getByRole('button', { name: 'Write down' }).tap();
    }
    if (await page.locator('.check').count() && await page.locator('[aria-pressed=true]').count() === 0) await page.getByRole('button', { name: 'Good', exact: true }).tap();
    await on(page).tap();
    if (/left/.test(await told(page))) await move_on(page, 600);
  }
  assert.fail('the job does not come to its end');
};
const torque = async page => {
  const tall = await page.locator('.want .value').evaluate(node => parseFloat(getComputedStyle(node).fontSize));
  assert.ok(tall >= 60, `figures are ${tall} px high`);
  await page.locator('.want input').fill('45');
  await page.getByRole('button', { name: 'Write down' }).tap();
  assert.match(await told(page), /45 N·m is above the limits/);
  await page.locator('.want input').fill('34,8');
  await page.getByRole('button', { name: 'Write down' }).tap();
  assert.equal(await page.locator('.read li').count(), 2, 'both readings stay');
};
const finish = async page => {
  for (const marks of await page.locator('.marks').all()) await marks.getByRole('button', { name: 'alone', exact: true }).tap();
  await page.getByRole('button', { name: 'Sign as learner 07' }).tap();
  await page.getByRole('button', { name: 'Sign as instructor' }).tap();
  assert.equal(await page.locator('.marks').count(), 0, 'what is signed is not changed');
};
const found = async page => {
  await page.getByRole('button', { name: 'Found something' }).tap();
  await page.locator('.ask input[name=words]').fill('a chafed pipe');
  await page.locator('.ask .way-on').tap();
};

const large = await tablet(820, 1180);
await run('before the work: who, which machine, the kit, the gear, the lock', async () => {
  await large.goto(pathToFileURL(join(pack, 'bench.html')).href);
  await fits(large);
  await open_to_all(large);
  await large.locator('[name=who]').fill('learner 07');
  await large.getByRole('button', { name: 'Lay out the kit' }).tap();
  assert.match(await large.locator('.who .said').innerText(), /which machine/);
  await large.locator('[name=serial]').fill('M4-2291');
  await large.locator('[name=assessor]').fill('Learner 07');
  await large.getByRole('button', { name: 'Lay out the kit' }).tap();
  assert.match(await large.locator('.who .said').innerText(), /their own run/);
});
await run('without a network, by touch, and over a reload in the middle', async () => {
  await begin(large, pathToFileURL(join(pack, 'bench.html')).href);
  await large.context().setOffline(true);
  await open_to_all(large);
  await work(large, {
    drain: async page => {
      while (!/Start the clock/.test(await on(page).innerText())) await on(page).tap();
      await page.keyboard.press('PageDown');
      assert.match(await page.locator('.clock').innerText(), /(10:00|9:5\d)[\s\S]*until it drips/);
      assert.match(await page.locator('.clock').innerText(), /meanwhile: step/);
      await fits(page);
      await open_to_all(page);
      // the mains go, and come back a minute later
      await page.close();
    },
  }).catch(async e => { if (!/closed/.test(e.message)) throw e; });
  const page = await large.context().newPage();
  page.on('pageerror', e => errors.push(String(e)));
  await page.goto(pathToFileURL(join(pack, 'bench.html')).href);
  assert.match(await told(page), /where you left it/);
  assert.equal(await on(page).innerText(), 'Go on');
  await move_on(page, 77);
  assert.ok(await page.locator('.step').evaluate(node => node.inert), 'nothing is entered while nobody works');
  await on(page).tap();
  const left = (await page.locator('.clock b').innerText()).split(':').reduce((m, s) => Number(m) * 60 + Number(s));
  assert.ok(left <= 523 && left >= 500, `the oil drips on: ${left} s`);
  await work(page, { plug: async p => {
    await torque(p);
    const [chooser] = await Promise.all([p.waitForEvent('filechooser'), p.getByRole('button', { name: 'Photograph' }).tap()]);
    await chooser.setFiles({ name: 'p.png', mimeType: 'image/png', buffer: Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64') });
    await p.locator('.told', { hasText: 'The photograph is kept.' }).waitFor();
    await p.locator('.photos canvas').waitFor();
    await found(p);
    await p.getByRole('button', { name: 'Pause' }).tap();
    assert.equal(await on(p).innerText(), 'Go on');
    await on(p).tap();
  } });
  assert.match(await page.locator('.verdict').innerText(), /The work is done/);
  await fits(page);
  await open_to_all(page);
  await finish(page);
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Save as a file' }).tap()]);
  assert.match(download.suggestedFilename(), /^KQ-M4-edition-1-learner-07-\d{4}-\d\d-\d\d\.run\.json$/);
  await download.saveAs(join(out, 'by-file.run.json'));
  const saved = JSON.parse(readFileSync(join(out, 'by-file.run.json'), 'utf8'));
  const drain = saved.steps.find(s => s.id === 'drain');
  assert.ok(drain.paused >= 77 && drain.paused <= 90, `the pause is told to the second: ${drain.paused}`);
  assert.equal(Object.keys(saved.files).length, 1);
});
await run('on a phone from the desk, handed back over it', async () => {
  const page = await tablet(390, 844);
  await page.goto(address);
  const link = await page.locator('.guides a').first().getAttribute('href');
  await begin(page, new URL(link.replace('guide.html', 'bench.html'), address).href);
  await fits(page);
  await work(page, { plug: async p => { await torque(p); await fits(p); await found(p);
    const [chooser] = await Promise.all([p.waitForEvent('filechooser'), p.getByRole('button', { name: 'Photograph' }).tap()]);
    await chooser.setFiles({ name: 'p.png', mimeType: 'image/png', buffer: Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64') });
    await p.locator('.told', { hasText: 'The photograph is kept.' }).waitFor(); } });
  await finish(page);
  await fits(page);
  await page.locator('input[name=code]').fill(code);
  await page.getByRole('button', { name: 'Hand to the desk' }).tap();
  await page.locator('.told', { hasText: 'It is with the desk.' }).waitFor();
  await page.getByRole('button', { name: 'Another run' }).tap();
  assert.ok(await page.locator('.who').isVisible());
});
await run('a run that stops says why and comes to its end; a step may be left out', async () => {
  const page = await tablet(820, 1180);
  await begin(page, pathToFileURL(join(pack, 'bench.html')).href);
  await page.getByRole('button', { name: 'Leave out' }).tap();
  await page.locator('.ask input[name=words]').fill('it is warm');
  await page.locator('.ask .way-on').tap();
  await page.locator('.no', { hasText: /^2$/ }).waitFor();
  assert.equal(await page.getByRole('button', { name: 'End the run' }).isVisible(), false);
  await page.getByRole('button', { name: 'Stop, ask' }).tap();
  await page.locator('.ask input[name=words]').fill('the cap is stuck');
  await page.locator('.ask .way-on').tap();
  await page.getByRole('button', { name: 'End the run' }).waitFor();
  assert.equal(await page.locator('.no').innerText(), '2', 'it can be done again');
  await page.getByRole('button', { name: 'End the run' }).tap();
  assert.match(await page.locator('.verdict').innerText(), /no service/);
  await page.getByRole('button', { name: 'Another run' }).tap();
  assert.match(await page.locator('.question').innerText(), /not handed back/);
});
await run('nothing goes wrong on the way', async () => assert.deepEqual(errors, []));
await browser.close();
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);
