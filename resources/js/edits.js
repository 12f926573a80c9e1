// What follows an edit: the window wears it, the tape and the live region tell it; and what follows when it failed.
import htmx from 'htmx.org';

export function startEdits(shopWindow, reach) {
  const body = document.body;
  const announce = document.querySelector('#announce');
  const notice = document.querySelector('#notice');
  let lastRequest = null;

  body.addEventListener('ikat:edited', (event) => {
    const { sheet, reload, words, places } = event.detail;
    notice.replaceChildren();
    announce.textContent = words;
    shopWindow.wear(sheet, reload).then(() => { if (!Array.isArray(places)) reach.flash(places); });
  });
  body.addEventListener('ikat:published', (event) => {
    notice.replaceChildren();
    announce.textContent = event.detail.words;
    shopWindow.rebuild();
  });

  // A length shows in the window while it is dragged.
  body.addEventListener('input', (event) => {
    const { live, unit } = event.target.dataset ?? {};
    if (!live) return;
    shopWindow.show(live, event.target.value + unit);
    event.target.closest('form').querySelector('output').textContent = `${event.target.value} ${unit}`;
  });

  body.addEventListener('htmx:beforeRequest', (event) => { lastRequest = event.detail.requestConfig; });
  body.addEventListener('htmx:responseError', (event) => {
    shopWindow.forget();
    // The words are already in the notice; nothing of what was typed is lost, it stands in its field.
    if (event.detail.xhr.status === 401 || event.detail.xhr.status === 419) say('You have been signed out.', 'Sign in again', () => location.reload());
  });
  body.addEventListener('htmx:sendError', () => {
    const request = lastRequest;
    say('Not kept: Ikat could not be reached. Your change is still shown here.', 'Try again', () => {
      notice.replaceChildren();
      htmx.ajax(request.verb.toUpperCase(), request.path, { target: '#bench', swap: 'morph:innerHTML', values: Object.fromEntries(request.formData) });
    });
  });

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
    const values = { ...Object.fromEntries(new FormData(document.querySelector('#state'))) };
    notice.replaceChildren();
    if (event.target.closest('[data-stale-mine]')) {
      htmx.ajax('POST', `${body.dataset.base}/edits`, { target: '#bench', swap: 'morph:innerHTML', values: { ...values, seen: stale.dataset.seen, path: stale.dataset.path, value: stale.dataset.yours } });
    } else {
      htmx.ajax('GET', `${body.dataset.base}/${values.step}`, { target: '#bench', swap: 'morph:innerHTML', values });
      shopWindow.reload();
    }
  });

  // After a change of step the bench begins at its top, and the title says where one is.
  body.addEventListener('htmx:pushedIntoHistory', () => {
    document.querySelector('#bench').scrollTop = 0;
    document.title = `${document.querySelector('#bench h1').textContent} - Ikat`;
  });
}
