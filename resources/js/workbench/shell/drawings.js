// Drawings by key: what can be picked in one is a single stop of the Tab key, and the arrow keys go from mark to mark.

const WAYS = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] };

const middleOf = (mark) => {
  const { left, top, width, height } = mark.getBoundingClientRect();
  return [left + width / 2, top + height / 2];
};

/** The nearest mark in a direction: first of those straight ahead. */
function ahead(marks, from, [dx, dy]) {
  const [x, y] = middleOf(from);
  let best = null;
  for (const mark of marks) {
    const [mx, my] = middleOf(mark);
    const along = (mx - x) * dx + (my - y) * dy;
    const aside = Math.abs((mx - x) * dy) + Math.abs((my - y) * dx);
    if (along > 2 && (!best || along + 3 * aside < best.far)) best = { mark, far: along + 3 * aside };
  }
  return best?.mark;
}

export function startDrawings() {
  document.addEventListener('keydown', (event) => {
    const mark = event.target.closest?.('[data-mark]');
    if (!mark || event.ctrlKey || event.metaKey || event.altKey) return;
    const marks = [...mark.closest('[data-drawing]').querySelectorAll('[data-mark]')];
    const to = event.key in WAYS ? ahead(marks, mark, WAYS[event.key]) : { Home: marks[0], End: marks.at(-1) }[event.key];
    if (!to && !(event.key in WAYS)) return;
    event.preventDefault();
    if (!to) return;
    marks.forEach((each) => each.setAttribute('tabindex', each === to ? '0' : '-1'));
    to.focus();
  });
}
