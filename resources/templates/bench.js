// At the machine: the guide one step at a time on a tablet without a network. What is entered is kept in the browser with every touch, and
// goes back as NAME.run.json, to the desk or as a file. Whoever takes it in judges the readings anew.
'use strict';
(() => {
  const { served, keep, kept, uuid } = anagraph;
  const find = name => document.querySelector(name);
  const sheet = JSON.parse(find('#sheet').textContent);
  const key = `anagraph bench ${sheet.mark}`;
  const now = () => Math.floor(Date.now() / 1000);
  const utc = at => new Date(at * 1000).toISOString().slice(0, 19) + 'Z';
  const clock_text = s => { const p = n => String(n).padStart(2, '0'); return s < 3600 ? `${Math.floor(s / 60)}:${p(s % 60)}` : `${Math.floor(s / 3600)}:${p(Math.floor(s / 60) % 60)}:${p(s % 60)}`; };
  const element = (name, words, more = {}) => {
    const out = document.createElement(name);
    if (words !== undefined) out.textContent = words;
    for (const [what, value] of Object.entries(more)) if (value !== undefined && value !== false) out.setAttribute(what, value);
    return out;
  };
  let state = null;  // of the run: see start()
  let steps = [];    // of its variant

  // -- photographs: too large for what is kept as text
  const photos = new Promise(done => {
    try {
      const open = indexedDB.open('anagraph evidence', 1);
      open.onupgradeneeded = () => open.result.createObjectStore('photos');
      open.onsuccess = () => done(open.result);
      open.onerror = () => done(null);
    } catch { done(null); }
  });
  const in_store = async (mode, work) => {
    const db = await photos;
    return db && new Promise((done, fail) => {
      const request = work(db.transaction('photos', mode).objectStore('photos'));
      request.onsuccess = () => done(request.result);
      request.onerror = () => fail(request.error);
    });
  };

  // -- the run
  const fresh_step = s => ({ id: s.id, began: null, ended: null, state: null, because: '', lines: 0, readings: [], from: 0, checks: {}, evidence: [], begun: {}, over: {}, paused: 0, assessed: '' });
  const save = () => {
    if (!state) return;
    state.alive = now();
    if (!keep(key, JSON.stringify(state))) tell('This browser keeps nothing: do not close the page before the run is handed back.');
  };
  const step = () => steps[state.hand];
  const of = s => state.steps[steps.indexOf(s)];
  const by_id = id => steps.find(s => s.id === id);
  const belongs = (reading, want) => (want.figure ? reading.figure === want.figure : !reading.figure && reading.what === want.what);
  const last_reading = (s, want) => of(s).readings.slice(of(s).from).filter(r => belongs(r, want)).pop();
  const outside = judged => judged === 'below' || judged === 'above';
  const judge = (want, value, unit) => {
    if (!want.limits) return 'no limits';
    const to = want.limits.unit;
    const from = want.units.find(u => u.id === unit);
    const v = (value + from.offset) * from.factor / to.factor - to.offset;
    const slack = 1e-9 * Math.max(1, Math.abs(v));
    if (want.limits.low !== undefined && v < want.limits.low - slack) return 'below';
    if (want.limits.high !== undefined && v > want.limits.high + slack) return 'above';
    return 'within';
  };
  function clocks() {
    const out = [];
    steps.forEach((s, i) => {
      const e = state.steps[i];
      if (e.state) return;
      for (const w of Object.keys(e.begun)) {
        if (w in e.over) continue;
        const lasted = Math.max(0, now() - e.begun[w]);
        out.push({ step: s, wait: Number(w), words: s.waits[w].text, lasted, left: s.waits[w].seconds === undefined ? null : s.waits[w].seconds - lasted });
      }
    });
    return out.sort((a, b) => (a.left === null ? 1 : b.left === null ? -1 : a.left - b.left));
  }
  const runs_on = s => clocks().some(c => c.step === s && (c.left === null || c.left > 0));
  const next_wait = s => s.waits.findIndex((w, i) => !(i in of(s).begun));
  function next_open() {
    for (const s of steps) {
      if (of(s).state) continue;
      if (!runs_on(s)) return s;
      return s.meanwhile.map(by_id).find(x => x && !of(x).state && !runs_on(x)) || s;
    }
    return null;
  }
  function missing_before() {
    const gear = variant().gear.find(g => !state.ticked.includes(g));
    if (gear) return `Put on your protective gear and tick it: ${gear}.`;
    return state.locked ? '' : "Make the machine safe by the site's rules, then say that it is.";
  }
  function off_limits(s) {
    if (of(s).because) return '';
    for (const want of s.wanted) {
      const reading = last_reading(s, want);
      if (reading && outside(reading.judged)) return `${reading.value} ${symbol(want, reading.unit)} is ${reading.judged} the limits: do it again, stop and ask, or say why it stays.`;
    }
    return '';
  }
  function missing(s) {
    const e = of(s);
    if (e.lines < s.lines.length) return `Line ${e.lines + 1} is still to be done.`;
    const wait = next_wait(s);
    if (wait >= 0) return `The wait is still to come: ${s.waits[wait].text}.`;
    const running = clocks().find(c => c.step === s && c.left > 0);
    if (running) return `${clock_text(running.left)} left: ${running.words}.`;
    if (e.because) return '';
    for (const want of s.wanted) {
      if (want.needed && !last_reading(s, want)) return `Write down what you read: ${want.what}.`;
    }
    const off = off_limits(s);
    if (off) return off;
    for (const [i, c] of s.checks.entries()) {
      if (!e.checks[i]) return `Look, and say whether it is good: ${c.look}.`;
      if (!e.checks[i].good) return `It is not good: ${c.look}. Put it right and look again, stop and ask, or say why it stays.`;
    }
    return '';
  }
  function comes_first(s) {
    const before = steps.slice(0, steps.indexOf(s)).filter(other => !of(other).state);
    // what the plan does during a wait may be done before all that comes after that wait, and is finished although the wait has ended
    if (before.some(other => Object.keys(of(other).begun).length > 0 && other.meanwhile.includes(s.id))) return '';
    return before.length ? `Step ${before[0].number} comes first: do it, or leave it out and say why.` : '';
  }
  const symbol = (want, unit) => want.units.find(u => u.id === unit).symbol;
  const variant = () => sheet.variants.find(v => v.variant === state.variant);
  function take(s) {
    state.hand = steps.indexOf(s);
    if (of(s).began === null) of(s).began = now();
    window.scrollTo(0, 0);
  }
  function close(s, how, because) {
    const e = of(s);
    if (because) e.because = because;
    e.ended = now();
    e.state = how;
    if (how === 'stopped') return;  // it is asked first, then done again, passed over, or the run ended
    const next = next_open();
    if (next) take(next); else end();
  }
  function end() { state.at = 'ended'; state.ended = now(); }
  function pause(at) { state.at = 'paused'; state.paused_at = at; }
  function go_on() {
    for (const e of state.steps) if (e.began !== null && e.ended === null) e.paused += now() - state.paused_at;
    state.at = 'working';
    state.paused_at = null;
  }

  // What the one large key does now: its words, and what follows; that returns a sentence where it cannot be done, otherwise nothing.
  function press() {
    const must = (what, done) => () => what || done();
    if (state.at === 'paused') return ['Go on', go_on];
    if (state.at === 'before') return ['Begin', must(missing_before(), () => { state.at = 'working'; take(steps[0]); })];
    const s = step();
    const e = of(s);
    const next = next_open();
    if (e.state) return next ? ['To the next step', () => take(next)] : ['To the end', end];
    if (e.lines < s.lines.length) return [e.lines + 1 < s.lines.length ? 'Done, next line' : 'Done', () => { e.lines += 1; }];
    const own = clocks().find(c => c.step === s);
    if (own && own.left > 0) return next && next !== s ? ['Meanwhile', () => take(next)] : [`Wait ${clock_text(own.left)}`, () => missing(s)];
    if (own) return ['The wait is over', () => { e.over[own.wait] = now(); }];
    const wait = next_wait(s);
    if (wait >= 0) return ['Start the clock', () => { e.begun[wait] = now(); }];
    return ['Done, go on', must(missing(s) || comes_first(s), () => close(s, 'done', ''))];
  }
  const way_on = () => press()[1]();
  const way_on_words = () => press()[0];

  function run() {
    const out = { format: 1, id: state.id, guide: sheet.guide, edition: sheet.edition, mark: sheet.mark, variant: state.variant, machine: { name: state.machine, serial: state.serial }, who: state.who, assessor: state.assessor, began: utc(state.began), ended: utc(state.ended), steps: [], used: [], findings: state.findings, signed: state.signed };
    state.steps.forEach((e, i) => {
      if (e.began === null) return;
      out.steps.push({ id: e.id, began: utc(e.began), ended: utc(e.ended ?? state.ended), state: e.state || 'stopped', because: e.state ? e.because : 'not done when the run ended',
        readings: e.readings, checks: Object.keys(e.checks).map(c => ({ look: steps[i].checks[c].look, ...e.checks[c] })), evidence: e.evidence, assessed: e.assessed, ...(e.paused > 0 ? { paused: e.paused } : {}) });
    });
    return out;
  }

  // -- what is asked in a word
  function ask(question, { choices = [], words = true, start = '' } = {}) {
    const dialog = find('.ask');
    find('.question').textContent = question;
    find('.ask .choices').replaceChildren(...choices.map((c, i) => {
      const label = element('label');
      const input = element('input', undefined, { type: 'radio', name: 'choice', value: c });
      input.checked = i === 0;
      label.append(input, c);
      return label;
    }));
    const field = dialog.querySelector('input[name=words]');
    field.hidden = !words;
    field.required = words;
    field.value = start;
    field.setAttribute('aria-label', question);
    dialog.returnValue = 'no';
    dialog.showModal();
    (words ? field : dialog.querySelector('.way-on')).focus();
    return new Promise(done => dialog.addEventListener('close', () => {
      const chosen = dialog.querySelector('.choices input:checked');
      done(dialog.returnValue === 'ok' ? { words: field.value.trim(), choice: chosen ? chosen.value : '' } : null);
    }, { once: true }));
  }

  // -- showing
  const tell = words => { find('.told').textContent = words || ''; };
  const button = (words, press, more) => { const b = element('button', words, { type: 'button', ...more }); b.addEventListener('click', press); return b; };
  const plate = id => { const t = find(`template[data-plate="${CSS.escape(id)}"]`); return t ? t.content.cloneNode(true) : ''; };
  const sign = () => {
    const ns = 'http://www.w3.org/2000/svg';
    const svg = document.createElementNS(ns, 'svg');
    svg.setAttribute('viewBox', '0 0 100 90');
    svg.setAttribute('aria-hidden', 'true');
    for (const [name, more] of [['path', { d: 'M50 6 L95 84 L5 84 Z', fill: '@caution', stroke: '@ink', 'stroke-width': 7, 'stroke-linejoin': 'round' }], ['path', { d: 'M50 32 L50 58', stroke: '@ink', 'stroke-width': 9, 'stroke-linecap': 'round' }], ['circle', { cx: 50, cy: 71, r: 5.5, fill: '@ink' }]]) {
      const part = document.createElementNS(ns, name);
      for (const [what, value] of Object.entries(more)) part.setAttribute(what, value);
      svg.append(part);
    }
    return svg;
  };
  // Does it, keeps it, and shows what has come of it: what is to be done next is in sight.
  const change = what => {
    const words = what ? what() : '';
    save();
    show();
    tell(words);
    if (state && state.at === 'working') (find('.lines .now') || find('.todo'))?.scrollIntoView({ block: 'nearest' });
  };

  function show_steps() {
    find('.steps').replaceChildren(...steps.map(s => {
      const e = of(s);
      const kind = e.state === 'done' ? 'closed' : e.state || (runs_on(s) ? 'waits' : 'open');
      const b = button(String(s.number), () => change(() => take(s)), { class: kind, 'aria-label': `Step ${s.number}, ${s.heading}, ${kind}` });
      if (s === step()) b.setAttribute('aria-current', 'step');
      return b;
    }));
    const at = find('.steps [aria-current]');
    if (at) at.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }
  function show_want(s, want, i) {
    const box = element('div', undefined, { class: 'want' });
    box.append(element('p', want.what, { class: 'what' }));
    if (want.value) box.append(element('div', want.value.replace(' \u00b1 ', ' \u00b1\u00a0'), { class: `value${want.value.length > 12 ? ' long' : ''}` }));
    if (want.other) box.append(element('p', want.other, { class: 'other' }));
    if (want.settings.length) box.append(element('p', `Set: ${want.settings.join(' · ')}`, { class: 'settings' }));
    const readings = of(s).readings.filter(r => belongs(r, want));
    if (!of(s).state && readings.slice(-want.times).filter(r => !outside(r.judged)).length < want.times) box.classList.add('todo');
    if (readings.length) {
      const list = element('ul');
      for (const r of readings) list.append(element('li', `${r.value} ${symbol(want, r.unit)}, ${r.judged === 'no limits' ? 'nothing to judge it by' : r.judged === 'within' ? 'within limits' : `${r.judged} the limits`}`, { class: outside(r.judged) ? 'outside' : r.judged === 'within' ? 'within' : '' }));
      const read = element('div', undefined, { class: 'read' });
      read.append(list);
      box.append(read);
    }
    if (of(s).state || !want.units.length) return box;
    const form = element('form', undefined, { autocomplete: 'off' });
    const label = element('label', want.times > 1 ? `Read (${readings.length} of ${want.times})` : 'Read');
    const field = element('input', undefined, { inputmode: 'decimal', maxlength: 12, name: `reading-${i}` });
    label.append(field);
    const unit = element('select', undefined, { 'aria-label': 'Unit' });
    for (const u of want.units) unit.append(element('option', u.symbol, { value: u.id }));
    form.append(label, unit, element('button', 'Write down', { type: 'submit' }));
    form.addEventListener('submit', event => {
      event.preventDefault();
      const typed = field.value.trim().replace(',', '.');
      if (!/^\d+(\.\d+)?$/.test(typed)) { tell('Write a number, as in 24.8.'); return field.focus(); }
      return change(() => {
        const judged = judge(want, Number(typed), unit.value);
        const e = of(s);
        e.readings.push({ ...(want.figure ? { figure: want.figure } : { what: want.what }), value: typed, unit: unit.value, by: 'typed', device: '', at: utc(now()), judged });
        e.because = '';
        return off_limits(s);
      });
    });
    box.append(form);
    return box;
  }
  function show_check(s, c, i) {
    const box = element('div', undefined, { class: 'check' });
    box.append(element('p', `Look: ${c.look}`));
    if (c.good) box.append(element('p', `Good: ${c.good}`));
    if (c.stop) box.append(element('p', `Stop: ${c.stop}${c.ask ? `; ask ${c.ask}` : ''}`));
    const pair = element('div', undefined, { class: 'pair' });
    for (const id of c.pair) pair.append(plate(id));
    if (c.pair.length) box.append(pair);
    const said = of(s).checks[i];
    if (!said && !of(s).state) box.classList.add('todo');
    const answers = element('div', undefined, { class: 'answers' });
    const answer = good => async () => {
      const told = !good ? await ask('What do you see?') : c.write ? await ask(`Write down: ${c.write}`) : { words: '' };
      if (told) change(() => { of(s).checks[i] = { good, words: told.words }; of(s).because = ''; });
    };
    answers.append(button('Good', answer(true), { 'aria-pressed': String(said?.good === true), disabled: of(s).state ? '' : undefined }), button('Not good', answer(false), { 'aria-pressed': String(said?.good === false), disabled: of(s).state ? '' : undefined }));
    box.append(answers);
    if (said?.words) box.append(element('p', said.words, { class: said.good ? 'within' : 'outside' }));
    return box;
  }
  async function show_photos(s) {
    const box = find('.photos');
    box.replaceChildren();
    for (const e of of(s).evidence) {
      const bytes = await in_store('readonly', store => store.get(e.sha256)).catch(() => null);
      if (!bytes) continue;
      const picture = await createImageBitmap(new Blob([bytes], { type: 'image/jpeg' })).catch(() => null);
      if (!picture || s !== step()) return;
      const canvas = element('canvas', undefined, { role: 'img', 'aria-label': 'Photograph' });
      canvas.width = 160;
      canvas.height = Math.round(160 * picture.height / picture.width);
      canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
      box.append(canvas);
    }
  }
  function show_clocks() {
    const box = find('.clocks');
    box.replaceChildren(...clocks().map(c => {
      const line = element('div', undefined, { class: `clock${c.left !== null && c.left <= 0 ? ' over' : ''}` });
      const meanwhile = c.step.meanwhile.map(by_id).filter(x => x && !of(x).state).map(x => x.number);
      line.append(element('b', c.left === null ? clock_text(c.lasted) : c.left > 0 ? clock_text(c.left) : 'over'),
        element('span', `${c.words} (step ${c.step.number})${c.left > 0 && meanwhile.length ? `; meanwhile: step ${meanwhile.join(', ')}` : ''}`));
      return line;
    }));
  }
  function show_work() {
    const s = step();
    const e = of(s);
    show_steps();
    find('.no').textContent = s.number;
    find('.heading').textContent = s.heading;
    find('.states').textContent = s.states.length ? `The machine: ${s.states.join(', ')}` : '';
    find('.cautions').replaceChildren(...s.cautions.map(c => {
      const box = element('div', undefined, { class: `caution ${c.signal}`, role: 'note' });
      const word = element('b');
      word.append(sign(), c.signal);
      box.append(word, element('p', c.text));
      return box;
    }));
    find('.lines').replaceChildren(...s.lines.map((line, i) => element('li', line, { class: i < e.lines || e.state ? 'did' : i === e.lines ? 'now' : '' })));
    find('.wanted').replaceChildren(...s.wanted.map((want, i) => show_want(s, want, i)));
    find('.checks').replaceChildren(...s.checks.map((c, i) => show_check(s, c, i)));
    const shown = find('.shown');
    if (shown.dataset.step !== s.id) {
      shown.dataset.step = s.id;
      const in_checks = new Set(s.checks.flatMap(c => c.pair));
      shown.replaceChildren(...s.plates.filter(id => !in_checks.has(id)).map(plate));
      if (s.clip) shown.append(element('video', undefined, { src: s.clip.file, poster: s.clip.poster, controls: '', preload: 'none', playsinline: '', 'aria-label': `Film of step ${s.number}` }));
    }
    show_clocks();
    show_photos(s);
  }
  function show_end() {
    const whole = state.steps.every(e => e.state === 'done' || e.state === 'skipped');
    const verdict = find('.verdict');
    verdict.textContent = whole ? 'The work is done.' : 'The work stopped; it counts as no service.';
    verdict.classList.toggle('whole', whole);
    find('.done').replaceChildren(...steps.map(s => {
      const e = of(s);
      const line = element('li');
      const took = e.began === null ? '' : `, ${clock_text(Math.max(0, (e.ended ?? state.ended) - e.began - e.paused))}`;
      const words = element('div', `${s.number} ${s.heading} `);
      words.append(element('small', `${e.state === 'done' ? 'done' : e.state === 'skipped' ? 'left out' : 'stopped'}${took}${e.because ? `: ${e.because}` : ''}`));
      line.append(words);
      if (state.assessor && !state.signed.length && e.began !== null) {
        const marks = element('div', undefined, { class: 'marks', role: 'group', 'aria-label': `How step ${s.number} was done` });
        for (const how of ['alone', 'with help', 'not yet']) marks.append(button(how, () => change(() => { e.assessed = how; }), { 'aria-pressed': String(e.assessed === how) }));
        line.append(marks);
      } else if (e.assessed) line.append(element('span', e.assessed));
      return line;
    }));
    const signing = find('.signing');
    signing.replaceChildren();
    for (const post of [state.who, state.assessor]) {
      if (!post) continue;
      if (state.signed.some(x => x.post === post)) signing.append(element('p', `Signed: ${post}`));
      else signing.append(button(`Sign as ${post}`, () => change(() => { state.signed.push({ post, key: '', signature: '' }); })));
    }
    find('.desk').hidden = !served;
    find('.code').hidden = !served || Boolean(kept('anagraph desk'));
  }
  function show() {
    const at = state ? state.at : 'none';
    find('.before').hidden = at !== 'none' && at !== 'before';
    find('.who').hidden = at !== 'none';
    find('.ready').hidden = at !== 'before';
    find('.work').hidden = at !== 'working' && at !== 'paused';
    find('.end').hidden = at !== 'ended';
    find('.foot').hidden = at === 'none' || at === 'ended';
    find('.about').textContent = state ? [state.variant, state.serial ? `serial ${state.serial}` : state.machine, state.who].filter(Boolean).join(' · ') : '';
    if (!state) return;
    if (at === 'before') show_ready();
    if (at === 'working' || at === 'paused') show_work();
    if (at === 'ended') show_end();
    find('.keys .way-on').textContent = at === 'ended' ? '' : way_on_words();
    const working = at === 'working';
    const open = working && !of(step()).state;
    find('.again').hidden = !working || (!of(step()).state && of(step()).lines === 0);
    find('.stop').hidden = find('.leave').hidden = find('.photo').hidden = !open;
    find('.end-run').hidden = !working || !state.steps.some(e => e.state === 'stopped');
    find('.found').hidden = find('.pause').hidden = !working;
    // a step is not touched while nobody works
    find('.step').inert = at === 'paused';
  }
  function show_ready() {
    const tick = (words, on, press) => {
      const label = element('label');
      const box = element('input', undefined, { type: 'checkbox' });
      box.checked = on;
      box.addEventListener('change', () => { press(box.checked); save(); });
      label.append(box, words);
      return label;
    };
    const ticks = (where, list) => find(where).replaceChildren(...list.map(words => tick(words, state.ticked.includes(words), there => {
      state.ticked = state.ticked.filter(x => x !== words);
      if (there) state.ticked.push(words);
    })));
    ticks('.gear', variant().gear);
    ticks('.kit', variant().kit);
    find('.lock').replaceChildren(tick("It is safe: isolated and locked off as the site's rules say.", state.locked, there => { state.locked = there; }));
  }

  // -- presses
  function press_on() { change(() => way_on()); find('.keys .way-on').focus({ preventScroll: true }); if (state.at === 'ended') find('.end').focus(); }
  find('.keys .way-on').addEventListener('click', press_on);
  find('.again').addEventListener('click', () => change(() => {
    Object.assign(of(step()), { state: null, ended: null, because: '', lines: 0, checks: {}, begun: {}, over: {}, from: of(step()).readings.length });
  }));
  find('.stop').addEventListener('click', async () => {
    const s = step();
    const bad = s.wanted.some(w => outside(last_reading(s, w)?.judged)) || s.checks.some((c, i) => of(s).checks[i] && !of(s).checks[i].good);
    const said = await ask('Why does it stop here?', { choices: bad ? ['Stop, ask', 'It stays, and this is why'] : [] });
    if (!said) return;
    if (said.choice.startsWith('It stays')) change(() => { of(s).because = said.words; });
    else change(() => close(s, 'stopped', said.words));
  });
  find('.leave').addEventListener('click', async () => {
    const s = step();
    const said = await ask('Why is this step left out?');
    if (said) change(() => close(s, 'skipped', said.words));
  });
  find('.end-run').addEventListener('click', () => { change(() => end()); find('.end').focus(); });
  find('.found').addEventListener('click', async () => {
    const said = await ask('What did you find?', { choices: ['next service', 'now', 'watch'] });
    if (said) change(() => { state.findings.push({ step: step().id, words: said.words, urgency: said.choice, evidence: [] }); return 'Written down.'; });
  });
  find('.pause').addEventListener('click', () => change(() => pause(now())));
  find('.photo').addEventListener('click', () => find('.camera').click());
  find('.camera').addEventListener('change', async event => {
    const file = event.target.files[0];
    event.target.value = '';
    if (!file) return;
    const s = step();
    try {
      const picture = await createImageBitmap(file);
      const share = Math.min(1, 1600 / Math.max(picture.width, picture.height));
      const canvas = element('canvas');
      canvas.width = Math.round(picture.width * share);
      canvas.height = Math.round(picture.height * share);
      canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
      const blob = await new Promise(done => canvas.toBlob(done, 'image/jpeg', 0.85));
      const bytes = new Uint8Array(await blob.arrayBuffer());
      const sha256 = sha256_of(bytes);
      await in_store('readwrite', store => store.put(bytes, sha256));
      change(() => { of(s).evidence.push({ sha256, kind: 'photo', at: utc(now()) }); return 'The photograph is kept.'; });
    } catch { tell('This file is no picture that can be kept; take another.'); }
  });
  document.addEventListener('keydown', event => {
    // a foot pedal sends Page Down
    if (event.key !== 'PageDown' || !state || state.at === 'ended' || find('.ask').open) return;
    event.preventDefault();
    press_on();
  });

  // -- handing back
  const name = () => `${document.body.dataset.name}-${anagraph.in_file_names(state.who)}-${utc(state.ended).slice(0, 10)}.run.json`;
  const evidence = async () => {
    const out = [];
    for (const e of state.steps.flatMap(x => x.evidence)) {
      const bytes = await in_store('readonly', store => store.get(e.sha256)).catch(() => null);
      if (bytes) out.push([e.sha256, bytes]);
    }
    return out;
  };
  find('.save').addEventListener('click', async () => {
    const files = {};
    for (const [sha256, bytes] of await evidence()) files[sha256] = btoa(Array.from(bytes, b => String.fromCharCode(b)).join(''));
    anagraph.download(JSON.stringify({ ...run(), ...(Object.keys(files).length ? { files } : {}) }), name());
    handed('Saved. Give the file to whoever keeps the logbook.');
  });
  find('.desk').addEventListener('click', async () => {
    const parts = (await evidence()).map(([, bytes]) => ({ where: '/evidence', body: bytes, type: 'image/jpeg' }));
    parts.push({ where: '/runs', body: JSON.stringify(run()), type: 'application/json' });
    if (await anagraph.hand(parts, find('.code'), say_end)) handed('It is with the desk.');
  });
  const say_end = words => { find('.foot').hidden = false; find('.keys').hidden = true; tell(words); };
  function handed(words) {
    state.handed = true;
    save();
    say_end(words);
  }
  find('.another').addEventListener('click', async () => {
    if (!state.handed && !await ask('This run was not handed back. Give it up?', { words: false })) return;
    for (const e of state.steps.flatMap(x => x.evidence)) in_store('readwrite', store => store.delete(e.sha256)).catch(() => {});
    keep(key, null);
    state = null;
    find('.keys').hidden = false;
    tell('');
    show();
  });

  function start(event) {
    event.preventDefault();
    const form = find('.who');
    const value = field => form.elements[field].value.trim();
    const said = find('.who .said');
    if (!value('serial') && !value('machine')) { said.textContent = 'Say which machine it is, by its serial or its name.'; form.elements.serial.focus(); return; }
    if (value('assessor') && value('assessor').toLowerCase() === value('who').toLowerCase()) { said.textContent = 'Nobody assesses their own run.'; form.elements.assessor.focus(); return; }
    keep('anagraph learner', value('who'));
    const chosen = form.querySelector('[name=variant]:checked');
    if (!chosen) { said.textContent = 'Say which variant it is.'; return; }
    state = { id: uuid(), who: value('who'), assessor: value('assessor'), serial: value('serial'), machine: value('machine'), variant: chosen.value, began: now(), ended: null, at: 'before', paused_at: null, hand: 0, ticked: [], locked: false, steps: [], findings: [], signed: [], alive: now(), handed: false };
    steps = variant().steps;
    state.steps = steps.map(fresh_step);
    said.textContent = '';
    change();
    window.scrollTo(0, 0);
  }
  const form = find('.who');
  form.addEventListener('submit', start);
  sheet.variants.forEach(v => {
    const label = element('label');
    const input = element('input', undefined, { type: 'radio', name: 'variant', value: v.variant });
    input.checked = sheet.variants.length === 1;
    label.append(input, v.variant || sheet.machine);
    find('.variants').append(label);
  });
  find('.variants').hidden = sheet.variants.length === 1;
  form.elements.who.value = kept('anagraph learner');
  // a label's code leads here with the machine's serial
  form.elements.serial.value = new URLSearchParams(location.search).get('serial') || '';

  // a page that was closed in the middle goes on where it was: the time nobody was there is a pause
  let was = null;
  try { was = JSON.parse(kept(key) || 'null'); } catch { /* somebody else's */ }
  const fits = was && Array.isArray(was.steps) && sheet.variants.some(v => v.variant === was.variant && v.steps.length === was.steps.length);
  if (fits) {
    state = was;
    steps = variant().steps;
    if (state.at === 'working') pause(state.alive);
  }
  find('.plain').hidden = true;
  find('main').hidden = false;
  show();
  if (fits && state.at === 'paused') tell('The run is where you left it. Go on when you are ready.');
  setInterval(() => {
    if (!state || (state.at !== 'working' && state.at !== 'paused')) return;
    if (state.at === 'working') save();
    show_clocks();
    find('.keys .way-on').textContent = way_on_words();
  }, 1000);
  // the light stays on while the hands are at the machine
  if (navigator.wakeLock) navigator.wakeLock.request('screen').catch(() => {});
})();
