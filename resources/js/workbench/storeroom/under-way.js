// What is gone through behind the pages is asked after until it is over.
import htmx from 'htmx.org';

const EVERY = 1000;

export function startUnderWay() {
  let asks = null;
  function look() {
    clearTimeout(asks);
    const line = document.querySelector('[data-under-way]');
    if (!line) return;
    asks = setTimeout(() => {
      if (!line.isConnected) return look();
      return htmx.ajax('GET', line.dataset.url, { target: '#bench', swap: 'morph:innerHTML', values: Object.fromEntries(new FormData(document.querySelector('#state'))) });
    }, EVERY);
  }
  document.body.addEventListener('htmx:afterSettle', look);
  look();
}
