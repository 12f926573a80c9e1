// On a hand-held device a pointer that is drawn over the page draws the page along, as a finger would, and picks or follows nothing.
import { isHandHeld } from './devices.js';

/** Px after which a press is a draw and no tap. */
const SLACK = 8;

/** What is drawn over by itself: fields, sliders, words that are being written. */
const OWN = 'input, select, textarea, [contenteditable]';

/** What scrolls around an element that way; the page where nothing else does. */
function scrollerOf(element, { size, room, overflow }) {
  const { defaultView: view, scrollingElement } = element.ownerDocument;
  for (let e = element; e && e !== scrollingElement; e = e.parentElement) {
    if (e[size] > e[room] && /auto|scroll/.test(view.getComputedStyle(e)[overflow])) return e;
  }
  return scrollingElement;
}

const ACROSS = { size: 'scrollWidth', room: 'clientWidth', overflow: 'overflowX' };
const DOWN = { size: 'scrollHeight', room: 'clientHeight', overflow: 'overflowY' };

/** Lets the page of a hand-held device be drawn along; what is asked with a real finger the browser does by itself. */
export function drawAlong(doc, device) {
  if (!isHandHeld(device)) return;
  let press = null;
  let wasDrawn = false;

  function draw(event) {
    const by = [event.clientX - press.x, event.clientY - press.y];
    if (!press.scrollers) {
      if (Math.hypot(...by) < SLACK) return;
      press.scrollers = [scrollerOf(press.on, ACROSS), scrollerOf(press.on, DOWN)];
      // A row that stops at its pictures would stop at each step of the way.
      press.scrollers.forEach((each) => { each.style.scrollSnapType = 'none'; });
      doc.documentElement.setPointerCapture(event.pointerId);
      wasDrawn = true;
    }
    press.scrollers[0].scrollBy({ left: -by[0], behavior: 'instant' });
    press.scrollers[1].scrollBy({ top: -by[1], behavior: 'instant' });
    Object.assign(press, { x: event.clientX, y: event.clientY });
  }
  function letGo() {
    press?.scrollers?.forEach((each) => each.style.removeProperty('scroll-snap-type'));
    press = null;
  }

  doc.addEventListener('pointerdown', (event) => {
    wasDrawn = false;
    if (event.pointerType !== 'mouse' || event.button !== 0 || event.target.closest(OWN)) return;
    press = { on: event.target, x: event.clientX, y: event.clientY };
  });
  doc.addEventListener('pointermove', (event) => { if (press) draw(event); });
  doc.addEventListener('pointerup', letGo);
  doc.addEventListener('pointercancel', letGo);
  // A finger neither marks words nor takes a picture along on its way.
  doc.addEventListener('selectstart', (event) => { if (press) event.preventDefault(); });
  doc.addEventListener('dragstart', (event) => event.preventDefault());
  doc.addEventListener('click', (event) => {
    if (!wasDrawn) return;
    event.preventDefault();
    event.stopImmediatePropagation();
  }, true);
}
