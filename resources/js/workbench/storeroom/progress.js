// An edit of many records says how far it has come while its answer is waited for.
const SOON = 600;
const EVERY = 300;

export function startProgress() {
  const { body } = document;
  const waits = new Map();

  async function ask(xhr) {
    const wait = waits.get(xhr);
    if (!wait) return;
    const answer = await fetch(`${body.dataset.base}/storeroom/progress?progress=${wait.word}`).catch(() => null);
    const told = answer?.ok ? await answer.json() : null;
    if (!waits.has(xhr)) return;
    if (told?.of) {
      if (!wait.line) {
        wait.line = Object.assign(document.createElement('div'), { className: 'edit-progress' });
        wait.line.innerHTML = '<progress aria-label="Records changed"></progress> <span role="status"></span>';
        body.append(wait.line);
      }
      const bar = wait.line.querySelector('progress');
      bar.max = told.of;
      bar.value = told.done;
      wait.line.querySelector('span').textContent = `${told.done.toLocaleString('en')} of ${told.of.toLocaleString('en')} changed`;
    }
    wait.next = setTimeout(() => ask(xhr), EVERY);
  }
  const end = (xhr) => {
    const wait = waits.get(xhr);
    if (!wait) return;
    clearTimeout(wait.next);
    wait.line?.remove();
    waits.delete(xhr);
  };
  body.addEventListener('htmx:configRequest', ({ detail }) => {
    if (detail.verb !== 'post' || !/\/storeroom\/(cells|many|delete|undo|redo)$/.test(detail.path)) return;
    detail.formData.set('progress', crypto.getRandomValues(new Uint32Array(3)).join(''));
  });
  body.addEventListener('htmx:beforeSend', ({ detail }) => {
    const word = detail.requestConfig.formData?.get('progress');
    if (word) waits.set(detail.xhr, { word, next: setTimeout(() => ask(detail.xhr), SOON) });
  });
  for (const kind of ['htmx:afterRequest', 'htmx:sendError', 'htmx:timeout', 'htmx:sendAbort']) body.addEventListener(kind, ({ detail }) => end(detail.xhr));
}
