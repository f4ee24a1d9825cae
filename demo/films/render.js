// Renders the demo recordings again:  node render.js [film] [--still SECONDS FILE]...
// Needs espeak-ng, ffmpeg and chromium; writes FILM.mp4 and FILM.vtt beside this script.
import { execFileSync, spawn } from 'node:child_process';
import { createServer } from 'node:http';
import { copyFileSync, mkdtempSync, readFileSync, writeFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, normalize } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from 'playwright-core';
import { films } from './narration.js';

const here = dirname(fileURLToPath(import.meta.url));
const mostBytes = 3.9e6;   // of a finished film: small enough to live in the repository as it is
const rate = 22050, fps = 8, size = { width: 960, height: 540 };   // drawn small and enlarged: software GL pays for every pixel

/// Speaks every line and lays them one after the other: cues with times, and the voice as samples.
function speak(lines, folder) {
  const voice = []; const cues = []; let at = 0.8;
  for (const [i, line] of lines.entries()) {
    const wav = join(folder, `${i}.wav`);
    execFileSync('espeak-ng', ['-v', 'en-gb', '-s', '152', '-p', '38', '-w', wav, line.say]);
    const bytes = readFileSync(wav); const pcm = new Int16Array(bytes.buffer, bytes.byteOffset + 44, (bytes.length - 44) >> 1);
    let n = pcm.length; while (n > 1 && Math.abs(pcm[n - 1]) < 60) --n;   // espeak ends every line with silence
    const length = Math.min(5.0, Math.max(2.0, n / rate));
    cues.push({ start: at, end: at + length, text: line.say, engine: !!line.engine });
    voice.push({ at, pcm: pcm.slice(0, n) });
    at += Math.max(length, n / rate) + line.gap;
  }
  return { cues, voice, seconds: Math.ceil(at + 0.5) };
}

/// The voice with workshop noise under it, and the pump's hum where it runs.
function mixSound({ cues, voice, seconds }) {
  const out = new Float32Array(seconds * rate); let brown = 0, seed = 9;
  for (let i = 0; i < out.length; ++i) {
    seed = (seed * 1664525 + 1013904223) >>> 0; brown = brown * 0.985 + (seed / 4294967296 - 0.5) * 0.05;
    out[i] = brown * 0.16;
  }
  for (const c of cues.filter(c => c.engine)) for (let i = Math.floor((c.start - 0.4) * rate); i < (c.end + 0.5) * rate; ++i) {
    const s = i / rate, fade = Math.min(1, (s - c.start + 0.4) * 3, (c.end + 0.5 - s) * 3);
    out[i] += fade * 0.05 * (Math.sin(s * 2 * Math.PI * 47) + 0.6 * Math.sin(s * 2 * Math.PI * 94 + 1) + 0.3 * Math.sin(s * 2 * Math.PI * 141));
  }
  for (const { at, pcm } of voice) for (let i = 0; i < pcm.length; ++i) out[Math.floor(at * rate) + i] += pcm[i] / 32768 * 0.75;
  const bytes = Buffer.alloc(44 + out.length * 2);
  bytes.write('RIFF', 0); bytes.writeUInt32LE(36 + out.length * 2, 4); bytes.write('WAVEfmt ', 8); bytes.writeUInt32LE(16, 16); bytes.writeUInt16LE(1, 20); bytes.writeUInt16LE(1, 22);
  bytes.writeUInt32LE(rate, 24); bytes.writeUInt32LE(rate * 2, 28); bytes.writeUInt16LE(2, 32); bytes.writeUInt16LE(16, 34); bytes.write('data', 36); bytes.writeUInt32LE(out.length * 2, 40);
  for (let i = 0; i < out.length; ++i) bytes.writeInt16LE(Math.max(-32767, Math.min(32767, Math.round(out[i] * 32767))), 44 + i * 2);
  return bytes;
}

