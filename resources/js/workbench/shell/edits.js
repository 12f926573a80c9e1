// What follows an edit: the window wears it, the tape and the live region tell it; and what follows when it failed.
import htmx from 'htmx.org';
import { keepEdit } from './keep-edit.js';

export function startEdits(shopWindow, reach) {
  const body = document.body;
  const announce = document.querySelector('#announce');
  const notice = document.querySelector('#notice');
  let lastRequest = null;

  body.addEventListener('ikat:edited', (event) => {
    const { sheet, folded, reload, words, places } = event.detail;
    notice.replaceChildren();
    announce.textContent = words;
    shopWindow.wear(sheet, folded, reload).then(() => { if (!Array.isArray(places)) reach.flash(places); });
  });
  body.addEventListener('ikat:told', (event) => { announce.textContent = event.detail.words; });
  body.addEventListener('ikat:published', (event) => {
    notice.replaceChildren();
    announce.textContent = event.detail.words;
    shopWindow.rebuild();
  });

  // An answer says in its body what it is about; what follows begins before it is put in its place.
  body.addEventListener('htmx:beforeSwap', (event) => {
    const tells = event.detail.xhr.responseText.match(/<script type="application\/json" data-tells>(.*?)<\/script>/s);
    if (tells) for (const [name, detail] of Object.entries(JSON.parse(tells[1]))) htmx.trigger(event.detail.requestConfig.elt ?? body, name, detail);
  });

  // Whatever is written, what the step is open at goes along: the answer opens it there again.
  body.addEventListener('htmx:configRequest', ({ detail }) => {
    if (detail.verb === 'get') return;
    for (const [name, value] of new FormData(document.querySelector('#state'))) if (!detail.formData.has(name)) detail.formData.set(name, value);
  });

  // "Kept" is said once the server has kept it, and not before.
  const kept = () => document.querySelector('#bar-end .kept b');
  body.addEventListener('htmx:beforeRequest', ({ detail }) => {
    lastRequest = detail.requestConfig;
    if (detail.requestConfig.verb === 'get') return;
    const line = kept();
    line.dataset.was ??= line.textContent;
    line.textContent = 'Keeping…';
  });
  body.addEventListener('htmx:afterRequest', ({ detail }) => {
    if (detail.requestConfig.verb === 'get') return;
    const line = kept();
    if (line.textContent !== 'Keeping…') return;
    line.textContent = detail.xhr.status >= 200 && detail.xhr.status < 400 ? line.dataset.was : 'Not kept';
    delete line.dataset.was;
  });
  // Whatever a server in trouble answers with is not for reading: what it means is said, and the same is offered again.
  body.addEventListener('htmx:beforeSwap', (event) => {
    const { xhr, requestConfig } = event.detail;
    if (xhr.status < 500) return;
    event.detail.shouldSwap = false;
    event.detail.isError = true;
    const own = xhr.getResponseHeader('Content-Type')?.startsWith('text/plain') ? xhr.responseText : '';
    again(requestConfig, own || 'Ikat did not answer as it should.');
  });
  body.addEventListener('htmx:responseError', (event) => {
    shopWindow.forget();
    // The words are already in the notice; nothing of what was typed is lost, it stands in its field.
    if (event.detail.xhr.status === 401 || event.detail.xhr.status === 419) say('You have been signed out.', 'Sign in again', () => location.reload());
  });
  body.addEventListener('htmx:sendError', () => again(lastRequest, 'Ikat could not be reached.'));

  function again(request, why) {
    // The clock that asks whether somebody else has edited asks again by itself.
    if (request.path.endsWith('/pulse')) return;
    const isWrite = request.verb !== 'get';
    say(isWrite ? `Not kept: ${why} What you changed is still shown here.` : why, 'Try again', () => {
      notice.replaceChildren();
      htmx.ajax(request.verb.toUpperCase(), request.path, { target: '#bench', swap: 'morph:innerHTML', values: Object.fromEntries(request.formData ?? new FormData()) });
    });
  }

  function say(words, button, then) {
    const line = document.createElement('p');
    line.textContent = `${words} `;
    const act = document.createElement('button');
    act.type = 'button';
    act.className = 'act';
    act.textContent = button;
    act.addEventListener('click', then);
    line.append(act);
    notice.replaceChildren(line);
  }

  // Two people changed the same setting: one of the two values is chosen, and none is lost before.
  notice.addEventListener('click', (event) => {
    const stale = event.target.closest('[data-stale]');
    if (!stale) return;
    notice.replaceChildren();
    if (event.target.closest('[data-stale-mine]')) {
      keepEdit(stale.dataset.path, stale.dataset.yours, { seen: stale.dataset.seen });
    } else {
      const values = Object.fromEntries(new FormData(document.querySelector('#state')));
      htmx.ajax('GET', `${body.dataset.base}/${values.step}`, { target: '#bench', swap: 'morph:innerHTML', values });
      shopWindow.reload();
    }
  });
}
