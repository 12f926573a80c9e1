// From a pointer's move on the picker to the changed color painted in the shop window.
import { openPage, settled, signIn, startBrowser } from '../tests/Browser/support.mjs';

const browser = await startBrowser();
const page = await openPage(browser);
await signIn(page);
await page.locator('.p-ground').click();
await settled(page);
const times = await page.evaluate(async () => {
  const plane = document.querySelector('[data-plane]');
  const box = plane.getBoundingClientRect();
  const doc = document.querySelector('iframe').contentDocument;
  plane.setPointerCapture = () => {};
  plane.hasPointerCapture = () => true;
  const send = (type, x, y) => plane.dispatchEvent(new PointerEvent(type, { clientX: box.left + x, clientY: box.top + y, pointerId: 1, bubbles: true }));
  send('pointerdown', 10, 30);
  const times = [];
  for (let i = 0; i < 120; i += 1) {
    await new Promise((next) => requestAnimationFrame(next));
    const start = performance.now();
    send('pointermove', 8 + (i % 20), 12 + (i % 60));
    getComputedStyle(doc.body).backgroundColor;
    // Two frames on, the frame after the move has been painted; the second's wait is not the color's.
    const painted = await new Promise((done) => requestAnimationFrame(() => { const channel = new MessageChannel(); channel.port1.onmessage = () => done(performance.now()); channel.port2.postMessage(0); }));
    times.push(painted - start);
  }
  return times;
});
times.sort((a, b) => a - b);
console.log(`move to paint: ${times[60].toFixed(1)} ms median, ${times[114].toFixed(1)} ms p95 (a frame is 16.7 ms)`);
await browser.close();
