// Opens an issued pack in headless Chromium, with and without script.   node pack_test.mjs PACK_FOLDER
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { chromium } from 'playwright-core';
import { answer_check } from './answering.mjs';

const pack = resolve(process.argv[2]);
const edition = JSON.parse(readFileSync(join(pack, 'edition.json'), 'utf8'));
const guide = edition.procedure;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--autoplay-policy=no-user-gesture-required'] });

async function open(options) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, ...options });
  const page = await context.newPage();
  const seen = { outside: [], errors: [], read: new Set() };
  const inside = pathToFileURL(pack).href + '/';
  page.on('request', r => { if (!r.url().startsWith(inside) && !r.url().startsWith('data:')) seen.outside.push(r.url()); });
  page.on('requestfinished', r => seen.read.add(r.url()));
  // a browser breaks off the reading of a film it has enough of
  page.on('requestfailed', r => { if (r.failure()?.errorText !== 'net::ERR_ABORTED') seen.errors.push(`failed: ${r.url()} ${r.failure()?.errorText}`); });
  page.on('console', m => { if (m.type() === 'error') seen.errors.push(m.text()); });
  page.on('pageerror', e => seen.errors.push(String(e)));
  await page.goto(inside + 'guide.html');
  await page.waitForLoadState('load');
  return { page, seen, context };
}

const tests = {
  async 'the safety statement comes first and whole'(page) {
    const text = await page.locator('main').innerText();
    assert.ok(text.indexOf(edition.safety) >= 0, 'statement');
    assert.ok(text.indexOf(edition.safety) < text.indexOf(guide.steps[0].heading), 'before the first step');
  },
  async 'every step, its lines and cautions are there'(page) {
    for (const [i, step] of guide.steps.entries()) {
      const section = page.locator(`#step-${i + 1}`);
      assert.equal(await section.count(), 1, `step ${i + 1}`);
      const text = await section.innerText();
      assert.ok(text.includes(step.heading), step.heading);
      assert.equal(await section.locator('.lines li').count(), step.lines.length, `lines of step ${i + 1}`);
      assert.equal(await section.locator('.caution').count(), step.cautions.length, `cautions of step ${i + 1}`);
      assert.ok(!text.includes('{figure:') && !text.includes('{item:'), 'no token is left');
    }
  },
  async 'figures stand in both units with their standing'(page) {
    const text = await page.locator('#step-6').innerText();
    assert.match(text, /25 N·m/); assert.match(text, /18 lbf·ft/); assert.match(text, /proved: book, page 2/);
    assert.match(await page.locator('#step-7').innerText(), /disputed/);
    assert.match(await page.locator('#step-10').innerText(), /not known/);
    assert.equal(await page.locator('#figures .evidence tbody').count(), guide.figures.length);
  },
  async 'a sentence reads on over its figure, and the proof stands in the margin'(page) {
    const line = page.locator('#step-6 .line').first();
    const sentence = (await line.locator('.sentence').innerText()).replace(/\s+/g, ' ');
    assert.match(sentence, /^Tighten the drain plug ?6 to 25 N·m ± 2\.5 \(18 lbf·ft\) with the torque wrench\.$/);
    const [words, proof] = [await line.locator('.sentence').boundingBox(), await line.locator('.proof').boundingBox()];
    assert.ok(proof.x >= words.x + words.width, 'beside the words');
    assert.doesNotMatch(await page.locator('#step-4').innerText(), /0\.67 in/, 'the size of a tool is a name');
  },
  async 'lines go on counting beside the picture that shows them'(page) {
    for (const [i, step] of guide.steps.entries()) {
      const starts = await page.locator(`#step-${i + 1} ol.lines`).evaluateAll(lists => lists.map(list => [list.start, list.children.length]));
      let next = 1;
      for (const [start, lines] of starts) { assert.equal(start, next); next += lines; }
      assert.equal(next, step.lines.length + 1);
    }
  },
  async 'every plate shows its picture and its numbers as text'(page) {
    for (const [i, step] of guide.steps.entries()) {
      const svgs = page.locator(`#step-${i + 1} figure > svg`);
      assert.equal(await svgs.count(), step.plates.length);
      for (const [k, plate] of step.plates.entries()) {
        const svg = svgs.nth(k);
        // a number for each callout, one for each fastener in its order, the words of each distance, and what it is of a pair
        const distances = (plate.marks ?? []).filter(mark => mark.sign === 'distance').length;
        assert.equal(await svg.locator('text').count(), plate.callouts.length + (plate.fasteners ?? []).length + distances + (plate.role ? 1 : 0));
        const loaded = await svg.evaluate(async node => { const image = new Image(); image.src = node.querySelector('image').href.baseVal; await image.decode(); return image.naturalWidth; });
        const [left, , right] = plate.care?.crop ?? [0, 0, 10000, 10000];
        assert.equal(loaded, Math.round(1280 * right / 10000) - Math.round(1280 * left / 10000));
        const lenses = (plate.marks ?? []).filter(mark => mark.sign === 'magnify').length;
        assert.equal(await svg.locator('image').count(), 1 + lenses);
        assert.ok((await svg.getAttribute('aria-label')).length > 5 || plate.callouts.length === 0);
      }
    }
  },
  async 'a clip plays and has its captions'(page) {
    const video = page.locator('video').first();
    await video.scrollIntoViewIfNeeded();
    const played = await video.evaluate(async v => { v.muted = true; await v.play(); await new Promise(done => setTimeout(done, 1500)); v.pause(); return { at: v.currentTime, width: v.videoWidth, cues: v.textTracks[0].cues?.length ?? 0 }; });
    assert.ok(played.at > 0.2, `played to ${played.at}`);
    assert.ok(played.width > 0);
    assert.ok(played.cues > 0, 'captions');
  },
  async 'every clip of every step can be played, and its first picture is there'(page) {
    const broken = await page.evaluate(async () => {
      const gone = [];
      for (const video of document.querySelectorAll('video')) {
        const ready = new Promise(done => { video.onloadeddata = done; video.onerror = done; setTimeout(done, 30000); });
        if (video.readyState < 2) { video.preload = 'auto'; video.load(); await ready; }
        if (video.error || video.readyState < 2 || video.videoWidth === 0) gone.push(video.currentSrc || 'a clip');
        const poster = new Image();
        poster.src = video.poster;
        await poster.decode().catch(() => gone.push(poster.src));
      }
      return gone;
    });
    assert.deepEqual(broken, []);
  },
};

