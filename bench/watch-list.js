// Runs in the page: how long a long list takes to its first row, and a step of scrolling to its paint.
// Plain JavaScript, since it is handed over as text.
(() => {
  const painted = (done) => {
    // A message arrives after the frame has been drawn.
    const channel = new MessageChannel();
    channel.port1.onmessage = () => done(performance.now());
    channel.port2.postMessage(null);
  };
  /** Milliseconds from the end of an answer to the frame that shows the first row made of it. */
  window.firstRow = new Promise((resolve) => {
    const frame = () => {
      const answer = performance.getEntriesByType('resource').findLast((one) => /\/api\/.*\/results\?/.test(one.name));
      if (!answer || !document.querySelector('main tr[data-key]')) return requestAnimationFrame(frame);
      painted((now) => resolve(now - answer.responseEnd));
    };
    requestAnimationFrame(frame);
  });
  /** Milliseconds from a step of scrolling to the frame that has rows where it came to. */
  window.scrollStep = (selector, row) =>
    new Promise((resolve) => {
      const list = document.querySelector(selector);
      // What lies below the fold is at no point of the window.
      list.scrollIntoView({ block: 'center' });
      const start = performance.now();
      let frames = 0;
      list.scrollTop += 400;
      const frame = () => {
        const box = list.getBoundingClientRect();
        const there = document.elementFromPoint(box.left + 60, box.top + box.height / 2);
        frames += 1;
        if (!there?.closest(row) && frames < 60) return requestAnimationFrame(frame);
        painted((now) => resolve(now - start));
      };
      requestAnimationFrame(frame);
    });
})();
