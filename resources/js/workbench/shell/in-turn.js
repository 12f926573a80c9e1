// What is asked of the bench last is what it shows: an answer that comes late takes nothing from a newer one.
import htmx from 'htmx.org';

export function startInTurn() {
  const { body } = document;
  const asked = new WeakMap();
  let last = 0;
  const isForBench = (detail) => detail.target?.id === 'bench';

  body.addEventListener('htmx:beforeRequest', ({ detail }) => {
    if (!isForBench(detail)) return;
    if (detail.requestConfig.verb === 'get') last += 1;
    asked.set(detail.xhr, last);
  });
  body.addEventListener('htmx:beforeSwap', ({ detail }) => {
    const { xhr, requestConfig } = detail;
    if (!isForBench(detail) || xhr.status >= 400 || (asked.get(xhr) ?? last) === last) return;
    detail.shouldSwap = false;
    if (requestConfig.verb === 'get') return;
    // What was kept is kept: whoever has gone on meanwhile sees it from where they are.
    const values = Object.fromEntries(new FormData(document.querySelector('#state')));
    htmx.ajax('GET', `${body.dataset.base}/${values.step}`, { target: '#bench', swap: 'morph:innerHTML', values });
  });
}
