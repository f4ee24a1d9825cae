// The bench with the made-up Perrick PT60 on it. `makeScene(film, cues)` returns frame(t): draws the moment t (seconds).
// Units are decimetres or so; x right, y up, z towards the camera; the bench top is y = 0.
import * as THREE from 'three';
import { RoundedBoxGeometry } from 'three/addons/geometries/RoundedBoxGeometry.js';
import { RoomEnvironment } from 'three/addons/environments/RoomEnvironment.js';

const clamp = (x, a = 0, b = 1) => Math.min(b, Math.max(a, x));
const smooth = x => { x = clamp(x); return x * x * (3 - 2 * x); };
const mix = (a, b, u) => a + (b - a) * u;
const v3 = (x, y, z) => new THREE.Vector3(x, y, z);
// A repeatable random source, so that a second rendering gives the same film.
const random = seed => () => { seed = (seed * 1664525 + 1013904223) >>> 0; return seed / 4294967296; };
const wobble = (t, k) => Math.sin(t * 1.3 + k) * 0.5 + Math.sin(t * 2.1 + k * 2.7) * 0.3 + Math.sin(t * 4.7 + k * 1.9) * 0.2;

function noiseTexture(size, base, spread, streak, seed) {
  const canvas = document.createElement('canvas'); canvas.width = canvas.height = size;
  const g = canvas.getContext('2d'); const r = random(seed);
  g.fillStyle = `rgb(${base.join(',')})`; g.fillRect(0, 0, size, size);
  for (let i = 0; i < size * 14; ++i) {
    const d = (r() - 0.5) * spread; const c = base.map(x => Math.round(clamp(x + d, 0, 255)));
    g.fillStyle = `rgba(${c.join(',')},0.5)`;
    g.fillRect(r() * size, r() * size, streak ? 20 + r() * size * 0.6 : 1 + r() * 4, streak ? 1 + r() * 1.5 : 1 + r() * 4);
  }
  const t = new THREE.CanvasTexture(canvas); t.wrapS = t.wrapT = THREE.RepeatWrapping; t.colorSpace = THREE.SRGBColorSpace;
  return t;
}
function label(w, h, paint) {
  const canvas = document.createElement('canvas'); canvas.width = w; canvas.height = h;
  paint(canvas.getContext('2d'), w, h);
  const t = new THREE.CanvasTexture(canvas); t.colorSpace = THREE.SRGBColorSpace; t.anisotropy = 8;
  return t;
}

