// Products are placed on the shelf itself: dragged to another place, or moved by key.
import { drag } from '../shell/dragging.js';
import { keepCell } from '../shell/keep-edit.js';
import { onTools } from '../shell/tools.js';

/** Px that the pointer goes before a product is carried. */
const SLIP = 4;

/** Places the Storeroom keeps by hand. */
const MOST = 60;

export function startShelfOrder(announce) {
  const shelf = () => document.querySelector('[data-shelves] [data-order]');
  const all = () => [...shelf().querySelectorAll('[data-goods]')];
  const placeOf = (goods) => Number(goods.dataset.goods);
  const nameOf = (goods) => goods.querySelector('title').textContent;

  async function place(goods, to) {
    const { category, order, placed, stood } = JSON.parse(shelf().dataset.order);
    const from = placeOf(goods);
    const last = Math.max(from, to, placed - 1);
    if (to < 0 || to >= order.length || to === from) return;
    if (last >= MOST) {
      announce(`The first ${MOST} places are kept by hand.`);
      return;
    }
    order.splice(to, 0, ...order.splice(from, 1));
    const { id } = goods;
    const name = nameOf(goods);
    await keepCell('categories', category, 'first_goods', order.slice(0, last + 1).join('; '), stood);
    document.getElementById(id)?.focus();
    announce(`${name}: place ${to + 1} of ${order.length}.`);
  }

  onTools('keydown', (event) => {
    const goods = event.target.closest?.('[data-goods]');
    const columns = goods ? Number(shelf().dataset.columns) : 0;
    const by = goods ? { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -columns, ArrowDown: columns }[event.key] : undefined;
    if (by === undefined || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    event.stopPropagation();
    if (event.altKey) {
      place(goods, placeOf(goods) + by);
      return;
    }
    const next = all().find((each) => placeOf(each) === placeOf(goods) + by);
    if (!next) return;
    goods.setAttribute('tabindex', -1);
    next.setAttribute('tabindex', 0);
    next.focus();
  });
  onTools('pointerdown', (event) => {
    const goods = event.target.closest?.('[data-goods]');
    if (!goods || event.button !== 0) return;
    const svg = goods.ownerSVGElement;
    const { clientX, clientY } = event;
    const scale = svg.viewBox.baseVal.width / svg.getBoundingClientRect().width;
    let aimed = null;
    const middle = (each) => { const box = each.querySelector('.card').getBoundingClientRect(); return [box.left + box.width / 2, box.top + box.height / 2]; };
    // Where each stands while nothing has moved: let go of over its own place, a product stays.
    const places = all().map((each) => [each, ...middle(each)]);
    drag(event, goods, {
      move: (to) => {
        const [x, y] = [to.clientX - clientX, to.clientY - clientY];
        if (aimed === null && Math.hypot(x, y) < SLIP) return;
        goods.classList.add('is-carried');
        goods.setAttribute('transform', `translate(${x * scale} ${y * scale})`);
        aimed?.classList.remove('is-aimed');
        const far = ([, left, top]) => Math.hypot(left - to.clientX, top - to.clientY);
        [aimed] = places.reduce((best, each) => (far(each) < far(best) ? each : best));
        aimed.classList.add('is-aimed');
      },
      end: () => {
        goods.classList.remove('is-carried');
        goods.removeAttribute('transform');
        aimed?.classList.remove('is-aimed');
        if (aimed && aimed !== goods) place(goods, placeOf(aimed));
      },
    });
  });
}
