// The editor of words with form, loaded only where such words are open.
import { Editor } from '@tiptap/core';
import StarterKit from '@tiptap/starter-kit';

/** @returns an editor of paragraphs, two headings, lists, quotations, strong and stressed words and links */
export function richEditor(element, { content, label, onUpdate, onBlur, onSelect }) {
  return new Editor({
    element,
    content,
    extensions: [StarterKit.configure({
      code: false, codeBlock: false, horizontalRule: false, strike: false, underline: false,
      heading: { levels: [2, 3] },
      link: { openOnClick: false, autolink: false, linkOnPaste: true, HTMLAttributes: { target: null, rel: null } },
    })],
    editorProps: { attributes: { role: 'textbox', 'aria-multiline': 'true', 'aria-label': label, class: 'rich-words' } },
    // Our own rules of content security refuse styles a script adds: they stand in the stylesheet.
    injectCSS: false,
    onUpdate, onBlur, onSelectionUpdate: onSelect, onTransaction: onSelect,
  });
}
