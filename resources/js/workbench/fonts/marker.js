// The marker of the staff: the screen on which lines are read off, moved by pointer and by key.
import { drag } from '../shell/dragging.js';
import { onTools } from '../shell/tools.js';

/** The screen that is read off, px: it stays where it is while the drawing is made anew. */
let screen = 390;

const lines = (count) => `${count} ${count === 1 ? 'line' : 'lines'}`;

export function startMarker(staff) {
  const marker = () => document.querySelector('[data-screen-marker]');

  /** Where the marker stands, and what is read off there. */
  function stand() {
    if (!marker()) return;
    const { left, right, narrowest, widest, bars, bar } = JSON.parse(staff().dataset.scale);
    const table = JSON.parse(staff().dataset.screens);
    const at = (screen - table.from) / table.step;
    const x = Math.round((left + ((screen - narrowest) / (widest - narrowest)) * (right - left)) * 10) / 10;
    const part = (name) => staff().querySelector(`[data-marker] [data-${name}], [data-screen-marker] [data-${name}]`);
    marker().setAttribute('aria-valuenow', screen);
    part('line').setAttribute('d', part('line').getAttribute('d').replace(/^M[\d.]+/, `M${x}`));
    part('room').setAttribute('x', x - 20);
    part('plate').setAttribute('transform', `translate(${x} 0)`);
    part('words').setAttribute('x', x);
    part('words').textContent = screen.toLocaleString('en-US');
    // Numbers of the axis that lie under the plate are not seen twice.
    staff().querySelectorAll('[data-mark-at]').forEach((each) => { each.style.visibility = Math.abs(Number(each.getAttribute('x')) - x) < 36 ? 'hidden' : ''; });

    const read = (name) => staff().querySelector(`[data-reading=${name}]`);
    read('screen').textContent = screen.toLocaleString('en-US');
    const draw = (name, shares, words) => {
      const y = Number(read(name).dataset.y);
      read(name).querySelector('[data-bars]').setAttribute('d', shares.map((share, i) => `M${bars} ${y + 5 * i}h${(share * bar).toFixed(1)}`).join(''));
      read(name).querySelector('[data-words]').textContent = words;
    };
    for (const name of ['heading', 'name']) draw(name, (table[name][at] ?? []).slice(0, 4), lines((table[name][at] ?? []).length));
    const [needs, has] = [table.menu[at], table.room[at]];
    draw('menu', [Math.min(1, needs / has)], `${needs} px`);
    read('menu').querySelector('[data-menu-words]').textContent = needs > has ? `a button there: the page has ${has} px` : 'in one row';

    const characters = table.characters[at];
    const line = staff().querySelector('.characters').getAttribute('d').slice(1).split('L');
    const y = Number(line[at].split(' ')[1]);
    part('characters-dot').setAttribute('cx', x);
    part('characters-dot').setAttribute('cy', y);
    const isRight = x > (left + right) / 2;
    part('characters-words').setAttribute('x', isRight ? x - 7 : x + 7);
    part('characters-words').setAttribute('text-anchor', isRight ? 'end' : 'start');
    part('characters-words').setAttribute('y', y - 5);
    part('characters-words').textContent = characters;
    marker().setAttribute('aria-valuetext', `${screen} px: heading ${lines(table.heading[at]?.length ?? 0)}, product name ${lines(table.name[at]?.length ?? 0)}, ${characters} characters on a line of text`);
  }

  function moveTo(wanted) {
    const { from, step, room } = JSON.parse(staff().dataset.screens);
    screen = Math.min(from + step * (room.length - 1), Math.max(from, Math.round(wanted / step) * step));
    stand();
  }

  onTools('keydown', (event) => {
    if (!event.target.closest?.('[data-screen-marker]') || event.ctrlKey || event.metaKey || event.altKey) return;
    const by = { ArrowRight: 10, ArrowUp: 10, ArrowLeft: -10, ArrowDown: -10, PageUp: 100, PageDown: -100, Home: -Infinity, End: Infinity }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    moveTo(screen + by);
  });
  onTools('pointerdown', (event) => {
    const taken = event.target.closest?.('[data-screen-marker]');
    if (!taken) return;
    const was = screen;
    const { left, right, narrowest, widest } = JSON.parse(staff().dataset.scale);
    const share = (widest - narrowest) / (right - left) / (staff().getBoundingClientRect().width / staff().viewBox.baseVal.width);
    drag(event, taken, { move: (to) => moveTo(was + (to.clientX - event.clientX) * share) });
  });
  document.body.addEventListener('htmx:afterSettle', stand);
  stand();
}
