import { onTools } from './tools.js';

/** Ms without another key after which what was moved is kept. */
const RESTS = 450;

/**
 * Marks of a drawing that are moved by key are kept once they rest, or are left.
 *
 * @param keep (mark)
 * @return { later(mark), now(mark): without one, what waits }
 */
export function atRest(keep) {
  let timer = null;
  let waiting = null;
  const now = (mark = waiting) => {
    clearTimeout(timer);
    waiting = null;
    if (mark) keep(mark);
  };
  onTools('focusout', (event) => { if (waiting && event.target === waiting) now(); });
  return {
    now,
    later(mark) {
      waiting = mark;
      clearTimeout(timer);
      timer = setTimeout(now, RESTS);
    },
  };
}
