// A hand-held device's scroll bar lies over the page and takes nothing of its width: lines break as they do on the device. And it is touched:
// what a page asks of pointers is answered as the device would.
import { isHandHeld } from './devices.js';

/** Ms that the bar is seen after the page has stood still, as on the device. */
const SEEN = 900;

/** What is asked of what points, and what a finger is: it points coarsely and does not hover (Media Queries 4, section 6). */
const TOUCHED = [[/\(\s*(any-)?hover\s*:\s*hover\s*\)/g, false], [/\(\s*(any-)?hover\s*:\s*none\s*\)/g, true], [/\(\s*(any-)?pointer\s*:\s*fine\s*\)/g, false], [/\(\s*(any-)?pointer\s*:\s*coarse\s*\)/g, true]];
const ALWAYS = '(min-width: 0px)';
const NEVER = '(max-width: 0px)';

/** A media query as a finger answers it. */
export const asTouched = (query) => TOUCHED.reduce((asked, [what, is]) => asked.replace(what, is ? ALWAYS : NEVER), query);

function touch(rules) {
  for (const rule of rules) {
    if (rule.media) {
      const asked = asTouched(rule.media.mediaText);
      if (asked !== rule.media.mediaText) rule.media.mediaText = asked;
    }
    if (rule.cssRules) touch(rule.cssRules);
  }
}

/** A page as it is on the device: its own scroll bar takes no room where the device's does not, and it is touched. */
export function asHeld(doc, device) {
  if (!isHandHeld(device)) return;
  for (const each of doc.styleSheets) touch(each.cssRules);
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
