// Fields of words with form: an editor stands in the place of the field, which keeps what is written for its form.
const TOOLS = [
  ['bold', 'Strong', (chain) => chain.toggleBold(), (editor) => editor.isActive('bold'), 'Ctrl B'],
  ['italic', 'Stressed', (chain) => chain.toggleItalic(), (editor) => editor.isActive('italic'), 'Ctrl I'],
  ['link', 'Link', null, (editor) => editor.isActive('link'), 'Ctrl K'],
  ['heading-2', 'Heading', (chain) => chain.toggleHeading({ level: 2 }), (editor) => editor.isActive('heading', { level: 2 })],
  ['heading-3', 'Smaller heading', (chain) => chain.toggleHeading({ level: 3 }), (editor) => editor.isActive('heading', { level: 3 })],
  ['list', 'List', (chain) => chain.toggleBulletList(), (editor) => editor.isActive('bulletList')],
  ['list-ordered', 'Numbered list', (chain) => chain.toggleOrderedList(), (editor) => editor.isActive('orderedList')],
  ['quote', 'Quotation', (chain) => chain.toggleBlockquote(), (editor) => editor.isActive('blockquote')],
];
const EMPTY = '<p></p>';

export function startRichWords() {
  const mounted = new WeakMap();

  function toolbar(editorOf, openLink) {
    const bar = document.createElement('div');
    bar.className = 'rich-tools';
    bar.setAttribute('role', 'toolbar');
    bar.setAttribute('aria-label', 'Form of the words');
    bar.innerHTML = TOOLS.map(([icon, label, , , key], i) => `<button type="button" tabindex="${i === 0 ? 0 : -1}" aria-pressed="false" aria-label="${label}" title="${label}${key ? `, ${key}` : ''}"><svg class="icon" width="24" height="24" aria-hidden="true"><use href="/build/icons.svg#${icon}"/></svg></button>`).join('');
    const buttons = [...bar.children];
    bar.addEventListener('mousedown', (event) => event.preventDefault());
    bar.addEventListener('click', ({ target }) => {
      const at = buttons.indexOf(target.closest('button'));
      if (at === -1) return;
      if (TOOLS[at][2]) TOOLS[at][2](editorOf().chain().focus()).run();
      else openLink();
    });
    bar.addEventListener('keydown', (event) => {
      const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
      const at = buttons.indexOf(document.activeElement);
      if (!by || at === -1) return;
      const next = buttons[(at + by + buttons.length) % buttons.length];
      buttons.forEach((button) => { button.tabIndex = button === next ? 0 : -1; });
      next.focus();
      event.preventDefault();
    });
    return { bar, show: () => buttons.forEach((button, i) => button.setAttribute('aria-pressed', String(TOOLS[i][3](editorOf())))) };
  }

  /** A line below the tools: where the link leads, found as one types. */
  function linkLine(place, editorOf) {
    const line = document.createElement('div');
    line.className = 'rich-link';
    line.hidden = true;
    const list = `${place.id}-targets`;
    line.innerHTML = `<input class="entry" list="${list}" autocomplete="off" aria-label="The link leads to" placeholder="/page/… or https://…"><datalist id="${list}"></datalist><button type="button" class="act">Set</button><button type="button" class="act">No link</button>`;
    const [input, datalist, set, none] = line.children;
    let asked = 0;
    input.addEventListener('input', (event) => {
      event.stopPropagation();
      clearTimeout(asked);
      asked = setTimeout(async () => {
        const answer = await fetch(`${document.body.dataset.base}/storeroom/names?column=target&open_kind=entries&value=${encodeURIComponent(input.value)}`).catch(() => null);
        if (answer?.ok) datalist.innerHTML = await answer.text();
      }, 150);
    });
    input.addEventListener('change', (event) => event.stopPropagation());
    const close = () => {
      line.hidden = true;
      editorOf().commands.focus();
    };
    const keep = () => {
      const href = input.value.trim();
      const chain = editorOf().chain().focus().extendMarkRange('link');
      if (href === '') chain.unsetLink().run();
      else if (editorOf().state.selection.empty && !editorOf().isActive('link')) chain.insertContent({ type: 'text', text: href, marks: [{ type: 'link', attrs: { href } }] }).run();
      else chain.setLink({ href }).run();
      close();
    };
    set.addEventListener('click', keep);
    none.addEventListener('click', () => {
      input.value = '';
      keep();
    });
    line.addEventListener('keydown', (event) => {
      if (event.target === input && event.key === 'Enter') keep();
      else if (event.key === 'Escape') close();
      else return;
      event.preventDefault();
      event.stopPropagation();
    });
    return { line, open: () => {
      line.hidden = false;
      input.value = editorOf().getAttributes('link').href ?? '';
      input.dispatchEvent(new Event('input'));
      input.select();
      input.focus();
    } };
  }

  async function mount(field, place) {
    mounted.set(place, null);
    const { richEditor } = await import('/build/rich.js');
    const area = document.createElement('div');
    let editor = null;
    const editorOf = () => editor;
    const link = linkLine(place, editorOf);
    const tools = toolbar(editorOf, link.open);
    const state = { shown: field.value };
    const fieldOf = () => document.getElementById(field.id);
    place.replaceChildren(tools.bar, link.line, area);
    editor = richEditor(area, {
      content: field.value,
      label: document.querySelector(`label[for="${field.id}"]`)?.textContent ?? '',
      onUpdate: () => {
        const html = editor.getHTML();
        fieldOf().value = html === EMPTY ? '' : html;
        state.isChanged = true;
      },
      // Going to the tools or the link is not leaving the words.
      onBlur: ({ event }) => {
        if (!state.isChanged || place.contains(event.relatedTarget)) return;
        keep();
      },
      onSelect: () => editor && tools.show(),
    });
    const keep = () => {
      state.isChanged = false;
      state.shown = fieldOf().value;
      fieldOf().dispatchEvent(new Event('change', { bubbles: true }));
    };
    place.addEventListener('focusout', (event) => {
      if (state.isChanged && !place.contains(event.relatedTarget)) keep();
    });
    area.addEventListener('keydown', (event) => {
      if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey)) return;
      event.preventDefault();
      event.stopPropagation();
      link.open();
    });
    // Keys of the workbench are not meant while somebody writes.
    area.addEventListener('keydown', (event) => event.stopPropagation());
    mounted.set(place, { editor, state });
  }

  function follow() {
    for (const place of document.querySelectorAll('[data-rich-place]')) {
      const field = place.previousElementSibling;
      if (!field?.matches('[data-rich]')) continue;
      if (!mounted.has(place)) mount(field, place);
      const { editor, state } = mounted.get(place) ?? {};
      // Somebody else's words, an undo, or a form that was emptied; what is being written is left alone.
      if (editor && !state.isChanged && field.value !== state.shown) {
        state.shown = field.value;
        editor.commands.setContent(field.value, { emitUpdate: false });
      }
    }
  }
  document.body.addEventListener('htmx:afterSettle', follow);
  follow();
}
