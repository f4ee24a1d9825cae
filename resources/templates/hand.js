// What the pages of a pack keep in the browser, and how they hand something back: to the desk, or as a file.
'use strict';
const anagraph = (() => {
  const served = location.protocol.startsWith('http');
  const keep = (name, value) => { try { if (value === null) localStorage.removeItem(name); else localStorage.setItem(name, value); return true; } catch { return false; } };
  const kept = name => { try { return localStorage.getItem(name) || ''; } catch { return ''; } };
  // crypto.randomUUID is there in secure places only, and a workshop's desk seldom is one
  const uuid = () => {
    const b = crypto.getRandomValues(new Uint8Array(16));
    b[6] = (b[6] & 15) | 64;
    b[8] = (b[8] & 63) | 128;
    const hex = [...b].map(x => x.toString(16).padStart(2, '0')).join('');
    return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
  };
  const words = async reply => (await reply.json().catch(() => ({}))).reason || `The desk answered ${reply.status}.`;
  const post = (where, body, type, token) => fetch(where, { method: 'POST', body, headers: { 'Content-Type': type, ...(token ? { Authorization: `Bearer ${token}` } : {}) } });

  // Each part ({ where, body, type }) goes to the desk, in this order; the tablet is paired first by the code in the field `code`. True:
  // all of it is there. `say`: told what is wrong.
  async function hand(parts, code, say) {
    try {
      let token = kept('anagraph desk');
      if (!token) {
        const reply = await post('/pair', JSON.stringify({ code: code.querySelector('input').value.trim().toLowerCase() }), 'application/json');
        if (!reply.ok) { say(await words(reply)); return false; }
        token = (await reply.json()).token;
        keep('anagraph desk', token);
        code.hidden = true;
      }
      for (const part of parts) {
        const reply = await post(part.where, part.body, part.type, token);
        if (reply.status === 401) { keep('anagraph desk', null); code.hidden = false; code.querySelector('input').focus(); }
        if (!reply.ok) { say(await words(reply)); return false; }
      }
      say('It is with the desk.');
      return true;
    } catch { say('The desk does not answer. Save a file instead, or try again.'); }
    return false;
  }

  function download(text, name) {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
    link.download = name;
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 10000);
  }
  const in_file_names = name => name.replace(/[^\p{L}\p{N}]+/gu, '-');

  return { served, keep, kept, uuid, hand, download, in_file_names };
})();
