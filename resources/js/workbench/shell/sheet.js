// The sheet: how much of the height a step's wide drawing takes, and whether it is folded away. Each step's own, kept in the browser and in the address.
import { drag } from './dragging.js';

const KEPT = 'ikat.sheet';
const LEAST = 96;
/** Px of the screen that are neither the sheet's nor the window's: bar, steps, the sheet's own edge, tape. */
const OTHERS = 126;
const SMALLEST_ZOOM = 0.5;
const LARGEST_ZOOM = 4;

/** @return {step => { height?, isFolded? }} as the browser has it; nothing where it keeps nothing or something else stands there */
function kept() {
  try {
    return JSON.parse(localStorage.getItem(KEPT)) ?? {};
  } catch {
    return {};
  }
}

/** What an address says of the sheet: "folded", a height in px, or nothing. */
export function drawingIn(search) {
  const said = new URLSearchParams(search).get('drawing') ?? '';
  if (said === 'folded') return { isFolded: true };
  return /^\d{2,4}$/.test(said) ? { height: Number(said) } : {};
}

export function startSheet() {
  const body = document.body;
  const sheet = document.querySelector('#sheet');
  const stepOf = () => document.querySelector('#state [name=step]').value;
  const all = kept();
  let zoom = { step: '', by: 1 };

  const here = () => ({ height: Number(sheet.dataset.height), isFolded: false, ...all[stepOf()] });
  const isThere = () => !sheet.hidden;
  const least = () => Number(sheet.dataset.windowLeast);
  const most = () => Math.max(LEAST, innerHeight - OTHERS - least());

  function apply() {
    if (!isThere()) return body.classList.remove('is-folded');
    const { height, isFolded } = here();
    const seen = Math.min(Math.max(height, LEAST), most());
    body.style.setProperty('--sheet-height', `${seen}px`);
    body.style.setProperty('--window-least', `${least()}px`);
    body.classList.toggle('is-folded', isFolded);
    const grip = sheet.querySelector('[data-sheet-grip]');
    grip.setAttribute('aria-valuenow', seen);
    grip.setAttribute('aria-valuemax', most());
    const fold = sheet.querySelector('[data-press=fold]');
    fold.setAttribute('aria-expanded', String(!isFolded));
    fold.querySelector('[data-fold-words]').textContent = isFolded ? `Unfold ${sheet.querySelector('h2').textContent.toLowerCase()}` : 'Fold away';
    enlarge(zoom.step === stepOf() ? zoom.by : 1);
  }

  function show(changes) {
    all[stepOf()] = { ...all[stepOf()], ...changes };
    apply();
  }
  /** In the browser and in the address: once, when it is let go of, for no browser takes hundreds of addresses in a row. */
  function keep() {
    localStorage.setItem(KEPT, JSON.stringify(all));
    body.dispatchEvent(new CustomEvent('ikat:placed', { detail: { isByHand: false } }));
  }
  const stretch = (height) => show({ height: Math.round(Math.min(Math.max(height, LEAST), most())), isFolded: false });

  /** Drawings have a size of their own; one that can be drawn finer is asked for again by the step itself. */
  function enlarge(by) {
    zoom = { step: stepOf(), by };
    for (const svg of sheet.querySelectorAll('svg[data-drawing]')) {
      const { width, height } = svg.viewBox.baseVal;
      svg.setAttribute('width', Math.round(width * by));
      svg.setAttribute('height', Math.round(height * by));
    }
    const told = sheet.querySelector('[data-zoom-now]');
    if (told) told.textContent = `${Math.round(by * 100)}%`;
  }
  function zoomTo(how) {
    const by = { in: zoom.by * 1.25, out: zoom.by / 1.25, whole: 1 }[how];
    enlarge(Math.min(LARGEST_ZOOM, Math.max(SMALLEST_ZOOM, by)));
  }

  sheet.addEventListener('click', (event) => {
    if (event.target.closest('[data-press=fold]')) {
      show({ isFolded: !here().isFolded });
      keep();
    }
    const how = event.target.closest('[data-zoom]')?.dataset.zoom;
    if (how) zoomTo(how);
  });
  sheet.addEventListener('keydown', (event) => {
    if (event.target.closest('svg[data-drawing]') && ['+', '=', '-', '0'].includes(event.key)) return zoomTo({ '-': 'out', 0: 'whole' }[event.key] ?? 'in');
    if (!event.target.matches('[data-sheet-grip]')) return;
    const by = event.shiftKey ? 40 : 8;
    const to = { ArrowUp: here().height - by, ArrowDown: here().height + by, Home: LEAST, End: most() }[event.key];
    if (to === undefined) return;
    event.preventDefault();
    stretch(to);
    keep();
  });
  sheet.addEventListener('pointerdown', (event) => {
    const grip = event.target.closest('[data-sheet-grip]');
    if (!grip || here().isFolded) return;
    const top = sheet.getBoundingClientRect().top;
    drag(event, grip, { move: ({ clientY }) => stretch(clientY - top), end: keep });
  });
  sheet.addEventListener('dblclick', (event) => {
    if (!event.target.matches('[data-sheet-grip]')) return;
    stretch(Number(sheet.dataset.height));
    keep();
  });
  body.addEventListener('htmx:afterSettle', apply);
  addEventListener('resize', apply);
  const asked = drawingIn(location.search);
  if (Object.keys(asked).length > 0) all[stepOf()] = { ...all[stepOf()], ...asked };
  apply();

  return {
    /** What the address says of it, as far as it is not as at the beginning. */
    place() {
      if (!isThere()) return {};
      const { height, isFolded } = here();
      return isFolded ? { drawing: 'folded' } : (height === Number(sheet.dataset.height) ? {} : { drawing: String(height) });
    },
    /** Shows what an address says of it. */
    restore(search) {
      if (!isThere()) return;
      all[stepOf()] = drawingIn(search);
      apply();
    },
  };
}
