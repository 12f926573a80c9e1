// A hand-held device's scroll bar lies over the page and takes nothing of its width: lines break as they do on the device. And it is touched:
// what a page asks of pointers is answered as the device would, and the pictures it chooses are those the device's finer screen chooses.
import { densityOf, isHandHeld } from './devices.js';

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

/**
 * How wide pictures are said to be, in so many times as many dots: "92vw" is "calc(3 * 92vw)" (HTML, 4.8.4.2.2, source size list). Of the
 * files Chromium takes the least that is dense enough, on screens of any dots: so it takes what it would take on the device.
 *
 * @param sizes a list whose conditions are in brackets; a width is a length or one calc() of lengths
 */
export const asDense = (sizes, times) => sizes.split(',').map((size) => size.replace(/(?:calc\([^()]*\)|[^\s()]+)\s*$/, (width) => `calc(${times} * ${width.trim()})`)).join(',');

function choosePictures(doc, device) {
  const times = densityOf(device) / doc.defaultView.devicePixelRatio;
  for (const each of doc.querySelectorAll('[sizes][srcset]')) each.sizes = asDense(each.sizes, times);
}

/** A page as it is on the device: its own scroll bar takes no room where the device's does not, it is touched, and its dots are as fine. */
export function asHeld(doc, device) {
  if (!isHandHeld(device)) return;
  choosePictures(doc, device);
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
