// The screen on a page that scrolls: dragged down the drawing, or moved by key, it scrolls the shop window and counts what stays in sight.
import { drag } from '../shell/dragging.js';
import { onTools } from '../shell/tools.js';

const HIGH = 97;
const STEPS = { ArrowDown: 5, ArrowRight: 5, ArrowUp: -5, ArrowLeft: -5, PageDown: 20, PageUp: -20, Home: -100, End: 100 };

export function startScrolling(shopWindow) {
  let last = 0;
  let screen = 24;

  async function scroll(slider, share) {
    const percent = Math.round(100 * Math.min(1, Math.max(0, share)));
    const isUp = percent < Number(slider.getAttribute('aria-valuenow'));
    slider.setAttribute('aria-valuenow', percent);
    const put = () => slider.querySelector('[data-screen]').setAttribute('transform', `translate(0 ${(percent / 100) * (HIGH - screen)})`);
    put();
    last += 1;
    const mine = last;
    const kept = await shopWindow.scrollTo(percent / 100);
    if (mine !== last || !slider.isConnected) return;
    const words = kept === null
      ? 'This page has no header.'
      : `${Math.round(kept.px)} px of ${Math.round(kept.height)} stay in sight${percent === 0 ? ' at the top' : isUp ? ' going up' : ' going down'}: ${Math.round((1000 * kept.px) / kept.height) / 10}%.`;
    slider.setAttribute('aria-valuetext', `${percent}% down the page`);
    slider.parentElement.querySelector('[data-scrolled-share]').textContent = words;
    if (kept === null) return;
    screen = Math.min(HIGH, Math.max(6, (HIGH * kept.height) / kept.length));
    const [frame, bar] = slider.querySelectorAll('[data-screen] rect');
    frame.setAttribute('height', screen);
    bar.setAttribute('height', (screen * kept.px) / kept.height);
    put();
  }

  onTools('pointerdown', (event) => {
    const slider = event.target.closest?.('[data-scroll-shop]');
    if (!slider) return;
    const box = slider.getBoundingClientRect();
    const move = (at) => scroll(slider, (((at.clientY - box.top) / box.height) * 100 - screen / 2) / (HIGH - screen));
    drag(event, slider, { move });
    move(event);
  });
  onTools('keydown', (event) => {
    const slider = event.target.closest?.('[data-scroll-shop]');
    const by = slider ? STEPS[event.key] : undefined;
    if (by === undefined) return;
    event.preventDefault();
    scroll(slider, (Number(slider.getAttribute('aria-valuenow')) + by) / 100);
  });
}
