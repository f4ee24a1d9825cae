// The desk as a phone and a tablet meet it, in headless Chromium.   node desk_test.mjs ADDRESS PAIRING_CODE IS_CURRENT_PATH IS_REPLACED_PATH
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { chromium } from 'playwright-core';
import { answer_check } from './answering.mjs';

const [, , address, code, current, replaced] = process.argv;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
const axe = readFileSync(new URL('node_modules/axe-core/axe.min.js', import.meta.url), 'utf8');
const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
const page = await context.newPage();
const errors = [];
page.on('pageerror', e => errors.push(String(e)));
page.on('console', m => { if (m.type() === 'error' && !/status of 40[13]/.test(m.text())) errors.push(m.text()); });

let failed = 0;
let passed = 0;
const run = async (name, body) => { try { await body(); passed += 1; console.log(`ok  ${name}`); } catch (e) { failed += 1; console.log(`not ok  ${name}\n${e.stack}`); } };
// the desk's own pages allow no script, so the checker is put in from outside the page
const fits = async () => assert.ok(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth + 1), 'nothing runs out of the page');
const open_to_all = async () => {
  const bare = await browser.newContext({ bypassCSP: true, viewport: { width: 390, height: 844 } });
  const p = await bare.newPage();
  await p.goto(page.url());
  await p.evaluate(axe);
  const found = await p.evaluate(() => window.axe.run(document, { preload: false }));
  assert.deepEqual(found.violations.map(v => `${v.id}: ${v.nodes[0].html}`), []);
  await bare.close();
};

await run('the list leads to the guide and to its check', async () => {
  await page.goto(address);
  await fits();
  await open_to_all();
  await page.locator('.guides a').first().click();
  assert.match(page.url(), /\/pack\/[0-9a-f]{64}\/guide\.html$/);
  assert.match(await page.locator('main').innerText(), /Read first/i);
  await page.goBack();
  await page.getByRole('link', { name: 'What do you know?' }).first().click();
  await page.locator('.begin').waitFor();
});
await run('answers go to the desk once the tablet is paired, and a wrong code is told', async () => {
  await answer_check(page, { learner: 'learner 07', wrong: 0 });
  await page.getByRole('button', { name: 'Hand to the desk' }).waitFor();
  await page.locator('input[name=code]').fill('guessed');
  await page.getByRole('button', { name: 'Hand to the desk' }).click();
  await page.locator('.said', { hasText: 'not the code' }).waitFor();
  await page.locator('input[name=code]').fill(code.toUpperCase());
  await page.getByRole('button', { name: 'Hand to the desk' }).click();
  await page.locator('.said', { hasText: 'It is with the desk.' }).waitFor();
  assert.equal(await page.locator('input[name=code]').isVisible(), false);
  // paired once, it stays so
  await page.getByRole('button', { name: 'Another check' }).click();
  await answer_check(page, { wrong: 0 });
  assert.equal(await page.locator('input[name=code]').isVisible(), false);
});
await run('whether a printed page is current stands there in large type', async () => {
  for (const [path, words] of [[current, 'Current'], [replaced, 'Replaced by edition 2']]) {
    await page.goto(address + path);
    const line = page.locator('.answer');
    assert.equal(await line.innerText(), words);
    assert.ok(await line.evaluate(node => parseFloat(getComputedStyle(node).fontSize)) >= 32);
    await fits();
    await open_to_all();
  }
  await page.getByRole('link', { name: 'Open edition 2' }).click();
  assert.match(page.url(), /guide\.html$/);
});
await run('nothing goes wrong on the way', async () => assert.deepEqual(errors, []));
await browser.close();
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);
