// Words of a text in the color of a role: what is chosen in a field is wrapped as {role|words}.

export function startWords() {
  const bench = document.querySelector('#bench');
  bench.addEventListener('pointerdown', (event) => { if (event.target.closest('[data-word-color]')) event.preventDefault(); });
  bench.addEventListener('click', (event) => {
    const button = event.target.closest('[data-word-color]');
    if (!button) return;
    const field = document.getElementById(button.closest('[data-word-colors]').dataset.wordColors);
    const role = button.dataset.wordColor;
    let { selectionStart: from, selectionEnd: to, value } = field;
    // Nothing chosen: the word the caret is in, or all of it at the very beginning.
    if (from === to) {
      while (from > 0 && !/\s/.test(value[from - 1])) from -= 1;
      while (to < value.length && !/\s/.test(value[to])) to += 1;
    }
    const plain = value.slice(from, to).replace(/\{[a-z]+\|([^{}|]*)\}/g, '$1');
    const words = plain.replace(/[{}|]/g, '');
    if (words.trim() === '') return;
    const wrapped = role === '' ? words : `{${role}|${words}}`;
    field.value = value.slice(0, from) + wrapped + value.slice(to);
    field.setSelectionRange(from, from + wrapped.length);
    field.dispatchEvent(new Event('change', { bubbles: true }));
  });
}
