// Whether a page has asked for nothing for some time: what it was to show is there.
(() => {
  const fetching = window.fetch;
  let pending = 0;
  let last = performance.now();
  window.fetch = async (...asked) => {
    pending += 1;
    try {
      return await fetching(...asked);
    } finally {
      pending -= 1;
      last = performance.now();
    }
  };
  for (const sign of ['keydown', 'input', 'click', 'pointermove']) {
    window.addEventListener(sign, () => (last = performance.now()), true);
  }
  window.isQuiet = (milliseconds) => pending === 0 && performance.now() - last > milliseconds;
})();
