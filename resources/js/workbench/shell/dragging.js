/**
 * Follows a pointer that has gone down on something until it is let go of, wherever it goes meanwhile. The keys go to it, too.
 *
 * @param event of the pointer going down
 * @param taken the element that is dragged
 * @param how { move(event), end() }
 */
export function drag(event, taken, { move, end = () => {} }) {
  event.preventDefault();
  taken.focus?.({ preventScroll: true });
  taken.setPointerCapture(event.pointerId);
  taken.addEventListener('pointermove', move);
  taken.addEventListener('lostpointercapture', () => {
    taken.removeEventListener('pointermove', move);
    end();
  }, { once: true });
}
