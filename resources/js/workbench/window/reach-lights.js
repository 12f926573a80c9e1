const SVG = 'http://www.w3.org/2000/svg';

/** More boxes than these on one page are one large light. */
const MOST = 400;

/** Px of the page that a frame keeps from what it is around, so that it does not lie on its letters; at the window's edge it stays in sight. */
const OUT = 3;

export function makeLights() {
  const lights = document.createElementNS(SVG, 'svg');
  lights.setAttribute('class', 'reach-lights');
  lights.setAttribute('aria-hidden', 'true');
  return lights;
}

/**
 * Draws a frame of two strokes around elements of a page.
 *
 * @param numbers where the elements stand among all of the page's body
 */
export function drawLights(lights, frame, numbers) {
  lights.replaceChildren();
  const doc = frame.contentDocument;
  if (numbers.length === 0 || !doc?.body) return;
  const all = doc.body.querySelectorAll('*');
  const scale = frame.getBoundingClientRect().width / frame.clientWidth || 1;
  const inSight = (at, most) => Math.min(Math.max(at, 1), most - 1);
  for (const number of numbers.slice(0, MOST)) {
    const box = all[number]?.getBoundingClientRect();
    if (!box || box.width === 0 || box.bottom < 0 || box.top > frame.clientHeight) continue;
    const [left, right] = [inSight(box.left - OUT, frame.clientWidth), inSight(box.right + OUT, frame.clientWidth)];
    for (const kind of ['halo-box', '']) {
      const rect = document.createElementNS(SVG, 'rect');
      rect.setAttribute('class', kind);
      for (const [name, value] of [['x', left], ['y', box.top - OUT], ['width', right - left], ['height', box.height + 2 * OUT]]) rect.setAttribute(name, value * scale);
      lights.append(rect);
    }
  }
}
