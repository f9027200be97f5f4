// Runs in the page: counts the frames and milliseconds from each digit's key to the frame that shows it.
// Plain JavaScript, since it is handed over as text.
(() => {
  window.painted = [];
  document.addEventListener(
    'keydown',
    (event) => {
      if (!/^\d$/.test(event.key)) return;
      let frames = 0;
      const frame = () => {
        frames += 1;
        const box = document.activeElement;
        const shown = box instanceof HTMLInputElement && box.value.endsWith(event.key);
        if (!shown && frames < 60) return requestAnimationFrame(frame);
        // A message arrives after the frame has been drawn.
        const channel = new MessageChannel();
        channel.port1.onmessage = () => window.painted.push({ frames, time: performance.now() - event.timeStamp });
        channel.port2.postMessage(null);
      };
      requestAnimationFrame(frame);
    },
    { capture: true },
  );
})();
