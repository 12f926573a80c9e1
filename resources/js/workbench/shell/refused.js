// What the server refuses is said beside the field, and what was typed stays in it until it is mended.

/** How many characters a text has over what fits; shown before it is sent. */
export function room(length, most) {
  if (length > most) return `${length} characters, ${length - most} too many`;
  return length > most * 0.8 ? `${most - length} left` : '';
}

export function startRefused() {
  const body = document.body;
  const refused = new Map();
  const formOf = (detail) => detail.requestConfig.elt?.closest?.('.control form');
  const field = (form) => form.querySelector('.words-field, [name="value"]:not([type="hidden"])');
  const lengthOf = (at) => [...(at.matches('.words-field') ? at.textContent : at.value)].length;

  function tell(form, words) {
    const at = field(form);
    form.querySelector('.refused')?.remove();
    at?.removeAttribute('aria-invalid');
    if (!words || !at) return;
    const line = document.createElement('p');
    line.className = 'refused';
    line.id = `${form.id}-refused`;
    line.setAttribute('role', 'alert');
    line.textContent = words;
    at.setAttribute('aria-invalid', 'true');
    at.setAttribute('aria-describedby', line.id);
    (at.closest('[data-number]') ?? at).after(line);
  }

  body.addEventListener('htmx:beforeSwap', (event) => {
    const { xhr } = event.detail;
    const form = formOf(event.detail);
    if (!form || xhr.status !== 422) return;
    event.detail.shouldSwap = false;
    const kept = form.querySelector('input[type="hidden"][name="value"]');
    const at = field(form);
    refused.set(form.id, { words: xhr.responseText, html: at?.innerHTML, value: at?.value, stored: kept?.value });
    tell(form, xhr.responseText);
  });
  // What was accepted is over; what is still refused is put back where an answer has written over it.
  body.addEventListener('htmx:beforeSwap', ({ detail }) => {
    // A reset of the setting takes what was typed back as well.
    const form = detail.requestConfig.elt?.closest?.('.control')?.querySelector('form:not(.original)');
    if (form && detail.xhr.status < 400) refused.delete(form.id);
  });
  body.addEventListener('htmx:afterSettle', () => {
    for (const [id, { words, html, value }] of refused) {
      const form = document.getElementById(id);
      if (!form) continue;
      const at = field(form);
      if (at.matches('.words-field')) at.innerHTML = html;
      else at.value = value;
      tell(form, words);
    }
  });

  body.addEventListener('input', ({ target }) => {
    const at = target.closest?.('[data-most]');
    if (!at) return;
    let count = at.parentElement.querySelector(':scope > .room');
    const words = room(lengthOf(at), Number(at.dataset.most));
    if (!count && words) {
      count = document.createElement('small');
      count.className = 'room';
      count.setAttribute('aria-live', 'polite');
      at.after(count);
    }
    if (count) count.textContent = words;
  });
}
