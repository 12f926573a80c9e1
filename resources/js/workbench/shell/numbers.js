// Numbers: a slider and its field are one. Arrow keys go in fine steps, with Shift in coarse ones; a double click brings the original back.

/** Ms after the last arrow key until the number is kept. */
const SETTLED = 450;

/** Ms in which a second click makes a double one. */
const DOUBLE = 300;

/** Fine steps that a coarse one has. */
const COARSE = 10;

/**
 * A number some steps on, within its bounds.
 *
 * @param slider { min, max, step } as a range input has them
 */
export function stepped(value, steps, { min, max, step }) {
  const decimals = (String(step).split('.')[1] ?? '').length;
  const next = Math.min(Number(max), Math.max(Number(min), value + steps * Number(step)));
  return Number(next.toFixed(Math.max(decimals, (String(value).split('.')[1] ?? '').length)));
}

export function startNumbers(shopWindow) {
  const bench = document.querySelector('#bench');
  const partsOf = (target) => {
    const root = target.closest?.('[data-number]');
    return root && { slider: root.querySelector('[type=range]'), field: root.querySelector('[name=value]') };
  };
  const show = ({ slider }) => { if (slider.dataset.live) shopWindow.show(slider.dataset.live, slider.value + slider.dataset.unit); };
  let timer = null;
  let waiting = null;
  function keep(field) {
    clearTimeout(timer);
    waiting = null;
    field.dispatchEvent(new Event('change', { bubbles: true }));
  }
  function keepSoon(field, delay) {
    clearTimeout(timer);
    waiting = field;
    timer = setTimeout(() => keep(field), delay);
  }

  bench.addEventListener('input', (event) => {
    const parts = partsOf(event.target);
    if (!parts) return;
    // What is typed may be a sum or have a unit: only a plain number can be shown before it is kept.
    if (event.target === parts.slider) parts.field.value = parts.slider.value;
    else if (/^\s*-?[\d.]+\s*$/.test(parts.field.value)) parts.slider.value = parts.field.value;
    else return;
    show(parts);
  });
  bench.addEventListener('keydown', (event) => {
    const parts = partsOf(event.target);
    const direction = { ArrowUp: 1, ArrowDown: -1, PageUp: COARSE, PageDown: -COARSE }[event.key];
    if (!parts || event.target !== parts.field || parts.field.disabled || !direction || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    const by = event.shiftKey && Math.abs(direction) === 1 ? direction * COARSE : direction;
    parts.slider.value = parts.field.value;
    parts.field.value = stepped(Number(parts.slider.value), by, parts.slider);
    parts.slider.value = parts.field.value;
    show(parts);
    keepSoon(parts.field, SETTLED);
  });
  // Steps that wait to be kept are kept when the field is left; what was typed the browser tells by itself.
  bench.addEventListener('focusout', (event) => { if (waiting && event.target === waiting) keep(waiting); });
  // A slider let go of is kept a moment later: the first click of a double click is no edit.
  bench.addEventListener('change', (event) => {
    const parts = partsOf(event.target);
    if (!parts || event.target !== parts.slider) return;
    event.stopPropagation();
    keepSoon(parts.field, DOUBLE);
  }, true);
  bench.addEventListener('dblclick', (event) => {
    const parts = partsOf(event.target);
    if (!parts || event.target !== parts.slider) return;
    clearTimeout(timer);
    waiting = null;
    parts.field.value = parts.field.defaultValue;
    parts.slider.value = parts.field.defaultValue;
    show(parts);
    event.target.closest('.control').querySelector('.original button')?.click();
  });
}
