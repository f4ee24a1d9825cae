// The check of a learner: one question at a time, the first answer to each is kept, and a wrong one is answered again until it is right.
// What it comes to goes to the desk, into a file, or to the page that shows this one. Whoever takes it in judges it anew.
'use strict';
(() => {
  const find = name => document.querySelector(name);
  const begin = find('.begin');
  if (!begin) return;
  const asked = find('.asked');
  const end = find('.end');
  const sets = [...document.querySelectorAll('.set')];
  const mark = document.body.dataset.mark;
  const { served, keep, kept, uuid } = anagraph;
  // the page that shows this one, and where it may be told: pages opened from a folder have no origin
  const tell = message => { if (window.parent !== window) window.parent.postMessage({ anagraph: 'check', mark, ...message }, served ? location.origin : '*'); };
  const key = `anagraph check ${mark}`;
  let state = null;  // { learner, set, answers, began, id }

  const questions = () => [...sets[state.set].querySelectorAll('fieldset')];
  const right_of = question => question.querySelectorAll('input')[Number(question.dataset.right)].value;
  const save = () => keep(key, JSON.stringify(state));
  const seconds = () => Math.round((Date.now() - state.began) / 1000);
  const link_to = (step, words) => {
    const link = document.createElement('a');
    link.href = `guide.html#step-${step}`;
    link.target = '_blank';
    link.rel = 'noopener';
    link.textContent = words;
    return link;
  };

  // the question in hand: the first that was not answered right
  let at = 0;
  function show(place) {
    at = place;
    const all = questions();
    sets.forEach((set, i) => { set.hidden = i !== state.set; });
    all.forEach((question, i) => { question.hidden = i !== at; });
    begin.hidden = end.hidden = true;
    asked.hidden = find('.go').hidden = false;
    find('.go button').textContent = 'Answer';
    find('.at').textContent = `${at + 1} of ${all.length}`;
    const question = all[at];
    question.querySelectorAll('label').forEach(label => label.classList.remove('tried', 'good'));
    question.querySelectorAll('input').forEach(input => { input.checked = false; input.disabled = false; });
    question.querySelector('.told').textContent = '';
    question.querySelector('input').focus({ preventScroll: true });
    window.scrollTo(0, 0);
  }

  function answer() {
    const question = questions()[at];
    if (find('.go button').textContent !== 'Answer') return at + 1 < questions().length ? show(at + 1) : finish();
    const chosen = question.querySelector('input:checked');
    const told = question.querySelector('.told');
    if (!chosen) { told.textContent = 'Choose one.'; return undefined; }
    if (state.answers.length === at) { state.answers.push(chosen.value); save(); }
    const step = told.dataset.step;
    const label = chosen.closest('label');
    if (chosen.value === right_of(question)) {
      label.classList.add('good');
      question.querySelectorAll('input').forEach(input => { input.disabled = true; });
      told.textContent = 'Right.';
      find('.go button').textContent = at + 1 < questions().length ? 'Next' : 'Done';
      find('.go button').focus();
      return undefined;
    }
    label.classList.add('tried');
    chosen.checked = false;
    chosen.disabled = true;
    told.textContent = 'Not right. ';
    told.append(link_to(step, `Read step ${step}`), ', then answer again.');
    question.querySelector('input:not(:disabled)').focus({ preventScroll: true });
    return undefined;
  }

  function finish() {
    const all = questions();
    const wrong = all.filter((question, i) => state.answers[i] !== right_of(question));
    const right = all.length - wrong.length;
    const passed = right >= Number(sets[state.set].dataset.needed);
    asked.hidden = true;
    end.hidden = false;
    const verdict = find('.verdict');
    verdict.classList.toggle('passed', passed);
    verdict.textContent = `${passed ? 'Passed' : 'Not passed yet'}: ${right} of ${all.length} right`;
    find('.again').hidden = wrong.length === 0;
    find('.again ul').replaceChildren(...wrong.map(question => {
      const item = document.createElement('li');
      const step = question.querySelector('.told').dataset.step;
      item.append(question.querySelector('legend').lastChild.textContent.trim(), ' ', link_to(step, `Step ${step}`));
      return item;
    }));
    find('.where').textContent = passed ? 'Hand in your answers, so that it is written down that you passed.' : 'Read those steps again, then take another check.';
    find('.desk').hidden = !served || !passed;
    find('.save').hidden = !passed;
    find('.code').hidden = !served || !passed || Boolean(kept('anagraph desk'));
    find('.said').textContent = '';
    end.focus();
    window.scrollTo(0, 0);
    tell({ done: true, check: sets[state.set].dataset.check, learner: state.learner, right, asked: all.length, passed, seconds: seconds(), answers: state.answers });
  }

  const file = () => JSON.stringify({ format: 1, id: state.id, mark, check: sets[state.set].dataset.check, learner: state.learner, at: new Date().toISOString().slice(0, 19) + 'Z', answers: state.answers });

  function start(set) {
    state = { learner: state.learner, set, answers: [], began: Date.now(), id: uuid() };
    save();
    tell({ done: false });
    show(0);
  }

  async function hand() {
    if (!await anagraph.hand([{ where: '/checks', body: file(), type: 'application/json' }], find('.code'), words => { find('.said').textContent = words; })) return;
    find('.desk').disabled = true;
    keep(key, null);
  }

  function download() {
    anagraph.download(file(), `${document.body.dataset.name}-${anagraph.in_file_names(state.learner)}.check.json`);
    find('.said').textContent = 'Saved. Give the file to whoever trains you.';
  }

  find('.plain').hidden = true;
  asked.hidden = true;
  begin.hidden = false;
  const who = begin.querySelector('input');
  const named = new URLSearchParams(location.search).get('learner');
  who.value = named || kept('anagraph learner');
  begin.addEventListener('submit', event => {
    event.preventDefault();
    const learner = who.value.trim();
    if (!learner) return who.focus();
    keep('anagraph learner', learner);
    state = { learner };
    return start(0);
  });
  asked.addEventListener('submit', event => { event.preventDefault(); answer(); });
  find('.save').addEventListener('click', download);
  find('.desk').addEventListener('click', hand);
  find('.other').addEventListener('click', () => start((state.set + 1) % sets.length));

  // a page that was closed in the middle goes on where it was
  let was = null;
  try { was = JSON.parse(kept(key) || 'null'); } catch { /* somebody else's */ }
  if (was && sets[was.set] && Array.isArray(was.answers) && (!named || named === was.learner)) {
    state = was;
    const unsure = questions().findIndex((question, i) => i >= state.answers.length);
    if (unsure < 0) finish(); else show(unsure);
  }
})();
