// Cutting a picture: four sides that are dragged in, or moved by keys; nothing is done until it is asked for.
const MOST = 95;
const OPPOSITE = { left: 'right', right: 'left', top: 'bottom', bottom: 'top' };

export function startCrop() {
  const { body } = document;
  const field = (form, side) => form.elements[side];
  const at = (form, side) => Number(field(form, side).value);

  function draw(form) {
    const [left, top, right, bottom] = ['left', 'top', 'right', 'bottom'].map((side) => at(form, side));
    const [wide, high] = [100 - left - right, 100 - top - bottom];
    form.querySelector('.crop-shade').setAttribute('d', `M0 0H100V100H0ZM${left} ${top}v${high}h${wide}v${-high}Z`);
    const frame = form.querySelector('.crop-frame');
    Object.entries({ x: left, y: top, width: wide, height: high }).forEach(([name, value]) => frame.setAttribute(name, value));
    form.querySelectorAll('.crop-side').forEach((handle) => {
      const { side } = handle.dataset;
      const value = at(form, side);
      handle.style.setProperty('--in', `${value}%`);
      handle.style.setProperty('--from', `${side === 'left' || side === 'right' ? top : left}%`);
      handle.style.setProperty('--to', `${side === 'left' || side === 'right' ? bottom : right}%`);
      handle.setAttribute('aria-valuenow', String(Math.round(value)));
      handle.setAttribute('aria-valuetext', value === 0 ? 'nothing' : `${Math.round(value)} percent`);
    });
    const told = form.querySelector('[data-crop-told]');
    const words = told.querySelector('[data-width]');
    const isCut = left + top + right + bottom > 0;
    told.hidden = !isCut;
    form.querySelector('[data-crop-hint]').hidden = isCut;
    words.textContent = `${Math.round(words.dataset.width * wide / 100)} by ${Math.round(words.dataset.height * high / 100)} px are left`;
  }
  function set(form, side, value) {
    field(form, side).value = String(Math.max(0, Math.min(MOST - at(form, OPPOSITE[side]), Math.round(value * 10) / 10)));
    draw(form);
  }

  body.addEventListener('keydown', (event) => {
    const handle = event.target.closest('.crop-side');
    if (!handle) return;
    const { side } = handle.dataset;
    const inward = { left: 'ArrowRight', right: 'ArrowLeft', top: 'ArrowDown', bottom: 'ArrowUp' }[side];
    const outward = { left: 'ArrowLeft', right: 'ArrowRight', top: 'ArrowUp', bottom: 'ArrowDown' }[side];
    const by = event.shiftKey ? 10 : 1;
    const form = handle.closest('form');
    if (event.key === inward) set(form, side, at(form, side) + by);
    else if (event.key === outward) set(form, side, at(form, side) - by);
    else if (event.key === 'Home') set(form, side, 0);
    else return;
    event.preventDefault();
  });
  body.addEventListener('pointerdown', (event) => {
    const handle = event.target.closest('.crop-side');
    if (!handle) return;
    const form = handle.closest('form');
    const box = form.querySelector('[data-crop-board]').getBoundingClientRect();
    handle.setPointerCapture(event.pointerId);
    const move = ({ clientX, clientY }) => {
      const [x, y] = [100 * (clientX - box.left) / box.width, 100 * (clientY - box.top) / box.height];
      set(form, handle.dataset.side, { left: x, right: 100 - x, top: y, bottom: 100 - y }[handle.dataset.side]);
    };
    handle.addEventListener('pointermove', move);
    handle.addEventListener('pointerup', () => handle.removeEventListener('pointermove', move), { once: true });
  });
  body.addEventListener('reset', (event) => {
    if (!event.target.matches('[data-crop]')) return;
    event.preventDefault();
    ['left', 'top', 'right', 'bottom'].forEach((side) => { field(event.target, side).value = '0'; });
    draw(event.target);
  });
  const begin = () => body.querySelectorAll('[data-crop]').forEach(draw);
  body.addEventListener('htmx:afterSettle', begin);
  begin();
}
