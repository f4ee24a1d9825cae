// A picture of a page of the pack at 1280x800.   node picture.mjs URL FILE
import { chromium } from 'playwright-core';

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking', '--disable-component-update'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(process.argv[2]);
await page.waitForTimeout(500);
await page.screenshot({ path: process.argv[3] });
await browser.close();
