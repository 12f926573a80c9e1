// Pictures in their frame: the point that stays in sight, and where the thing stands, dragged or moved by key.
import htmx from 'htmx.org';
import { atRest } from '../shell/at-rest.js';
import { drag } from '../shell/dragging.js';
import { keepCells } from '../shell/keep-edit.js';
import { onTools } from '../shell/tools.js';

const STEP = 5;
const ARROWS = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] };
const ENDS = { left: ['right', 1], right: ['left', -1], top: ['bottom', 1], bottom: ['top', -1] };
const LEAST = 2;

const clamp = (value, least = 0, most = 100) => Math.min(most, Math.max(least, value));

/** Percent of a picture under a pointer. */
function under(mark, { clientX, clientY }) {
  const svg = mark.ownerSVGElement;
  const box = svg.getBoundingClientRect();
  const { x, y, width, height } = svg.viewBox.baseVal;
  const [left, top, wide, tall] = JSON.parse(mark.closest('[data-box]').dataset.box);
  return [
    100 * (x + ((clientX - box.left) / box.width) * width - left) / wide,
    100 * (y + ((clientY - box.top) / box.height) * height - top) / tall,
  ];
}

export function startFrame() {
  const focusOf = (event) => event.target.closest?.('[data-focus-mark]:not([aria-disabled])');
  const sideOf = (event) => event.target.closest?.('[data-thing-side]:not([aria-disabled])');

  const at = (mark) => JSON.parse(mark.dataset.at ?? mark.dataset.stood).map(Number);
  function point(mark, x, y) {
    const [nx, ny] = [x, y].map((value) => clamp(STEP * Math.round(value / STEP)));
    mark.dataset.at = JSON.stringify([nx, ny]);
    mark.setAttribute('aria-valuenow', nx);
    mark.setAttribute('aria-valuetext', `${nx}% from the left, ${ny}% from the top`);
    const [left, top, wide, tall] = JSON.parse(mark.dataset.box);
    const [px, py] = [left + (nx / 100) * wide, top + (ny / 100) * tall];
    mark.querySelectorAll('circle').forEach((circle) => { circle.setAttribute('cx', px); circle.setAttribute('cy', py); });
    const room = mark.querySelector('rect');
    room.setAttribute('x', px - 12);
    room.setAttribute('y', py - 12);
    // What the frame shows goes along.
    const crop = mark.closest('[data-framed]');
    const [across, down] = JSON.parse(crop.dataset.framed);
    const [fx, fy] = [left + (1 - across) * (nx / 100) * wide, top + (1 - down) * (ny / 100) * tall];
    crop.querySelector('[data-lost]').setAttribute('d', `M${left} ${top}h${wide}v${tall}h${-wide}ZM${fx} ${fy}h${across * wide}v${down * tall}h${-across * wide}Z`);
  }
  const keepPoint = (mark) => {
    const [[x, y], stood] = [at(mark), JSON.parse(mark.dataset.stood)];
    if (String(x) === stood[0] && String(y) === stood[1]) return;
    keepCells('pictures', [['focus_x', x, stood[0]], ['focus_y', y, stood[1]]].map(([column, value, was]) => [Number(mark.dataset.focusMark), column, String(value), was]));
  };
  const points = atRest(keepPoint);

  const sides = (board) => Object.fromEntries([...board.querySelectorAll('[data-thing-side]')].map((side) => [side.dataset.thingSide, Number(side.getAttribute('aria-valuenow'))]));
  function shift(mark, value) {
    const board = mark.closest('[data-thing]');
    const { thingSide: name } = mark.dataset;
    const all = sides(board);
    const [other, sign] = ENDS[name];
    const bound = all[other] - sign * LEAST;
    const now = Math.round(sign > 0 ? clamp(value, 0, bound) : clamp(value, bound, 100));
    mark.setAttribute('aria-valuenow', now);
    mark.setAttribute('aria-valuetext', `${now}%`);
    const [left, top, wide, tall] = JSON.parse(board.dataset.box);
    const next = { ...all, [name]: now };
    const box = board.querySelector('.thing-box');
    Object.entries({ x: left + next.left * wide / 100, y: top + next.top * tall / 100, width: (next.right - next.left) * wide / 100, height: (next.bottom - next.top) * tall / 100 }).forEach(([key, number]) => box.setAttribute(key, number));
    const moved = name === 'left' || name === 'right' ? `${(now - Number(mark.dataset.from)) * wide / 100} 0` : `0 ${(now - Number(mark.dataset.from)) * tall / 100}`;
    mark.setAttribute('transform', `translate(${moved})`);
  }
  const things = atRest((mark) => {
    const board = mark.closest('[data-thing]');
    const { left, top, right, bottom } = sides(board);
    keepCells('pictures', [[Number(board.dataset.thing), 'thing', `${left} ${top} ${right} ${bottom}`, board.dataset.stood]]);
  });

  onTools('keydown', (event) => {
    const by = ARROWS[event.key];
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const [mark, side] = [focusOf(event), sideOf(event)];
    if (!mark && !side) return;
    if (event.key === 'Enter') { points.now(); things.now(); return; }
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    if (mark) {
      const [x, y] = at(mark);
      point(mark, x + STEP * by[0], y + STEP * by[1]);
      points.later(mark);
    } else {
      shift(side, Number(side.getAttribute('aria-valuenow')) + (event.shiftKey ? 5 : 1) * (by[0] + by[1]));
      things.later(side);
    }
  });
  onTools('pointerdown', (event) => {
    if (event.button !== 0) return;
    const [mark, side] = [focusOf(event), sideOf(event)];
    if (mark) drag(event, mark, { move: (to) => point(mark, ...under(mark, to)), end: () => points.now(mark) });
    else if (side) {
      const i = ['left', 'right'].includes(side.dataset.thingSide) ? 0 : 1;
      const was = side.getAttribute('aria-valuenow');
      drag(event, side, { move: (to) => shift(side, under(side, to)[i]), end: () => { if (side.getAttribute('aria-valuenow') !== was) things.now(side); } });
    }
  });
  // A dot opens its picture on the bench; by key the pictures follow one another there.
  onTools('click', (event) => {
    const dot = event.target.closest?.('.dot[data-picture]');
    if (!dot) return;
    const state = Object.fromEntries(new FormData(document.querySelector('#state')));
    htmx.ajax('GET', `${document.body.dataset.base}/products`, { target: '#bench', swap: 'morph:innerHTML', values: { ...state, open_picture: dot.dataset.picture } });
  });
}
