// cmi5 (quartz): the platform launched this page with the address of its record store; statements are xAPI 1.0.3.
'use strict';
window.platform = (() => {
  const asked = new URLSearchParams(location.search);
  const endpoint = (asked.get('endpoint') || '').replace(/\/?$/, '/');
  const verbs = {
    initialized: 'http://adlnet.gov/expapi/verbs/initialized', completed: 'http://adlnet.gov/expapi/verbs/completed',
    passed: 'http://adlnet.gov/expapi/verbs/passed', failed: 'http://adlnet.gov/expapi/verbs/failed', terminated: 'http://adlnet.gov/expapi/verbs/terminated',
  };
  const cmi5 = 'https://w3id.org/xapi/cmi5/context/categories/cmi5';
  const moveon = 'https://w3id.org/xapi/cmi5/context/categories/moveon';
  const masteryscore = 'https://w3id.org/xapi/cmi5/context/extensions/masteryscore';
  let launch = null;
  let headers = null;
  let completed = false;
  let passed = false;
  const uuid = () => {
    const b = crypto.getRandomValues(new Uint8Array(16));
    b[6] = (b[6] & 15) | 64;
    b[8] = (b[8] & 63) | 128;
    const hex = [...b].map(x => x.toString(16).padStart(2, '0')).join('');
    return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
  };
  const duration = seconds => `PT${seconds}S`;
  async function state(path, query) {
    const reply = await fetch(`${endpoint}${path}?${new URLSearchParams(query)}`, { headers });
    if (reply.status === 404) return null;
    if (!reply.ok) throw new Error(`${path} answered ${reply.status}.`);
    return reply.json();
  }
  async function send(verb, more = {}, keepalive = false) {
    const context = structuredClone(launch.contextTemplate || {});
    context.registration = asked.get('registration');
    context.contextActivities = context.contextActivities || {};
    const ends = verb !== 'initialized' && verb !== 'terminated';
    context.contextActivities.category = [...(context.contextActivities.category || []), { id: cmi5 }, ...(ends ? [{ id: moveon }] : [])];
    if ((verb === 'passed' || verb === 'failed') && launch.masteryScore !== undefined) context.extensions = { ...context.extensions, [masteryscore]: launch.masteryScore };
    const statement = {
      id: uuid(), timestamp: new Date().toISOString(), actor: JSON.parse(asked.get('actor')), verb: { id: verbs[verb], display: { en: verb } },
      object: { objectType: 'Activity', id: asked.get('activityId') }, context, ...more,
    };
    const reply = await fetch(`${endpoint}statements`, { method: 'POST', keepalive, headers: { ...headers, 'Content-Type': 'application/json' }, body: JSON.stringify([statement]) });
    if (!reply.ok) throw new Error(`statements answered ${reply.status}.`);
  }
  return {
    async begin() {
      if (!asked.get('fetch') || !asked.get('endpoint') || !asked.get('actor')) return null;
      const token = await (await fetch(asked.get('fetch'), { method: 'POST' })).json();
      if (!token['auth-token']) throw new Error(token['error-text'] || 'it gave no token.');
      headers = { Authorization: `Basic ${token['auth-token']}`, 'X-Experience-API-Version': '1.0.3' };
      const agent = asked.get('actor');
      launch = await state('activities/state', { stateId: 'LMS.LaunchData', activityId: asked.get('activityId'), agent, registration: asked.get('registration') });
      if (!launch) throw new Error('it gave no launch data.');
      await state('agents/profile', { profileId: 'cmi5LearnerPreferences', agent });
      await send('initialized');
      const actor = JSON.parse(agent);
      return { learner: (actor.account && actor.account.name) || actor.name || '', passed: false };
    },
    async report(result) {
      // looked through by a trainer: nothing counts
      if ((launch.launchMode || 'Normal') !== 'Normal' || passed) return;
      const needed = launch.masteryScore === undefined ? Number(document.body.dataset.pass) : launch.masteryScore;
      const good = result.passed && result.scaled >= needed;
      const score = { scaled: Math.round(result.scaled * 10000) / 10000 };
      if (good && !completed) {
        await send('completed', { result: { completion: true, duration: duration(result.seconds) } });
        completed = true;
      }
      await send(good ? 'passed' : 'failed', { result: { success: good, score, duration: duration(result.seconds) } });
      passed = good;
    },
    leave(seconds) {
      send('terminated', { result: { duration: duration(seconds) } }, true).catch(() => { /* the window is gone */ });
    },
  };
})();