/// Two passes, so that the film comes out at the size it may have.
function encode(drawn, sound, seconds, folder) {
  const soundRate = 48000, pictureRate = Math.floor(mostBytes * 8 / seconds) - soundRate - 6000;
  const picture = ['-c:v', 'libx264', '-preset', 'slow', '-b:v', String(pictureRate), '-g', '32', '-pix_fmt', 'yuv420p', '-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709',
    '-vf', 'scale=1280:720:flags=lanczos:out_color_matrix=bt709:out_range=tv,unsharp=5:5:0.4', '-passlogfile', join(folder, 'pass')];
  execFileSync('ffmpeg', ['-y', '-v', 'error', '-i', drawn, ...picture, '-pass', '1', '-an', '-f', 'null', '-']);
  execFileSync('ffmpeg', ['-y', '-v', 'error', '-i', drawn, '-i', sound, ...picture, '-pass', '2', '-c:a', 'aac', '-b:a', String(soundRate), '-shortest', '-movflags', '+faststart', '-map_metadata', '-1', join(folder, 'film.mp4')]);
}

const stamp = s => { const ms = Math.round(s * 1000); const p = (n, w) => String(n).padStart(w, '0'); return `${p(Math.floor(ms / 60000), 2)}:${p(Math.floor(ms / 1000) % 60, 2)}.${p(ms % 1000, 3)}`; };

async function serve() {
  const types = { js: 'text/javascript', html: 'text/html' };
  const server = createServer((q, a) => { try { const path = normalize(q.url.split('?')[0]); a.setHeader('content-type', types[path.split('.').pop()] ?? 'text/plain'); a.end(readFileSync(join(here, path))); } catch { a.statusCode = 404; a.end(); } });
  await new Promise(done => server.listen(0, '127.0.0.1', done)); return server;
}

const args = process.argv.slice(2); const stills = [];
for (let i; (i = args.indexOf('--still')) >= 0;) { const [, t, file] = args.splice(i, 3); stills.push([Number(t), file]); }
const server = await serve();
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--use-gl=angle', '--use-angle=swiftshader', '--enable-unsafe-swiftshader', '--disable-background-networking', '--no-first-run'] });
for (const name of args.length ? args : Object.keys(films)) {
  const folder = mkdtempSync(join(tmpdir(), 'film-'));
  const sound = speak(films[name], folder); console.log(name, sound.seconds, 's', sound.cues.length, 'lines');
  const page = await browser.newPage({ viewport: size }); page.on('console', m => console.log(m.text())); page.on('pageerror', e => console.log(String(e)));
  await page.goto(`http://127.0.0.1:${server.address().port}/page.html`); await page.waitForFunction('window.ready');
  await page.evaluate(([n, c, s]) => window.prepare(n, c, s), [name, sound.cues, size]);
  if (stills.length) { for (const [t, file] of stills) writeFileSync(file, Buffer.from(await page.evaluate(s => window.shoot(s), t), 'base64')); continue; }
  writeFileSync(join(here, `${name}.vtt`), 'WEBVTT\n\n' + sound.cues.map(c => `${stamp(c.start)} --> ${stamp(c.end)}\n${c.text}\n`).join('\n'));
  writeFileSync(join(folder, 'sound.wav'), mixSound(sound));
  const drawn = join(folder, 'drawn.mkv');
  const ffmpeg = spawn('ffmpeg', ['-y', '-v', 'error', '-f', 'image2pipe', '-c:v', 'mjpeg', '-framerate', String(fps), '-i', '-', '-c:v', 'copy', drawn], { stdio: ['pipe', 'inherit', 'inherit'] });
  const began = Date.now();   // of the first frame, which compiles the shaders
  for (let i = 0; i < sound.seconds * fps; ++i) {
    const jpeg = Buffer.from(await page.evaluate(s => window.shoot(s), i / fps), 'base64');
    if (!ffmpeg.stdin.write(jpeg)) await new Promise(done => ffmpeg.stdin.once('drain', done));
    if (i % 60 === 0) console.log(name, `${(i / fps).toFixed(0)} of ${sound.seconds} s`, `${((Date.now() - began) / 1000 / (i + 1)).toFixed(2)} s a frame`);
  }
  ffmpeg.stdin.end(); await new Promise(done => ffmpeg.on('close', done));
  encode(drawn, join(folder, 'sound.wav'), sound.seconds, folder); copyFileSync(join(folder, 'film.mp4'), join(here, `${name}.mp4`)); rmSync(folder, { recursive: true }); await page.close();
}
await browser.close(); server.close();
