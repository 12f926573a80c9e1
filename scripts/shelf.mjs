// The families that ship with Ikat and the files they are made of: what the build copies, and what is measured on them.
import { existsSync } from 'node:fs';

export const PARTS = ['latin', 'latin-ext', 'vietnamese', 'greek', 'greek-ext', 'cyrillic', 'cyrillic-ext'];

export const VARIABLE = [
  'fraunces', 'literata', 'lora', 'piazzolla', 'source-serif-4', 'alegreya', 'eb-garamond', 'vollkorn', 'brygada-1918', 'newsreader', 'crimson-pro', 'merriweather',
  'bitter', 'aleo', 'hepta-slab',
  'karla', 'asap', 'figtree', 'manrope', 'work-sans', 'nunito', 'jost', 'space-grotesk', 'commissioner', 'source-sans-3', 'inter', 'open-sans', 'mulish', 'montserrat', 'raleway', 'dm-sans', 'outfit',
  'archivo', 'lexend', 'urbanist', 'rubik',
  'jetbrains-mono', 'fira-code',
  'playfair-display', 'bodoni-moda', 'cinzel', 'oswald', 'unbounded', 'comfortaa',
  'caveat', 'dancing-script', 'shantell-sans',
];

/** @returns [name of a file as the shop has it, where it comes from][], those that there are */
export function filesOf(family) {
  const folder = family === 'gloock' ? '@fontsource/gloock' : `@fontsource-variable/${family}`;
  return ['normal', 'italic'].flatMap((style) => PARTS.map((part) => [
    `${family}-${part}${style === 'italic' ? '-italic' : ''}.woff2`,
    `node_modules/${folder}/files/${family}-${part}-${family === 'gloock' ? '400' : 'wght'}-${style}.woff2`,
  ])).filter(([, from]) => existsSync(from));
}
