// Shows the guide and its check inside a learning platform, and reports what the check comes to. How a platform is spoken to is the
// matter of platform.js: begin() gives what it knows, report() takes a result, leave() ends.
'use strict';
(async () => {
  const shown = document.querySelector('iframe');
  const links = [...document.querySelectorAll('nav a')];
  const said = document.querySelector('.said');
  const began = Date.now();
  const seconds = () => Math.round((Date.now() - began) / 1000);
  const served = location.protocol.startsWith('http');
  let best = null;

  const mark = link => links.forEach(one => { if (one === link) one.setAttribute('aria-current', 'page'); else one.removeAttribute('aria-current'); });
  links.forEach(link => link.addEventListener('click', () => mark(link)));

  const platform = window.platform;
  let known = null;
  try { known = await platform.begin(); } catch (error) { said.textContent = `The learning platform does not answer: ${error.message}`; }
  if (!known && !said.textContent) said.textContent = 'No learning platform is here: read the guide and try the check, nothing is reported.';
  if (known && known.learner) links[1].href = `pack/check.html?learner=${encodeURIComponent(known.learner)}`;
  if (known && known.passed) said.textContent = 'Passed before.';

  window.addEventListener('message', async event => {
    if (event.source !== shown.contentWindow || (served && event.origin !== location.origin)) return;
    const told = event.data;
    if (!told || told.anagraph !== 'check' || told.mark !== document.body.dataset.mark || !told.done) return;
    if (!known) return;
    // a later try does not take back what was passed
    if (best && (best.passed && !told.passed || best.right >= told.right)) return;
    best = told;
    try {
      await platform.report({ scaled: told.right / told.asked, passed: told.passed, seconds: seconds() });
      said.textContent = `${told.passed ? 'Passed' : 'Not passed yet'}, ${told.right} of ${told.asked} right: the learning platform has it.`;
    } catch (error) {
      best = null;
      said.textContent = `The learning platform did not take it: ${error.message} Save the answers as a file, or try again.`;
    }
  });
  window.addEventListener('pagehide', () => { if (known) platform.leave(seconds()); });
  document.body.dataset.ready = known ? 'platform' : 'alone';
})();
