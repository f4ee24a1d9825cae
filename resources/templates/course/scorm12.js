// SCORM 1.2, run-time environment: the platform's object API is looked for in the windows around this one.
'use strict';
window.platform = (() => {
  const found = from => {
    for (let at = from, n = 0; at && n < 10; ++n) {
      try { if (at.API) return at.API; } catch { return null; /* another origin */ }
      if (at === at.parent) return null;
      at = at.parent;
    }
    return null;
  };
  let api = null;
  let passed = false;
  const must = (done, what) => { if (String(done) !== 'true') throw new Error(`${what} (${api.LMSGetErrorString(api.LMSGetLastError())})`); };
  const set = (name, value) => must(api.LMSSetValue(name, value), name);
  const time = seconds => [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60].map((x, i) => String(x).padStart(i === 0 ? 4 : 2, '0')).join(':');
  return {
    async begin() {
      api = found(window) || (window.opener ? found(window.opener) : null);
      if (!api) return null;
      must(api.LMSInitialize(''), 'LMSInitialize');
      const status = api.LMSGetValue('cmi.core.lesson_status');
      passed = status === 'passed';
      if (status === 'not attempted' || status === '' || status === 'unknown') set('cmi.core.lesson_status', 'incomplete');
      set('cmi.core.exit', 'suspend');
      must(api.LMSCommit(''), 'LMSCommit');
      return { learner: api.LMSGetValue('cmi.core.student_id') || api.LMSGetValue('cmi.core.student_name'), passed };
    },
    async report(result) {
      if (passed && !result.passed) return;
      passed = passed || result.passed;
      set('cmi.core.score.min', '0');
      set('cmi.core.score.max', '100');
      set('cmi.core.score.raw', String(Math.round(result.scaled * 100)));
      set('cmi.core.lesson_status', result.passed ? 'passed' : 'failed');
      set('cmi.core.session_time', time(result.seconds));
      if (result.passed) set('cmi.core.exit', '');
      must(api.LMSCommit(''), 'LMSCommit');
    },
    leave(seconds) {
      api.LMSSetValue('cmi.core.session_time', time(seconds));
      api.LMSFinish('');
    },
  };
})();
