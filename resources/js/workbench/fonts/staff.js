// The staff of voices: an end is dragged up and down for its size, sideways for the weight; with Shift all voices move in one ratio.
import { drag } from '../shell/dragging.js';
import { keepEdits } from '../shell/keep-edit.js';
import { onTools } from '../shell/tools.js';
import { startMarker } from './marker.js';

/** Ms without another key after which what was moved is kept. */
const RESTS = 450;

/** Px of a size for a key, and for each px of the pointer. */
const KEY = 0.5;
const POINTER = 0.25;

/** Px of the pointer for a weight. */
const SIDEWAYS = 16;

const plain = (size) => String(Math.round(size * 10) / 10);

export function startStaff(shopWindow) {
  const staff = () => document.querySelector('[data-staff]');
  startMarker(staff);
  /** What is being moved: { changes: path => value, from: slider => value before } */
  let moved = null;
  let timer = null;

  const endsOf = (voice) => [...voice.querySelectorAll('[data-end]')];
  const sizeOf = (tag) => Number(tag.getAttribute('aria-valuenow'));
  const begin = () => { moved ??= { changes: {}, from: new Map([...staff().querySelectorAll('[data-voice] [role=slider]')].map((each) => [each, Number(each.getAttribute('aria-valuenow'))])) }; };

  /** The height of a size on the drawing's scale. */
  function heightOf(size) {
    const { least, most, top, bottom } = JSON.parse(staff().dataset.scale);
    return bottom - (Math.log(size / least) / Math.log(most / least)) * (bottom - top);
  }

  function drawThread(voice) {
    const [phone, desktop] = endsOf(voice).map(sizeOf);
    const line = voice.querySelector('[data-thread]');
    const points = line.getAttribute('d').slice(1).split('L').map((each) => each.split(' ').map(Number));
    const [left, right] = [points[2][0], points.at(-3)[0]];
    line.setAttribute('d', `M${points.map(([x, y], i) => {
      if (i === 0 || i === points.length - 1) return `${x} ${y}`;
      const share = Math.min(1, Math.max(0, (x - left) / (right - left)));
      return `${x} ${heightOf(phone + (desktop - phone) * share).toFixed(1)}`;
    }).join('L')}`);
  }

  /** Shows a size, without keeping it. */
  function size(tag, wanted) {
    const value = Math.round(Math.min(Number(tag.dataset.most), Math.max(Number(tag.dataset.least), wanted)) * 100) / 100;
    const voice = tag.closest('[data-voice]');
    tag.setAttribute('aria-valuenow', value);
    tag.setAttribute('aria-valuetext', `${value} px`);
    tag.querySelector('.tag-words').textContent = plain(value);
    const word = voice.querySelector(`[data-word=${tag.dataset.end}]`);
    const middle = Number(tag.querySelector('.tag-words').getAttribute('y')) - 4;
    word.setAttribute('font-size', value);
    word.setAttribute('y', middle + value * 0.33);
    drawThread(voice);
    shopWindow.show(tag.dataset.live, String(value));
    return value;
  }

  function weight(slider, steps) {
    const weights = JSON.parse(slider.dataset.weights);
    const at = weights.indexOf(moved.from.get(slider));
    const value = weights[Math.min(weights.length - 1, Math.max(0, at + steps))];
    slider.setAttribute('aria-valuenow', value);
    const mark = slider.querySelector('.weight-mark');
    mark.setAttribute('transform', `translate(${((value - moved.from.get(slider)) / 100) * Number(slider.dataset.step)} 0)`);
    shopWindow.show(slider.dataset.live, String(value));
    moved.changes[slider.dataset.path] = value;
  }

  /** One end by itself, or all voices at both ends in the ratio in which it was moved. */
  function move(tag, wanted, isTogether) {
    begin();
    moved.changes = Object.fromEntries(Object.entries(moved.changes).filter(([path]) => path.endsWith('.weight')));
    if (!isTogether) {
      moved.from.forEach((was, each) => { if (each !== tag && each.dataset.end && sizeOf(each) !== was) size(each, was); });
      moved.changes[tag.dataset.path] = size(tag, wanted);
      return;
    }
    const text = staff().querySelector('[data-path="type.base"]');
    const base = moved.from.get(text);
    // The text size has the narrowest bounds: what all others follow says how far they go.
    const ratio = Math.min(Number(text.dataset.most), Math.max(Number(text.dataset.least), Math.round(base * (wanted / moved.from.get(tag)) * 100) / 100)) / base;
    moved.from.forEach((was, each) => { if (each.dataset.end) size(each, was * ratio); });
    moved.changes['type.base'] = sizeOf(text);
    moved.from.forEach((was, each) => { if (each.dataset.end && each.dataset.own !== undefined && each !== text) moved.changes[each.dataset.path] = sizeOf(each); });
  }

  function keep() {
    clearTimeout(timer);
    if (!moved) return;
    const { changes } = moved;
    const isChanged = [...moved.from].some(([slider, was]) => Number(slider.getAttribute('aria-valuenow')) !== was);
    moved = null;
    if (isChanged) keepEdits(changes);
  }

  function letGo() {
    clearTimeout(timer);
    if (!moved) return;
    moved.from.forEach((was, each) => { if (each.dataset.end) size(each, was); else weight(each, 0); });
    moved = null;
    shopWindow.forget();
  }

  onTools('keydown', (event) => {
    const slider = event.target.closest?.('[data-voice] [role=slider]');
    if (!slider || event.ctrlKey || event.metaKey || event.altKey) return;
    const up = { ArrowUp: 1, ArrowDown: -1, PageUp: 8, PageDown: -8 }[event.key];
    const across = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    const weights = slider.dataset.weights ? slider : slider.closest('[data-voice]').querySelector('[data-weights]');
    if (slider.dataset.end && up) move(slider, sizeOf(slider) + up * KEY, event.shiftKey);
    else if ((across || (slider.dataset.weights && up)) && weights) {
      begin();
      const known = JSON.parse(weights.dataset.weights);
      weight(weights, known.indexOf(Number(weights.getAttribute('aria-valuenow'))) - known.indexOf(moved.from.get(weights)) + (across ?? Math.sign(up)));
    } else if (event.key === 'Escape') return letGo();
    else if (event.key === 'Enter') return keep();
    // A size is typed where it is written.
    else if (/^\d$/.test(event.key) && slider.dataset.field) return document.querySelector(slider.dataset.field)?.focus();
    else return;
    event.preventDefault();
    event.stopPropagation();
    clearTimeout(timer);
    timer = setTimeout(keep, RESTS);
  });
  onTools('focusout', (event) => { if (moved && event.target.closest?.('[data-voice] [role=slider]')) keep(); });
  onTools('pointerdown', (event) => {
    const slider = event.target.closest?.('[data-voice] [role=slider]');
    if (!slider) return;
    const { clientX, clientY } = event;
    const was = sizeOf(slider);
    const weights = slider.dataset.weights ? slider : slider.closest('[data-voice]').querySelector('[data-weights]');
    begin();
    drag(event, slider, {
      move: (to) => {
        if (slider.dataset.end) move(slider, was + Math.round((clientY - to.clientY) * POINTER / KEY) * KEY, to.shiftKey);
        if (weights) weight(weights, Math.round((to.clientX - clientX) / (slider.dataset.end ? SIDEWAYS * 2 : SIDEWAYS)));
      },
      end: keep,
    });
  });
}
