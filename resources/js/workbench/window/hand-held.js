// A hand-held device's scroll bar lies over the page and takes nothing of its width: lines break as they do on the device.
import { isHandHeld } from './devices.js';

/** Ms that the bar is seen after the page has stood still, as on the device. */
const SEEN = 900;

/** A page's own scroll bar takes no room, where the device's does not. */
export function withoutScrollBar(doc, device) {
  if (!isHandHeld(device)) return;
  const sheet = new doc.defaultView.CSSStyleSheet();
  sheet.replaceSync('* { scrollbar-width: none; }');
  doc.adoptedStyleSheets = [...doc.adoptedStyleSheets, sheet];
}

/** The bar that lies over a frame's page; show() places it where the page stands. */
export function makeScrollBar(pane, frame, device) {
  if (!isHandHeld(device)) return () => {};
  const bar = document.createElement('span');
  bar.className = 'scroll-bar';
  bar.setAttribute('aria-hidden', 'true');
  pane.append(bar);
  let timer = null;

  return () => {
    const { scrollHeight, clientHeight, scrollTop } = frame.contentDocument.documentElement;
    if (scrollHeight <= clientHeight) return;
    bar.style.height = `${(100 * clientHeight) / scrollHeight}%`;
    bar.style.top = `${(100 * scrollTop) / scrollHeight}%`;
    bar.classList.add('is-seen');
    clearTimeout(timer);
    timer = setTimeout(() => bar.classList.remove('is-seen'), SEEN);
  };
}