export function makeScene(film, cues, size) {
  const renderer = new THREE.WebGLRenderer({ antialias: false, preserveDrawingBuffer: true });
  renderer.setSize(size.width, size.height); document.body.appendChild(renderer.domElement);
  renderer.shadowMap.enabled = true; renderer.shadowMap.type = THREE.PCFSoftShadowMap;
  renderer.toneMapping = THREE.ACESFilmicToneMapping;
  const scene = new THREE.Scene(); scene.background = new THREE.Color(0x4b5753);
  const pmrem = new THREE.PMREMGenerator(renderer);
  scene.environment = pmrem.fromScene(new RoomEnvironment(), 0.04).texture;
  scene.environmentIntensity = 0.55;
  const key = new THREE.DirectionalLight(0xfff1dd, 2.6); key.position.set(3.5, 6, 5); key.castShadow = true;
  key.shadow.mapSize.set(1024, 1024); Object.assign(key.shadow.camera, { left: -4, right: 4, top: 4, bottom: -3, near: 1, far: 16 });
  key.shadow.bias = -0.0008; key.shadow.radius = 5; scene.add(key);
  scene.add(new THREE.HemisphereLight(0xdfe8ee, 0x9a8a76, 2.2));
  

  // Large plain surfaces get the cheap material: software GL pays for every pixel.
  const matt = (color, map) => new THREE.MeshLambertMaterial({ color, map });
  const M = (color, rough, metal = 0, more = {}) => metal > 0.4
    ? new THREE.MeshStandardMaterial({ color, roughness: rough, metalness: metal, ...more })
    : new THREE.MeshPhongMaterial({ color, shininess: 4 + 70 * (1 - rough) ** 2, specular: new THREE.Color(0x3a3a3a).multiplyScalar(1.2 - rough), ...more });
  const red = M(0x96251f, 0.5, 0.1, { map: noiseTexture(256, [225, 205, 200], 60, false, 7) });
  const coverRed = M(0xa52f26, 0.45, 0.1, { map: noiseTexture(256, [232, 214, 208], 50, false, 17) });
  const zinc = M(0xcfd2d4, 0.28, 1), black = M(0x1d1e21, 0.4), brass = M(0xc8973c, 0.28, 1), copper = M(0xb8693d, 0.32, 1);
  const steel = M(0xb9bcc0, 0.35, 0.95), dark = M(0x14161a, 0.8), rubber = M(0x1b1b1d, 0.75), oiled = M(0x2a2326, 0.15), blue = M(0x1f4f92, 0.42, 0.15);
  const oilStuff = new THREE.MeshPhongMaterial({ color: 0x4d2b0a, shininess: 120, specular: 0x886644, transparent: true, opacity: 0.95 });
  const glove = M(0xd67a22, 0.85), gloveCuff = M(0x2d3033, 0.9), sleeve = M(0x2f4358, 0.95);
  const wood = matt(0xe8e2da, noiseTexture(512, [142, 110, 80], 60, true, 3)); wood.map.repeat.set(3, 2);

  const add = (parent, geometry, material, x = 0, y = 0, z = 0) => {
    const m = new THREE.Mesh(geometry, material); m.position.set(x, y, z); m.castShadow = m.receiveShadow = true; parent.add(m); return m;
  };
  const group = (parent, x = 0, y = 0, z = 0) => { const g = new THREE.Group(); g.position.set(x, y, z); parent.add(g); return g; };
  const cyl = (r, h, n = 40, r2 = r) => new THREE.CylinderGeometry(r, r2, h, n);
  const box = (w, h, d, r = 0.04) => new RoundedBoxGeometry(w, h, d, 3, r);

  const hexHead = (parent, r, h, material, z) => { const m = material.clone(); m.flatShading = true;
    const body = add(parent, cyl(r, h, 6), m, 0, 0, z); body.rotation.x = Math.PI / 2;
    const rim = add(parent, cyl(r * 0.8, h * 0.35, 6, r), m, 0, 0, z + h * 0.67); rim.rotation.x = Math.PI / 2;
    const top = add(parent, cyl(r * 0.7, 0.006, 28), m, 0, 0, z + h * 0.85); top.rotation.x = Math.PI / 2; };

  // bench, wall, shelf of tins: enough to look like a workshop
  add(scene, new THREE.BoxGeometry(14, 0.3, 8), wood, 0, -0.15, 0.5);
  add(scene, new THREE.BoxGeometry(16, 8, 0.2), matt(0x6b7a74, noiseTexture(256, [190, 198, 194], 26, false, 5)), 0, 3.5, -3.4);
  add(scene, new THREE.BoxGeometry(6, 0.12, 0.8), wood, 2.4, 2.9, -2.9);
  const r0 = random(11);
  for (let i = 0; i < 8; ++i) add(scene, cyl(0.18 + r0() * 0.1, 0.5 + r0() * 0.4), M([0x8a8f84, 0x3d5a57, 0x9a7a3e, 0x5b4a45][i % 4], 0.6), i * 0.68, 3.25, -2.9);

  // the gearbox
  const pump = group(scene);
  add(pump, box(3.3, 0.16, 1.7), black, 0, 0.3, 0);
  for (const x of [-1.3, 1.3]) add(pump, box(0.4, 0.26, 1.5), dark, x, 0.12, 0);
  add(pump, box(2.7, 1.75, 1.3, 0.13), red, 0, 1.25, 0);
  for (let i = 0; i < 3; ++i) { add(pump, box(0.09, 1.35, 0.12), red, -1.12 + i * 0.17, 1.3, 0.64); }
  for (let i = 0; i < 2; ++i) { add(pump, box(0.09, 1.35, 0.12), red, 1.08 + i * 0.15, 1.3, 0.64); }
  const plate = add(pump, new THREE.PlaneGeometry(0.58, 0.19), M(0xffffff, 0.5, 0.1, { map: label(310, 100, (g, w, h) => {
    g.fillStyle = '#d8d9d4'; g.fillRect(0, 0, w, h); g.fillStyle = '#222'; g.font = 'bold 34px sans-serif'; g.fillText('PERRICK PT60', 14, 46);
    g.font = '22px sans-serif'; g.fillText('gear oil 75W90 GL5', 16, 82); }) }), 0.7, 0.6, 0.656);
  plate.castShadow = false;

  // behind the cover: two pulleys and the belt
  add(pump, box(1.36, 1.06, 0.02, 0.01), dark, 0.08, 1.4, 0.655);
  const pulley = (x, r) => { const g = group(pump, x, 1.4, 0.74);
    for (const [rr, z] of [[r, -0.05], [r, 0.05], [r * 0.86, 0]]) { const c = add(g, cyl(rr, 0.04), steel, 0, 0, z); c.rotation.x = Math.PI / 2; }
    const b = add(g, cyl(r * 0.25, 0.16, 6), zinc, 0, 0, 0.04); b.rotation.x = Math.PI / 2;
    for (let k = 0; k < 3; ++k) { const s = add(g, box(0.05, r * 1.2, 0.02, 0.01), dark, 0, 0, 0.075); s.rotation.z = k * Math.PI / 3; } return g; };
  const p1 = pulley(-0.26, 0.34), p2 = pulley(0.48, 0.2);
  let belt = null;
  const drawBelt = sag => { if (belt) { pump.remove(belt); belt.geometry.dispose(); }
    const pts = []; const push = (x, y) => pts.push(v3(x, 1.4 + y, 0.76));
    for (let a = 70; a <= 290; a += 10) push(-0.26 + 0.35 * Math.cos(a * Math.PI / 180), 0.35 * Math.sin(a * Math.PI / 180));
    for (let a = -70; a <= 70; a += 10) push(0.48 + 0.21 * Math.cos(a * Math.PI / 180), 0.21 * Math.sin(a * Math.PI / 180));
    push(0.11, 0.3 - sag);
    const curve = new THREE.CatmullRomCurve3(pts, true, 'catmullrom', 0.25);
    belt = add(pump, new THREE.TubeGeometry(curve, 140, 0.042, 8, true), rubber); };
  drawBelt(0);

  // cover with ribs, six bolts of two kinds (the black ones sit in deep holes at the suction end)
  const cover = group(pump, 0.08, 1.45, 0.79);
  const home = cover.position.clone();
  add(cover, box(1.62, 1.3, 0.28, 0.12), coverRed);
  for (let i = 0; i < 6; ++i) add(cover, box(0.07, 0.86, 0.1, 0.03), coverRed, -0.42 + i * 0.168, 0, 0.15);
  const spots = [[-0.68, 0.52], [0, 0.56], [0.68, 0.52], [0.68, -0.52], [0, -0.56], [-0.68, -0.52]];
  const isBlack = i => i === 2 || i === 3;
  for (const [i, [x, y]] of spots.entries()) { const boss = add(cover, cyl(0.125, 0.3), coverRed, x, y, 0.02); boss.rotation.x = Math.PI / 2;
    if (isBlack(i)) { const ring = add(cover, cyl(0.095, 0.02), dark, x, y, 0.175); ring.rotation.x = Math.PI / 2; } }
  const bolts = spots.map(([x, y], i) => { const g = group(scene, home.x + x, home.y + y, home.z + (isBlack(i) ? 0.15 : 0.19));
    hexHead(g, 0.09, 0.1, isBlack(i) ? black : zinc, 0.04);
    const flange = add(g, cyl(0.1, 0.025), isBlack(i) ? black : zinc, 0, 0, -0.02); flange.rotation.x = Math.PI / 2;
    const len = isBlack(i) ? 0.5 : 0.2; const shank = add(g, cyl(0.045, len, 16), isBlack(i) ? black : zinc, 0, 0, -0.03 - len / 2); shank.rotation.x = Math.PI / 2;
    g.userData.home = g.position.clone(); return g; });

  // the two look-alike plugs
  const plug = (x, r, socket) => { const g = group(scene, x, 0.62, 0.67);
    const washer = add(g, cyl(r * 1.25, 0.025), copper, 0, 0, 0.0); washer.rotation.x = Math.PI / 2; g.userData.washer = washer;
    const collar = add(g, cyl(r * 1.12, 0.03), steel, 0, 0, 0.03); collar.rotation.x = Math.PI / 2;
    hexHead(g, r, 0.12, zinc, 0.1);
    if (socket) { const s = add(g, cyl(r * 0.5, 0.02, 6), dark, 0, 0, 0.21); s.rotation.x = Math.PI / 2; }
    const shank = add(g, cyl(r * 0.72, 0.24, 24), steel, 0, 0, -0.13); shank.rotation.x = Math.PI / 2;
    for (let k = 0; k < 6; ++k) { const th = add(g, new THREE.TorusGeometry(r * 0.72, 0.012, 6, 24), steel, 0, 0, -0.04 - k * 0.035); th.castShadow = false; }
    g.userData.home = g.position.clone(); return g; };
  const drain = plug(-0.42, 0.135, false), level = plug(0.2, 0.112, true);
  const tip = add(drain, cyl(0.07, 0.12, 20), dark, 0, 0, -0.3); tip.rotation.x = Math.PI / 2;
  const paste = group(drain, 0, 0, -0.34); const r1 = random(23);
  for (let i = 0; i < 60; ++i) add(paste, new THREE.IcosahedronGeometry(0.018 + r1() * 0.026, 1), M(0x4e5154, 0.55), (r1() - 0.5) * 0.13, (r1() - 0.5) * 0.13, (r1() - 0.5) * 0.1);
  for (const x of [-0.42, 0.2]) { const hole = add(pump, cyl(0.09, 0.02), dark, x, 0.62, 0.655); hole.rotation.x = Math.PI / 2; }

  // breather (fill plug) and dipstick on top
  const breather = group(scene, -0.55, 2.13, 0.05);
  add(breather, cyl(0.19, 0.12, 6), zinc, 0, 0.05, 0); add(breather, cyl(0.16, 0.2, 24), black, 0, 0.2, 0); add(breather, cyl(0.11, 0.3), steel, 0, -0.1, 0);
  for (let k = 0; k < 5; ++k) add(breather, new THREE.TorusGeometry(0.165, 0.012, 6, 24), black, 0, 0.13 + k * 0.035, 0).rotation.x = Math.PI / 2;
  add(pump, cyl(0.2, 0.06), red, -0.55, 2.13, 0.05); add(pump, cyl(0.12, 0.07), dark, -0.55, 2.135, 0.05);
  const dip = group(scene, 0.6, 2.2, 0.15); add(pump, cyl(0.1, 0.12), red, 0.6, 2.15, 0.15);
  add(dip, new THREE.TorusGeometry(0.13, 0.03, 10, 30), M(0xf0c419, 0.5), 0, 0.22, 0); add(dip, cyl(0.075, 0.1, 6), black, 0, 0.05, 0);
  add(dip, new THREE.BoxGeometry(0.09, 1.2, 0.025), steel, 0, -0.6, 0);
  for (const y of [-0.78, -1.06]) add(dip, new THREE.BoxGeometry(0.115, 0.022, 0.04), dark, 0, y, 0);
  const wet = add(dip, new THREE.BoxGeometry(0.094, 0.3, 0.03), M(0x5a3a10, 0.1), 0, -1.05, 0);

  // canister filter, suction pipe with strainer
  add(pump, box(0.5, 0.4, 0.6), red, -1.5, 1.55, 0.25); add(pump, cyl(0.4, 0.12), black, -1.82, 1.62, 0.3);
  const can = group(scene, -1.82, 1.1, 0.3); can.userData.home = can.position.clone();
  add(can, cyl(0.36, 0.86), blue); add(can, cyl(0.34, 0.08, 40, 0.3), blue, 0, -0.46, 0); add(can, cyl(0.375, 0.07), steel, 0, 0.44, 0);
  for (let k = 0; k < 16; ++k) add(can, box(0.06, 0.26, 0.05, 0.015), blue, 0.36 * Math.cos(k * Math.PI / 8), -0.32, 0.36 * Math.sin(k * Math.PI / 8)).rotation.y = -k * Math.PI / 8;
  const canText = marked => label(512, 200, (g, w, h) => { g.fillStyle = '#e9ecef'; g.fillRect(0, 0, w, h); g.fillStyle = '#1b2b45'; g.font = 'bold 36px sans-serif';
    g.fillText('OIL FILTER KQ-FC 2', 26, 54); g.font = '30px sans-serif'; g.fillText('by hand + 3/4 turn', 26, 102);
    if (marked) { g.strokeStyle = g.fillStyle = '#10131a'; g.font = 'italic bold 44px serif'; g.fillText('25.11.  302 h', 120, 168); } });
  const canLabel = [canText(false), canText(true)];
  const wrap = add(can, new THREE.CylinderGeometry(0.363, 0.363, 0.36, 40, 1, true, -0.85, 1.7), M(0xffffff, 0.55, 0, { map: canLabel[0] }), 0, 0.12, 0);
  wrap.castShadow = false;
  const ring = add(can, new THREE.TorusGeometry(0.33, 0.028, 12, 48), rubber, 0, 0.485, 0); ring.rotation.x = Math.PI / 2;
  const pipe = add(pump, cyl(0.42, 0.8), steel, 1.72, 1.4, 0.05); pipe.rotation.z = Math.PI / 2;
  const flange = add(pump, cyl(0.52, 0.1), brass, 2.1, 1.4, 0.05); flange.rotation.z = Math.PI / 2;
  const basket = group(scene, 2.16, 1.4, 0.05); const meshMat = M(0xc9ccc9, 0.4, 0.9, { wireframe: true });
  const net = add(basket, new THREE.CylinderGeometry(0.33, 0.3, 0.85, 48, 22, true), meshMat, -0.42, 0, 0); net.rotation.z = Math.PI / 2;
  const lid = add(basket, cyl(0.5, 0.06), steel, 0.03, 0, 0); lid.rotation.z = Math.PI / 2; const knob = add(basket, cyl(0.09, 0.14), black, 0.1, 0, 0); knob.rotation.z = Math.PI / 2;
  const wings = [-0.34, 0.34].map(z => { const g = group(scene, 2.24, 1.4, 0.05 + z); const b = add(g, cyl(0.06, 0.1), brass); b.rotation.z = Math.PI / 2;
    for (const s of [-1, 1]) { const w = add(g, box(0.03, 0.16, 0.09, 0.012), brass, 0.04, s * 0.11, 0); w.rotation.x = s * 0.4; } g.userData.home = g.position.clone(); return g; });

  // pan, oil, bottle, rag
  const pan = group(scene, -0.42, 0.06, 1.25);
  const wall = add(pan, new THREE.CylinderGeometry(0.72, 0.6, 0.24, 56, 1, true), M(0x1c1d20, 0.55, 0.2, { side: THREE.DoubleSide }), 0, 0.06, 0);
  add(pan, cyl(0.6, 0.02), dark, 0, -0.05, 0); add(pan, new THREE.TorusGeometry(0.72, 0.025, 8, 60), dark, 0, 0.18, 0).rotation.x = Math.PI / 2; wall.castShadow = true;
  const pool = add(pan, cyl(0.62, 0.01, 48), oilStuff, 0, 0, 0); pool.castShadow = false;
  const bottle = group(scene, -2.6, 0, 1.4); add(bottle, box(0.62, 1.0, 0.36, 0.09), M(0x3a3d3f, 0.5), 0, 0.5, 0); add(bottle, cyl(0.12, 0.3, 24, 0.2), M(0x3a3d3f, 0.5), 0.12, 1.1, 0);
  add(bottle, new THREE.PlaneGeometry(0.5, 0.6), M(0xffffff, 0.6, 0, { map: label(250, 300, (g, w, h) => { g.fillStyle = '#f2efe4'; g.fillRect(0, 0, w, h); g.fillStyle = '#8a5a12'; g.fillRect(0, 0, w, 60);
    g.fillStyle = '#222'; g.font = 'bold 44px sans-serif'; g.fillText('75W90', 40, 140); g.fillText('GL5', 40, 195); g.font = '34px sans-serif'; g.fillText('1 L', 40, 255); }) }), 0, 0.48, 0.182);
  const rag = add(scene, new THREE.SphereGeometry(0.42, 24, 16), M(0x8d98a8, 0.95), -2.3, 0.06, 1.0); rag.scale.set(1, 0.22, 0.8);
  let stream = null;
  const drawStream = (points, radius) => { if (stream) { scene.remove(stream); stream.geometry.dispose(); stream = null; }
    if (points) stream = add(scene, new THREE.TubeGeometry(new THREE.CatmullRomCurve3(points), 26, radius, 10), oilStuff); };

  // spanner (ring end at the origin, handle along +x), torque wrench, gloved hand
  const spanner = group(scene); const ringEnd = add(spanner, new THREE.TorusGeometry(0.17, 0.055, 10, 6), steel); ringEnd.scale.z = 1.5;
  add(spanner, box(1.7, 0.13, 0.07, 0.03), steel, 1.0, 0, 0.02); const open = add(spanner, new THREE.TorusGeometry(0.15, 0.06, 8, 20, 4.6), steel, 1.95, 0, 0.02); open.rotation.z = 0.85;
  const wrench = group(scene); const sock = add(wrench, cyl(0.15, 0.34, 28), steel, 0, 0, 0.02); sock.rotation.x = Math.PI / 2; const hd = add(wrench, cyl(0.14, 0.14), black, 0, 0, 0.25); hd.rotation.x = Math.PI / 2;
  const bar = add(wrench, cyl(0.065, 1.6), zinc, 0.9, 0, 0.24); bar.rotation.z = Math.PI / 2; const grip = add(wrench, cyl(0.1, 0.66), black, 1.95, 0, 0.24); grip.rotation.z = Math.PI / 2;
  const scaleRing = add(wrench, cyl(0.105, 0.06), M(0xe0b020, 0.5), 1.58, 0, 0.24); scaleRing.rotation.z = Math.PI / 2;
  // hand: fingertips near the origin, arm away along +x -y +z
  const hand = group(scene); const palm = add(hand, box(0.5, 0.46, 0.2, 0.09), glove, 0.5, 0, 0.12);
  palm.rotation.z = -0.1;
  for (let k = 0; k < 4; ++k) { const f = add(hand, new THREE.CapsuleGeometry(0.068, 0.3, 6, 12), glove, 0.16, 0.18 - k * 0.125, 0.1); f.rotation.z = Math.PI / 2 + 0.08 * (k - 1.5);
    const tipf = add(hand, new THREE.CapsuleGeometry(0.062, 0.16, 6, 12), glove, -0.02, 0.18 - k * 0.12, 0.03); tipf.rotation.set(0, 0.9, Math.PI / 2); }
  const thumb = add(hand, new THREE.CapsuleGeometry(0.075, 0.28, 6, 12), glove, 0.28, 0.1, 0.28); thumb.rotation.set(0.3, 0.5, 1.2);
  const cuff = add(hand, cyl(0.24, 0.26), gloveCuff, 0.86, 0, 0.15); cuff.rotation.z = Math.PI / 2; const arm = add(hand, cyl(0.26, 2.4, 30, 0.36), sleeve, 2.1, 0, 0.2); arm.rotation.z = Math.PI / 2;

  const camera = new THREE.PerspectiveCamera(38, size.width / size.height, 0.05, 60);
  const st = i => cues[clamp(i, 0, cues.length - 1)].start, en = i => cues[clamp(i, 0, cues.length - 1)].end;
  const shots = {
    wide: { p: v3(1.0, 2.3, 5.7), l: v3(-0.1, 1.05, 0.3) }, gauge: { p: v3(1.9, 1.3, 3.4), l: v3(0.75, 0.85, 0.6) },
    top: { p: v3(-0.9, 3.7, 2.9), l: v3(-0.35, 2.05, 0.1) }, cover: { p: v3(0.5, 1.8, 4.0), l: v3(0.1, 1.35, 0.7) },
    bolts: { p: v3(1.1, 2.1, 4.4), l: v3(0.75, 0.75, 1.2) }, low: { p: v3(-0.3, 0.95, 3.5), l: v3(-0.2, 0.6, 0.7) },
    plugs: { p: v3(0.15, 1.05, 3.0), l: v3(-0.12, 0.68, 0.7) }, magnet: { p: v3(0.2, 1.6, 4.3), l: v3(0.0, 1.35, 2.0) },
    filter: { p: v3(-2.7, 1.7, 4.0), l: v3(-1.6, 1.05, 0.4) }, seal: { p: v3(-1.9, 2.1, 3.6), l: v3(-1.75, 1.2, 1.2) }, strain: { p: v3(4.2, 2.0, 3.2), l: v3(2.1, 1.35, 0.1) },
    dipstick: { p: v3(0.9, 2.7, 3.6), l: v3(0.62, 2.3, 0.9) }, pour: { p: v3(-1.6, 3.2, 4.2), l: v3(-0.7, 1.9, 0.2) }, belt: { p: v3(0.3, 1.7, 3.1), l: v3(0.1, 1.4, 0.7) },
    bottle: { p: v3(-2.4, 1.3, 4.2), l: v3(-2.3, 0.6, 1.2) }, };
  const plan = film.endsWith('1')
    ? [[0, 'wide'], [3, 'gauge'], [4, 'wide'], [6, 'top'], [8, 'cover'], [11, 'bolts'], [13, 'low'], [15, 'plugs'], [17, 'low'], [19, 'magnet'], [21, 'plugs'], [28, 'wide']]
    : [[0, 'wide'], [1, 'filter'], [3, 'seal'], [5, 'filter'], [8, 'strain'], [11, 'bottle'], [13, 'pour'], [16, 'wide'], [17, 'belt'], [18, 'wide'], [19, 'dipstick'], [21, 'belt'], [23, 'cover'], [26, 'wide']];

  return function frame(t) {
    const u = (a, b = a) => smooth((t - st(a)) / Math.max(0.1, en(b) - st(a)));       // 0..1 from line a to the end of line b
    const within = (a, b) => t >= st(a) && t < (b + 1 < cues.length ? st(b + 1) : 1e9);
    const one = film.endsWith('1');
    // -- state that does not depend on the moment is set anew each frame
    hand.visible = spanner.visible = wrench.visible = false; drawStream(null); let exposure = 1.0, sag = 0;
    const hold = (x, y, z, rz = -0.7, ry = -0.5, s = 1) => { hand.visible = true; hand.position.set(x, y, z); hand.rotation.set(0, ry, rz); hand.scale.setScalar(s); };
    const tool = (g, at, rz) => { g.visible = true; g.position.copy(at); g.rotation.set(0, 0, rz); };
    const grab = (g, at, rz, reach) => { tool(g, at, rz); hold(at.x + Math.cos(rz) * reach, at.y + Math.sin(rz) * reach - 0.04, at.z + 0.2, rz * 0.4 - 0.8, -0.7); };
    const tray = i => v3(0.45 + i * 0.2, 0.06, 1.65 + (isBlack(i) ? 0.04 : 0));
    const boltsAt = f => bolts.forEach((b, i) => { const off = smooth(f * 3.2 - i * 0.36); const h = b.userData.home, d = tray(i);
      b.position.set(mix(h.x, d.x, off), mix(h.y, d.y, off) + Math.sin(off * Math.PI) * 0.5, mix(h.z, d.z, off) + Math.sin(off * Math.PI) * 0.5);
      b.rotation.set(-off * 1.25, 0, off < 1 ? off * 9 : 0); });
    const coverAt = f => { cover.position.set(mix(home.x, 2.3, f), mix(home.y, 0.72, f) + Math.sin(f * Math.PI) * 0.3, mix(home.z, 1.35, f) + Math.sin(f * Math.PI) * 0.4); cover.rotation.set(-f * 0.35, f * 0.25, 0); };
    const breatherAt = f => { breather.position.set(mix(-0.55, -1.2, smooth(f * 2 - 1)), 2.13 + Math.min(1, f * 2) * 0.35 - smooth(f * 2 - 1) * 2.33, mix(0.05, 1.9, smooth(f * 2 - 1))); breather.rotation.y = -Math.min(f * 2, 1) * 9; };
    let drainFree = 0; drain.position.copy(drain.userData.home); drain.rotation.set(0, 0, 0); drain.userData.washer.visible = true; paste.visible = true; level.position.copy(level.userData.home); level.rotation.set(0, 0, 0);
    can.position.copy(can.userData.home); can.rotation.set(0, 0, 0); ring.visible = true; wrap.material.map = canLabel[0]; basket.position.set(2.16, 1.4, 0.05); wings.forEach(w => { w.position.copy(w.userData.home); w.rotation.set(0, 0, 0); });
    bottle.position.set(-2.6, 0, 1.4); bottle.rotation.set(0, 0, 0); dip.position.set(0.6, 2.2, 0.15); pool.visible = false; pump.position.y = 0; rag.visible = !one;

    if (one) {
      pan.position.set(mix(-2.8, -0.42, u(13)), 0.06, mix(2.2, 1.25, u(13)));
      breatherAt(u(6, 7)); boltsAt(u(8, 11)); coverAt(u(12));
      if (within(4, 4)) { pump.position.y = Math.sin(t * 60) * 0.006; p1.rotation.z = p2.rotation.z = t * 9; }
      if (within(5, 5)) hold(0.9, 1.5 + 0.1 * wobble(t, 1), 1.3);
      if (within(6, 6)) grab(spanner, v3(breather.position.x, 2.25, 0.35), -0.4 - u(6) * 0.9, 1.3);
      if (within(8, 10)) { const i = Math.min(5, Math.floor(u(8, 10) * 6)); grab(wrench, bolts[i].userData.home.clone().add(v3(0, 0, 0.24)), -0.9 + 0.4 * Math.sin(t * 5), 1.9); }
      if (within(12, 12)) hold(cover.position.x + 0.75, cover.position.y, cover.position.z + 0.15, -0.6);
      if (within(13, 14)) { hold(pan.position.x + 0.7, 0.25, pan.position.z + 0.3, -0.4); exposure = mix(1, 0.16, smooth((t - st(13)) / 2)); }
      if (within(15, 15)) { exposure = mix(0.16, 1.0, u(15)); grab(spanner, v3(-0.42, 0.62, 0.8), -0.25 + 0.1 * Math.sin(t * 3), 1.4); }
      if (within(16, 16)) grab(spanner, v3(-0.42, 0.62, 0.8), -0.25 + u(16) * 0.8, 1.4);
      drainFree = u(17);
      if (within(17, 20)) { drain.position.z += drainFree * 0.45; drain.rotation.z = -drainFree * 8; if (drainFree > 0.98) drain.visible = within(19, 20); }
      if (within(17, 17)) { hold(drain.position.x + 0.18, 0.58, drain.position.z + 0.05, -0.55, -0.7); }
      const out = t - en(17) + 0.6;
      if (out > 0 && t < st(21)) { const strong = clamp(1 - out / (st(19) - en(17))), reach = 0.1 + 0.75 * strong, rad = 0.02 + 0.055 * strong; const p = [];
        for (let k = 0; k <= 8; ++k) { const q = k / 8; p.push(v3(-0.42 + 0.012 * wobble(t * 7 + q * 5, 3), 0.62 - (0.5) * q * q, 0.68 + reach * q + 0.01 * wobble(t * 9 + q * 9, 4))); }
        drawStream(p, rad); }
      pool.visible = out > 0; pool.position.y = -0.03 + 0.13 * clamp(out / 14); const ps = 0.96 + 0.12 * clamp(out / 14); pool.scale.set(ps, 1, ps);
      drain.visible = !(t >= en(17) && t < st(19));
      if (within(19, 20)) { drain.position.set(0, 1.42, 2.3); drain.rotation.set(0.35, Math.PI - 0.75 + 0.35 * wobble(t * 0.5, 2), 0); drain.scale.setScalar(1.5); hold(0.16, 1.32, 2.02, -0.35, 0.1, 1.1); } else drain.scale.setScalar(1);
      if (within(21, 21)) { drain.visible = false; hold(-0.32, 0.6, 0.78, -0.6, -0.6); }
      if (t >= st(21)) paste.visible = false;
      if (within(22, 22)) { const f = u(22); drain.position.z += 0.75 * (1 - smooth(f * 1.25)); drain.rotation.z = f * 9; hold(drain.position.x + 0.17, 0.58, drain.position.z + 0.12, -0.55, -0.7); }
      if (within(23, 24)) grab(wrench, v3(-0.42, 0.62, 0.84), -0.7 + 0.62 * u(23), 1.95);
      if (within(25, 26)) hold(0.36, 0.5 + 0.02 * wobble(t, 5), 0.86, -0.75, -0.6);
      if (within(27, 27)) grab(wrench, v3(0.2, 0.62, 0.84), -0.8 + 0.35 * u(27), 1.95);
    } else {
      pan.position.set(mix(-0.42, -1.7, u(1)), 0.06, mix(1.25, 0.75, u(1))); pool.visible = true; pool.position.y = 0.1; pool.scale.set(1.08, 1, 1.08);
      const coverBack = u(23, 24); coverAt(1 - smooth(u(23) * 1.4)); boltsAt(clamp(1 - coverBack)); breatherAt(1 - u(15));
      // canister off (1-2), shown (3-4), on again (5)
      const off = u(1, 2), on = u(5); const gone = clamp(off - on); can.position.set(-1.82 + gone * 0.1, 1.1 - gone * 0.42, 0.3 + smooth(gone * 2 - 0.9) * 1.1); can.rotation.y = -off * 7 + on * 7; can.rotation.x = within(3, 4) ? 0.5 * u(3) : 0;
      ring.material = t > st(4) ? oiled : rubber; if (within(3, 3)) ring.visible = true;
      if (t > st(7) + 1.2) wrap.material.map = canLabel[1];
      if (within(1, 2)) hold(can.position.x + 0.42, can.position.y - 0.1, can.position.z + 0.25, -0.5, -0.8);
      if (within(3, 4)) hold(can.position.x + 0.28 + 0.2 * Math.sin(t * 2.4), can.position.y + 0.55, can.position.z + 0.32, -0.5, -0.4, 0.9);
      if (within(5, 5)) hold(can.position.x + 0.42, can.position.y - 0.1, can.position.z + 0.25, -0.5 - 0.5 * Math.sin(t * 4), -0.8);
      if (within(7, 7)) hold(-1.5 + 0.14 * Math.sin(t * 5), 1.12, 0.78, -0.7, -0.5, 0.9);
      // strainer
      const pull = u(9) - u(10); basket.position.x = 2.16 + pull * 1.15; basket.position.z = 0.05 + pull * 0.5; wings.forEach((w, i) => { const f = clamp(u(8) - u(10)); w.position.set(2.24 + f * 0.4, 1.4 - smooth(f * 2 - 1) * 1.34, 0.05 + (i ? 0.34 : -0.34) + f * 0.6); w.rotation.x = f * 14; });
      if (within(8, 8)) hold(wings[1].position.x + 0.1, wings[1].position.y, wings[1].position.z + 0.1, -0.6, -0.2, 0.9);
      if (within(9, 10)) hold(basket.position.x + 0.16, 1.36, 0.2 + basket.position.z, -0.3, 0.1);
      // filling
      if (within(11, 12)) hold(-2.25, 0.72, 1.6, -0.5, -0.6);
      if (within(13, 14)) { const f = smooth(u(13) * 2.5); bottle.position.set(mix(-2.6, -1.62, f), mix(0, 2.75, f), mix(1.4, 0.08, f)); bottle.rotation.z = -f * 1.75; hold(bottle.position.x - 0.1, bottle.position.y + 0.25, 0.5, -1.7, -0.3);
        if (f > 0.95) drawStream([0, 0.25, 0.5, 0.75, 1].map(q => v3(mix(-0.52, -0.55, q) + 0.006 * wobble(t * 8 + q * 5, 1), mix(2.66, 2.1, q), 0.06)), 0.03); }
      if (within(15, 15)) hold(breather.position.x + 0.15, breather.position.y + 0.15, breather.position.z + 0.15, -0.9, -0.4);
      const runs = within(16, 17); if (runs) { pump.position.y = Math.sin(t * 60) * 0.006; p1.rotation.z = p2.rotation.z = t * 9; }
      if (within(17, 17)) hold(1.2, 0.7 + 0.1 * wobble(t, 3), 1.7, -0.6, -0.4);
      // dipstick
      const lift = smooth(u(19) * 1.3) - (t > st(21) ? 1 : 0); dip.position.y = 2.2 + clamp(lift) * 0.62; dip.position.z = 0.15 + clamp(lift) * 1.0; wet.visible = true; if (lift > 0.05) { hold(0.72, dip.position.y + 0.16, dip.position.z + 0.1, -0.4, -0.4, 0.85); }
      if (within(21, 22)) { sag = 0.1 * smooth(Math.sin(u(21) * Math.PI * 0.5) * 1.2) * (t < en(22) ? 1 : 0); hold(0.14, 1.74 - sag, 0.84, 0.95, -0.3, 0.75); }
      if (within(23, 23)) hold(cover.position.x + 0.8, cover.position.y, cover.position.z + 0.15, -0.6);
      if (within(25, 25)) { const i = [0, 3, 1, 4, 2, 5][Math.min(5, Math.floor(u(25) * 6))]; grab(wrench, bolts[i].userData.home.clone().add(v3(0, 0, 0.24)), -0.9 + 0.3 * Math.sin(t * 4), 1.95); }
      if (within(27, 27)) { pan.position.z = 0.75 + u(27) * 1.6; hold(pan.position.x + 0.75, 0.25, pan.position.z + 0.2, -0.4); }
    }
    if (sag || frame.sag) { drawBelt(sag); frame.sag = sag; }

    // -- the hand-held camera: moves between shots, sways, and hunts for light after each move
    let k = 0; while (k + 1 < plan.length && t >= st(plan[k + 1][0])) ++k;
    const a = shots[plan[Math.max(0, k - 1)][1]], b = shots[plan[k][1]], since = t - st(plan[k][0]), m = k ? smooth(since / 0.9) : 1;
    camera.position.lerpVectors(a.p, b.p, m); const look = v3(0, 0, 0).lerpVectors(a.l, b.l, m);
    camera.position.add(v3(wobble(t, 0), wobble(t, 10), wobble(t, 20)).multiplyScalar(0.035)); look.add(v3(wobble(t * 1.1, 30), wobble(t * 0.9, 40), 0).multiplyScalar(0.022));
    camera.lookAt(look); camera.rotateZ(0.012 * wobble(t * 0.7, 50));
    const hunt = k && since < 1.6 ? 1 + 0.28 * Math.sin(since * 5.5) * Math.exp(-since * 2.2) : 1;
    renderer.toneMappingExposure = 1.2 * exposure * hunt;
    renderer.render(scene, camera);
    return renderer.domElement;
  };
}