const axe = readFileSync(new URL('node_modules/axe-core/axe.min.js', import.meta.url), 'utf8');
let failed = 0;
let passed = 0;
const run = async (name, body) => { try { await body(); passed += 1; console.log(`ok  ${name}`); } catch (e) { failed += 1; console.log(`not ok  ${name}\n${e.stack}`); } };
const { page, seen } = await open({});
for (const [name, body] of Object.entries(tests)) await run(name, () => body(page));
await run('nothing is asked for outside the folder, and the console is quiet', async () => { assert.deepEqual(seen.outside, []); assert.deepEqual(seen.errors, []); });
const plain = await open({ javaScriptEnabled: false });
await run('with script off it still reads', async () => {
  const text = await plain.page.locator('main').innerText();
  for (const step of guide.steps) for (const words of [step.heading, ...step.cautions.map(c => c.text.split('{')[0].trim())]) assert.ok(text.includes(words), words);
  // timers and promises do not run in a page without script: what it names is asked of it, what was read the browser tells
  const named = await plain.page.evaluate(() => [
    ...[...document.querySelectorAll('figure svg image')].map(image => new URL(image.href.baseVal, document.baseURI).href),
    ...[...document.querySelectorAll('video')].map(video => video.poster)]);
  assert.deepEqual(named.filter(url => !plain.seen.read.has(url)), []);
  assert.equal(await plain.page.locator('figure svg image').count() >= guide.steps.flatMap(s => s.plates).length, true);
  assert.equal(await plain.page.locator('video').count(), guide.steps.filter(s => s.clip).length);
  assert.deepEqual(plain.seen.errors, []);
});
await run('with script off the proof of a figure opens where it is touched, and nothing asks for script', async () => {
  const { page: p, context } = await open({ javaScriptEnabled: false, viewport: { width: 390, height: 800 } });
  const proof = p.locator('#step-6 .proof').first();
  assert.equal(await proof.isVisible(), false);
  await p.locator('#step-6 a.figure').first().click();
  assert.equal(await proof.isVisible(), true);
  assert.equal(await p.locator('button:visible').count(), 0);
  await context.close();
});
await run('a variant is chosen on the first page or by the address, and only that one shows and prints', async () => {
  const { page: p, context } = await open({});
  const [first, second] = guide.header.variants;
  const marked = await p.locator('[data-only]').evaluateAll(parts => parts.map(part => part.dataset.only));
  assert.ok(marked.length > 0, 'something differs between the variants of this guide');
  const shown = () => p.locator('[data-only]').evaluateAll(parts => parts.filter(part => !part.hidden && getComputedStyle(part).display !== 'none').map(part => part.dataset.only));
  assert.deepEqual(await shown(), marked, 'all of them at first');
  await p.locator('.choose').getByRole('button', { name: second, exact: true }).click();
  assert.deepEqual(await shown(), marked.filter(only => only.split('|').includes(second)));
  assert.equal(await p.locator('.bar .chosen').innerText(), second);
  assert.ok(!(await p.locator('main').innerText()).includes(` for ${first}`), 'the other is not spoken of');
  await p.emulateMedia({ media: 'print' });
  assert.deepEqual(await shown(), marked.filter(only => only.split('|').includes(second)));
  await p.emulateMedia({ media: 'screen' });
  await p.reload();
  assert.equal(await p.locator('.bar .chosen').innerText(), second, 'it is kept');
  await p.goto(`${pathToFileURL(pack).href}/guide.html?variant=${encodeURIComponent(first)}`);
  assert.deepEqual(await shown(), marked.filter(only => only.split('|').includes(first)));
  await p.goto(`${pathToFileURL(pack).href}/guide.html?variant=none`);
  assert.deepEqual(await shown(), marked, 'one that is not there hides nothing');
  await context.close();
  const { page: bare, context: without } = await open({ javaScriptEnabled: false });
  assert.equal(await bare.locator('.choose').isVisible(), false);
  assert.ok((await bare.locator('main').innerText()).includes(` for ${first}`), 'without script both stand there, told apart');
  await without.close();
});
await run('the page allows no script but its own and names its policy', async () => {
  const html = readFileSync(join(pack, 'guide.html'), 'utf8');
  assert.match(html, /Content-Security-Policy" content="default-src 'none'/);
  assert.ok(!/script-src[^;"]*unsafe/.test(html));
  assert.equal((html.match(/<script/g) ?? []).length, 1);
  assert.match(html, /<script src="guide.js" defer><\/script>/);
  assert.ok(!/ on[a-z]+="/.test(html), 'no script in an attribute');
});
await run('one step at a time: by buttons, keys and touch, and the place is kept', async () => {
  const { page: p, context } = await open({ viewport: { width: 820, height: 1180 }, hasTouch: true });
  const shown = () => p.locator('.sheet:visible').evaluateAll(sheets => sheets.map(sheet => sheet.id).join(' '));
  const touch = (from, to) => p.evaluate(([a, b]) => {
    const at = x => [new Touch({ identifier: 1, target: document.body, clientX: x, clientY: 500 })];
    document.body.dispatchEvent(new TouchEvent('touchstart', { touches: at(a), changedTouches: at(a), bubbles: true }));
    document.body.dispatchEvent(new TouchEvent('touchend', { touches: [], changedTouches: at(b), bubbles: true }));
  }, [from, to]);
  await p.getByRole('button', { name: 'One step at a time' }).click();
  assert.equal(await shown(), 'front');
  await p.getByRole('button', { name: 'Next' }).click();
  assert.equal(await shown(), 'step-1');
  await p.keyboard.press('ArrowRight');
  assert.equal(await shown(), 'step-2');
  await touch(600, 300);
  assert.equal(await shown(), 'step-3');
  await touch(300, 600);
  await p.keyboard.press('ArrowLeft');
  assert.equal(await shown(), 'step-1');
  await touch(300, 290);
  assert.equal(await shown(), 'step-1', 'a tap is no swipe');
  await p.getByRole('button', { name: 'Back' }).click();
  assert.equal(await p.getByRole('button', { name: 'Back' }).isDisabled(), true);
  for (let i = 0; i < 6; ++i) await p.keyboard.press('ArrowRight');
  await p.goto(pathToFileURL(pack).href + '/guide.html');
  await p.reload();
  assert.equal(await shown(), 'step-6', 'the place is kept');
  assert.match(await p.locator('.bar .place').innerText(), /Step 6 of/);
  await p.keyboard.press('Escape');
  assert.ok((await shown()).split(' ').length > guide.steps.length, 'the whole guide again');
  await p.reload();
  assert.ok((await shown()).split(' ').length > guide.steps.length, 'and it stays so');
  await context.close();
});
await run('the check asks, tells what to read again, and saves what was answered first', async () => {
  const { page: p, context, seen: quiet } = await open({ viewport: { width: 820, height: 1180 }, hasTouch: true, acceptDownloads: true });
  await p.getByRole('link', { name: 'What do you know?' }).first().click();
  await p.locator('input[name=learner]').fill('learner 07');
  await p.getByRole('button', { name: 'Begin' }).click();
  const question = p.locator('.set:not([hidden]) fieldset').first();
  const right = Number(await question.getAttribute('data-right'));
  await p.getByRole('button', { name: 'Answer' }).click();
  assert.match(await question.locator('.told').innerText(), /Choose one/);
  await question.locator('input').nth(right === 0 ? 1 : 0).check();
  await p.keyboard.press('Enter');
  assert.match(await question.locator('.told').innerText(), /Not right/);
  const again = await question.locator('.told a').getAttribute('href');
  assert.match(again, /^guide\.html#step-\d+$/);
  assert.equal(await question.locator('input').nth(right === 0 ? 1 : 0).isDisabled(), true, 'the same is not answered twice');
  await p.reload();
  assert.match(await p.locator('.at').innerText(), /^2 of/, 'what was answered is kept');
  await p.evaluate(() => localStorage.clear());
  await p.reload();
  const first = await answer_check(p, { learner: 'learner 07', wrong: 2 });
  assert.equal(await p.locator('.verdict').innerText(), `Passed: ${first.length - 2} of ${first.length} right`);
  assert.equal(await p.locator('.again li').count(), 2);
  assert.equal(await p.getByRole('button', { name: 'Hand to the desk' }).isVisible(), false, 'no desk serves this page');
  const [download] = await Promise.all([p.waitForEvent('download'), p.getByRole('button', { name: 'Save as a file' }).click()]);
  assert.match(download.suggestedFilename(), /learner-07\.check\.json$/);
  const saved = JSON.parse(readFileSync(await download.path(), 'utf8'));
  assert.deepEqual([saved.format, saved.learner, saved.answers], [1, 'learner 07', first]);
  assert.match(saved.id, /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  await p.getByRole('button', { name: 'Another check' }).click();
  const other = await p.locator('.set:not([hidden])').getAttribute('data-check');
  assert.notEqual(other, saved.check);
  assert.deepEqual(quiet.errors, []);
  assert.deepEqual(quiet.outside.filter(url => !url.startsWith('blob:')), []);
  await context.close();
});
await run('the card is one page in print and keeps nobody out on a phone', async () => {
  const { page: p, context, seen: quiet } = await open({ viewport: { width: 390, height: 800 } });
  await p.goto(pathToFileURL(join(pack, 'card.html')).href);
  const text = await p.locator('body').innerText();
  for (const step of guide.steps) assert.ok(text.includes(step.heading), step.heading);
  assert.ok(await p.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth + 1));
  await p.evaluate(axe);
  const found = await p.evaluate(() => window.axe.run(document, { preload: false }));
  assert.deepEqual(found.violations.map(v => `${v.id}: ${v.nodes[0].html}`), []);
  const pdf = (await p.pdf({ preferCSSPageSize: true })).toString('latin1');
  assert.equal((pdf.match(/\/Type ?\/Page\b(?!s)/g) ?? []).length, 1);
  assert.deepEqual(quiet.errors, []);
  await context.close();
});
await run('captions go off for all clips with the first, and stay off', async () => {
  const { page: p, context } = await open({});
  const modes = () => p.locator('video').evaluateAll(all => all.map(video => video.textTracks[0].mode));
  assert.ok((await modes()).every(mode => mode === 'showing'));
  await p.evaluate(() => { document.querySelector('video').textTracks[0].mode = 'disabled'; });
  await p.waitForFunction(() => [...document.querySelectorAll('video')].every(video => video.textTracks[0].mode === 'disabled'));
  await p.reload();
  assert.ok((await modes()).every(mode => mode === 'disabled'));
  await context.close();
});
for (const width of [1280, 820, 390]) {
  for (const bench of [false, true])
    await run(`nothing keeps anybody out at ${width} pixels${bench ? ', one step at a time' : ''}`, async () => {
      const { page: p, context } = await open({ viewport: { width, height: 800 } });
      if (bench) for (const button of ['One step at a time', 'Next', 'Next']) await p.getByRole('button', { name: button }).click();
      await p.evaluate(axe);
      const found = await p.evaluate(() => window.axe.run(document, { preload: false }));
      assert.deepEqual(found.violations.map(v => `${v.id}: ${v.nodes[0].html}`), []);
      assert.ok(found.passes.length > 20);
      await context.close();
    });
  await run(`nothing keeps anybody out of the check at ${width} pixels`, async () => {
    const { page: p, context } = await open({ viewport: { width, height: 800 } });
    await p.goto(pathToFileURL(join(pack, 'check.html')).href);
    const clean = async () => {
      await p.evaluate(axe);
      const found = await p.evaluate(() => window.axe.run(document, { preload: false }));
      assert.deepEqual(found.violations.map(v => `${v.id}: ${v.nodes[0].html}`), []);
      assert.ok(await p.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth + 1));
    };
    await clean();
    await p.locator('input[name=learner]').fill('learner 07');
    await p.getByRole('button', { name: 'Begin' }).click();
    await clean();
    await context.close();
  });
  await run(`nothing runs out of the page at ${width} pixels`, async () => {
    const { page: p, context } = await open({ viewport: { width, height: 800 } });
    assert.ok(await p.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth + 1));
    await context.close();
  });
}
await browser.close();
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);
