// The pieces: a corner, an edge or the inside is dragged, or moved by key; the shop follows at once.
import { drag } from '../shell/dragging.js';
import { keepEdits } from '../shell/keep-edit.js';
import { onTools } from '../shell/tools.js';

/** Ms without another key after which what was moved is kept. */
const RESTS = 450;

/** What a pointer's way is in px of the measure: inward from a corner, along an edge, out of the middle. */
const WAYS = {
  across: (x) => x,
  down: (x, y) => y,
  edge: (x, y) => y / 8,
  corner: (x, y) => (y - x) / 2,
};

export function startShapes(shopWindow) {
  /** What is being moved: { grip, was } */
  let moved = null;
  let timer = null;

  const valueOf = (grip) => Number(grip.getAttribute('aria-valuenow'));

  function show(grip, wanted) {
    const { step } = grip.dataset;
    const [least, most] = [Number(grip.getAttribute('aria-valuemin')), Number(grip.getAttribute('aria-valuemax'))];
    const value = Math.min(most, Math.max(least, Math.round(wanted / step) * step));
    moved ??= { grip, was: valueOf(grip) };
    grip.setAttribute('aria-valuenow', value);
    grip.setAttribute('aria-valuetext', `${value} px`);
    // Where all of the look is written: what follows a measure there follows it at once.
    document.documentElement.style.setProperty(grip.dataset.live, `${value}px`);
    shopWindow.show(grip.dataset.live, `${value}px`);
  }

  function end() {
    clearTimeout(timer);
    const { grip, was } = moved ?? {};
    moved = null;
    return { grip, isChanged: grip !== undefined && valueOf(grip) !== was, was };
  }

  function keep() {
    const { grip, isChanged } = end();
    if (isChanged) keepEdits({ [grip.dataset.shape]: valueOf(grip) }).then(() => document.documentElement.style.removeProperty(grip.dataset.live));
  }

  function letGo() {
    const { grip, was } = end();
    if (!grip) return;
    grip.setAttribute('aria-valuenow', was);
    document.documentElement.style.removeProperty(grip.dataset.live);
    shopWindow.forget();
  }

  // The pieces wear what the window has on trial.
  const wear = (event, isOn) => {
    const shape = event.target.closest?.('[data-worn]');
    if (!shape || shape.contains(event.relatedTarget)) return;
    for (const [property, css] of Object.entries(JSON.parse(shape.dataset.worn))) document.documentElement.style[isOn ? 'setProperty' : 'removeProperty'](property, css);
  };
  for (const kind of ['pointerover', 'focusin']) onTools(kind, (event) => wear(event, true));
  for (const kind of ['pointerout', 'focusout']) onTools(kind, (event) => wear(event, false));

  onTools('keydown', (event) => {
    const grip = event.target.closest?.('[data-shape]');
    if (!grip || event.ctrlKey || event.metaKey || event.altKey) return;
    const steps = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 4, PageDown: -4 }[event.key];
    if (steps) show(grip, valueOf(grip) + steps * grip.dataset.step);
    else if (event.key === 'Home' || event.key === 'End') show(grip, Number(grip.getAttribute(event.key === 'Home' ? 'aria-valuemin' : 'aria-valuemax')));
    else if (event.key === 'Escape') return letGo();
    else if (event.key === 'Enter') return keep();
    else return;
    event.preventDefault();
    event.stopPropagation();
    clearTimeout(timer);
    timer = setTimeout(keep, RESTS);
  });
  onTools('focusout', (event) => { if (moved && event.target.closest?.('[data-shape]')) keep(); });
  onTools('pointerdown', (event) => {
    const grip = event.target.closest?.('[data-shape]');
    if (!grip) return;
    const was = valueOf(grip);
    const way = WAYS[grip.dataset.way];
    drag(event, grip, { move: (to) => show(grip, was + way(to.clientX - event.clientX, to.clientY - event.clientY)), end: keep });
  });
}
