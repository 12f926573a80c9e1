// The find box: a list under a field, walked with the arrow keys.
import htmx from 'htmx.org';

export function startFind(shopWindow) {
  const box = document.querySelector('[data-find]');
  const field = box.querySelector('input');
  const list = box.querySelector('ul');
  const options = () => [...list.querySelectorAll('[data-target]')];
  let at = -1;

  const show = (open) => {
    list.hidden = !open;
    field.setAttribute('aria-expanded', String(open));
    if (!open) mark(-1);
  };
  const mark = (index) => {
    at = index;
    options().forEach((option, i) => option.setAttribute('aria-selected', String(i === at)));
    const option = options()[at];
    if (option) field.setAttribute('aria-activedescendant', option.id);
    else field.removeAttribute('aria-activedescendant');
  };

  function go(option) {
    const { target } = option.dataset;
    show(false);
    field.value = '';
    if (target.startsWith('page:')) shopWindow.open(target.slice(5));
    else if (target.startsWith('press:')) document.querySelector(`[data-press="${target.slice(6)}"]`)?.click();
    else {
      const url = new URL(target, location.href);
      htmx.ajax('GET', url.pathname + url.search, { target: '#bench', swap: 'morph:innerHTML' }).then(() => {
        history.pushState({}, '', url.pathname + url.search);
        const control = url.hash ? document.querySelector(url.hash) : document.querySelector('#t-picker');
        control?.scrollIntoView({ block: 'center' });
        control?.focus();
        control?.closest('.control')?.classList.add('is-found');
      });
    }
  }

  list.addEventListener('htmx:afterSwap', () => { show(true); mark(options().length ? 0 : -1); });
  field.addEventListener('input', () => { if (field.value.trim() === '') show(false); });
  field.addEventListener('keydown', (event) => {
    const count = options().length;
    if (event.key === 'ArrowDown' && count) { mark((at + 1) % count); event.preventDefault(); }
    else if (event.key === 'ArrowUp' && count) { mark((at + count - 1) % count); event.preventDefault(); }
    else if (event.key === 'Enter' && options()[at]) { go(options()[at]); event.preventDefault(); }
    else if (event.key === 'Escape') { show(false); field.value = ''; }
  });
  list.addEventListener('pointerdown', (event) => {
    const option = event.target.closest('[data-target]');
    if (option) { event.preventDefault(); go(option); }
  });
  field.addEventListener('blur', () => setTimeout(() => show(false), 150));
}
