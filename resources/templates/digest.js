// SHA-256 (FIPS 180-4) of bytes, as hex digits: the browser's own is there in secure places only, and a workshop's desk seldom is one.
'use strict';
const sha256_of = bytes => {
  const primes = [];
  for (let n = 2; primes.length < 64; ++n) if (primes.every(p => n % p)) primes.push(n);
  const bits = x => Math.floor((x - Math.floor(x)) * 2 ** 32);
  const k = primes.map(p => bits(Math.cbrt(p)));
  const h = primes.slice(0, 8).map(p => bits(Math.sqrt(p)));
  const data = new Uint8Array((((bytes.length + 8) >> 6) + 1) << 6);
  data.set(bytes);
  data[bytes.length] = 0x80;
  const view = new DataView(data.buffer);
  view.setUint32(data.length - 8, Math.floor(bytes.length / 2 ** 29));
  view.setUint32(data.length - 4, bytes.length << 3);
  const w = new Int32Array(64);
  const turn = (x, n) => (x >>> n) | (x << (32 - n));
  for (let at = 0; at < data.length; at += 64) {
    for (let i = 0; i < 16; ++i) w[i] = view.getInt32(at + 4 * i);
    for (let i = 16; i < 64; ++i) {
      const a = w[i - 15], b = w[i - 2];
      w[i] = (w[i - 16] + (turn(a, 7) ^ turn(a, 18) ^ (a >>> 3)) + w[i - 7] + (turn(b, 17) ^ turn(b, 19) ^ (b >>> 10))) | 0;
    }
    let [a, b, c, d, e, f, g, z] = h;
    for (let i = 0; i < 64; ++i) {
      const t = (z + (turn(e, 6) ^ turn(e, 11) ^ turn(e, 25)) + ((e & f) ^ (~e & g)) + k[i] + w[i]) | 0;
      const u = ((turn(a, 2) ^ turn(a, 13) ^ turn(a, 22)) + ((a & b) ^ (a & c) ^ (b & c))) | 0;
      [z, g, f, e, d, c, b, a] = [g, f, e, (d + t) | 0, c, b, a, (t + u) | 0];
    }
    [a, b, c, d, e, f, g, z].forEach((x, i) => { h[i] = (h[i] + x) | 0; });
  }
  return h.map(x => (x >>> 0).toString(16).padStart(8, '0')).join('');
};
