// One step at a time, for a tablet at the bench, and the notes of figures on touch. Without this file the page reads whole.
'use strict';
(() => {
  const body = document.body;
  const sheets = [...document.querySelectorAll('.sheet')];
  const steps = sheets.filter(sheet => sheet.classList.contains('step')).length;
  const find = name => document.querySelector(name);
  const pager = find('.pager');
  const on = find('.bench-on');
  const off = find('.bench-off');
  let at = 0;

  // where the learner was, kept by this edition; a browser that keeps nothing for files still shows the page
  const key = `anagraph ${body.dataset.place}`;
  const keep = () => { try { localStorage.setItem(key, body.classList.contains('bench') ? sheets[at].id : ''); } catch { /* nothing is kept */ } };
  const kept = () => { try { return localStorage.getItem(key) || ''; } catch { return ''; } };

  const place_of = id => sheets.findIndex(sheet => sheet.id === id || (id && sheet.querySelector(`#${CSS.escape(id)}`)));
  const words_of = sheet => sheet.classList.contains('step') ? `Step ${sheet.id.slice(5)} of ${steps}` : sheet.querySelector('h1, h2').textContent;

  // the guide's name is the heading of a page whose front does not show
  function name_page(heads) {
    const name = find('.bar .name');
    for (const [what, value] of [['role', 'heading'], ['aria-level', '1']]) if (heads) name.setAttribute(what, value); else name.removeAttribute(what);
  }

  // the sheet after or before one, of those that apply
  const next_to = (place, way) => {
    let to = place + way;
    while (sheets[to] && sheets[to].hidden) to += way;
    return sheets[to] ? to : place;
  };

  function show(place) {
    at = Math.max(0, Math.min(sheets.length - 1, place));
    document.querySelectorAll('video').forEach(video => video.pause());
    sheets.forEach((sheet, i) => sheet.classList.toggle('shown', i === at));
    pager.querySelector('.at').textContent = find('.place').textContent = words_of(sheets[at]);
    pager.querySelector('.back').disabled = next_to(at, -1) === at;
    pager.querySelector('.next').disabled = next_to(at, 1) === at;
    name_page(sheets[at].id !== 'front');
    history.replaceState(null, '', `#${sheets[at].id}`);
    window.scrollTo(0, 0);
    sheets[at].setAttribute('tabindex', '-1');
    sheets[at].focus({ preventScroll: true });
    keep();
  }

  function bench(wanted, place) {
    body.classList.toggle('bench', wanted);
    pager.hidden = off.hidden = !wanted;
    on.hidden = wanted;
    if (wanted) return show(place);
    sheets.forEach(sheet => sheet.classList.remove('shown'));
    find('.place').textContent = '';
    name_page(false);
    sheets[at].scrollIntoView();
    keep();
    on.focus({ preventScroll: true });
  }

  // the sheet that is being read just now
  const reading = () => {
    const named = place_of(location.hash.slice(1));
    const seen = sheets.findIndex(sheet => sheet.getBoundingClientRect().bottom > window.innerHeight / 3);
    return window.scrollY < 10 && named >= 0 ? named : Math.max(0, seen);
  };

  // one variant alone, where the machine before the learner is known
  const choose = find('.choose');
  const variants = choose ? choose.dataset.variants.split('|') : [];
  function pick(variant) {
    const one = variants.includes(variant) ? variant : '';
    body.classList.toggle('chosen-one', Boolean(one));
    document.querySelectorAll('[data-only]').forEach(part => { part.hidden = Boolean(one) && !part.dataset.only.split('|').includes(one); });
    find('.bar .chosen').textContent = one;
    choose.querySelectorAll('button').forEach(button => button.setAttribute('aria-pressed', String(button.value === one)));
    try { localStorage.setItem(`${key} variant`, one); } catch { /* nothing is kept */ }
    if (body.classList.contains('bench')) show(sheets[at].hidden ? next_to(at, 1) : at);
  }
  function offer() {
    for (const [value, words] of [...variants.map(v => [v, v]), ['', 'All']]) {
      const button = document.createElement('button');
      button.type = 'button';
      button.value = value;
      button.textContent = words;
      button.addEventListener('click', () => pick(value));
      choose.append(button);
    }
    choose.hidden = false;
    let was = '';
    try { was = localStorage.getItem(`${key} variant`) || ''; } catch { /* nothing was kept */ }
    const asked = new URLSearchParams(location.search).get('variant');
    pick(asked === null ? was : asked);
  }

  // captions are on or off for all clips, as whoever watches last chose
  const tracks = [...document.querySelectorAll('video')].map(video => video.textTracks);
  const set_captions = mode => tracks.forEach(list => { for (const track of list) if (track.mode !== mode) track.mode = mode; });
  let captions = '';
  try { captions = localStorage.getItem('anagraph captions') || ''; } catch { /* nothing was kept */ }
  if (captions === 'off') set_captions('disabled');
  tracks.forEach(list => list.addEventListener('change', () => {
    const mode = list[0].mode === 'showing' ? 'showing' : 'disabled';
    try { localStorage.setItem('anagraph captions', mode === 'showing' ? 'on' : 'off'); } catch { /* nothing is kept */ }
    set_captions(mode);
  }));

  on.hidden = false;
  on.addEventListener('click', () => bench(true, reading()));
  off.addEventListener('click', () => bench(false));
  pager.querySelector('.back').addEventListener('click', () => show(next_to(at, -1)));
  pager.querySelector('.next').addEventListener('click', () => show(next_to(at, 1)));

  document.addEventListener('keydown', event => {
    if (!body.classList.contains('bench') || event.target.closest('video, input, select') || event.ctrlKey || event.altKey || event.metaKey) return;
    const lowest = window.scrollY + window.innerHeight >= document.documentElement.scrollHeight - 2;
    if (event.key === 'ArrowRight' || (event.key === 'PageDown' && lowest)) show(next_to(at, 1));
    else if (event.key === 'ArrowLeft' || (event.key === 'PageUp' && window.scrollY < 2)) show(next_to(at, -1));
    else if (event.key === 'Escape') bench(false);
    else return;
    event.preventDefault();
  });

  let from = null;
  document.addEventListener('touchstart', event => { from = event.touches.length === 1 && !event.target.closest('video') ? event.touches[0] : null; }, { passive: true });
  document.addEventListener('touchend', event => {
    if (!from || !body.classList.contains('bench')) return;
    const right = event.changedTouches[0].clientX - from.clientX;
    const down = event.changedTouches[0].clientY - from.clientY;
    from = null;
    if (Math.abs(right) > 60 && Math.abs(right) > 2 * Math.abs(down)) show(next_to(at, right < 0 ? 1 : -1));
  }, { passive: true });

  document.addEventListener('click', event => {
    const figure = event.target.closest('a.figure');
    if (figure) {
      event.preventDefault();
      find(figure.getAttribute('href')).classList.toggle('shown');
    }
  });
  window.addEventListener('hashchange', () => { const place = place_of(location.hash.slice(1)); if (body.classList.contains('bench') && place >= 0 && place !== at) show(place); });

  if (choose) offer();
  const was = place_of(kept());
  if (was >= 0) bench(true, location.hash ? Math.max(0, place_of(location.hash.slice(1))) : was);
})();
