// Words that are being written on the bench stand in the shop window with every key; they are kept when the field is left.

export function startMirror(shopWindow) {
  const bench = document.querySelector('#bench');
  const WRITTEN = '.words-field, input[data-most], textarea[data-most]';
  let was = null;

  const textOf = (field) => ('value' in field ? field.value : field.innerText).trim();
  const pathOf = (field) => field.closest('[data-reach]')?.dataset.reach;

  bench.addEventListener('focusin', ({ target }) => { if (target.matches(WRITTEN)) was = textOf(target); });
  bench.addEventListener('input', (event) => {
    const field = event.target.closest?.(WRITTEN);
    const path = field && pathOf(field);
    if (!path || was === null) return;
    const now = textOf(field);
    shopWindow.say(path, was, now);
    was = now;
  });
}
