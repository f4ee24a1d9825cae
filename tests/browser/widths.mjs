// Pictures of a page of the pack at desktop, tablet and phone width, each at an anchor.   node widths.mjs FOLDER OUT ANCHOR...
import { chromium } from 'playwright-core';

const [folder, out, ...anchors] = process.argv.slice(2);
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking', '--disable-component-update'] });
for (const [name, width, height] of [['desktop', 1280, 800], ['tablet', 820, 1180], ['phone', 390, 844]]) {
  const page = await browser.newPage({ viewport: { width, height } });
  for (const anchor of anchors) {
    await page.goto(`file://${folder}/guide.html#${anchor}`);
    await page.waitForTimeout(400);
    await page.screenshot({ path: `${out}/${name}-${anchor}.png` });
  }
  const wide = await page.evaluate(() => document.documentElement.scrollWidth > document.documentElement.clientWidth);
  if (wide) console.log(`${name}: wider than the window`);
}
await browser.close();
