/**
 * Brings an element of a frame into sight by scrolling the frame's page alone: scrollIntoView would scroll the workbench around it, too.
 *
 * @param block center, start, or nearest, which scrolls only as far as is needed
 */
export function scrollInside(element, block) {
  const view = element.ownerDocument.defaultView;
  const { top, bottom } = element.getBoundingClientRect();
  // What lies in a scroller of its own (a side cart, a row of pictures) is brought into sight in it first.
  for (let e = element.parentElement; e && e !== element.ownerDocument.body; e = e.parentElement) {
    if (e.scrollHeight <= e.clientHeight || !/auto|scroll/.test(view.getComputedStyle(e).overflowY)) continue;
    const box = e.getBoundingClientRect();
    if (top < box.top || bottom > box.bottom) e.scrollTop += top - box.top - Math.max(0, (box.height - (bottom - top)) / 2);
    return;
  }
  const room = view.innerHeight;
  const by = { center: (top + bottom - room) / 2, start: top, nearest: top < 0 ? top : Math.max(0, bottom - room) }[block];
  view.scrollBy({ top: by, behavior: 'instant' });
}
