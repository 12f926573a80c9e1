// Words with form on the bench: written by key and by pointer, pasted, linked, shown in the shop, undone; nothing that was pasted runs.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { BASE, edited, noAxeFindings, settled, shopFrame, shows, signedIn } from './support.mjs';

const { page } = await signedIn();
const kept = (act) => edited(page, act, /\/storeroom\/(cells|new|delete|undo)$/);
const place = page.locator('#tool-t-record [data-rich-place]');
const words = place.locator('.rich-words');
const tool = (name) => place.getByRole('button', { name, exact: true });
const shown = () => shopFrame(page).locator('.prose').evaluate((prose) => prose.innerHTML.replace(/ (data-|class)[^=]*="[^"]*"/g, ''));
const openPage = async () => {
  await page.goto(`${BASE}/workbench/looks/1/storeroom?open_kind=pages`);
  await settled(page);
  await page.getByRole('link', { name: /open Returns/ }).click();
  await words.waitFor();
  await settled(page);
};

test('words are given form by keyboard alone, and the shop shows it', async () => {
  await openPage();
  const before = await words.innerText();
  await words.focus();
  await page.keyboard.press('Control+End');
  await page.keyboard.press('Enter');
  await page.keyboard.type('Where to send it');
  // The tools come before the words.
  await page.keyboard.press('Shift+Tab');
  for (const _ of [1, 2, 3]) await page.keyboard.press('ArrowRight');
  assert.equal(await page.evaluate(() => document.activeElement.getAttribute('aria-label')), 'Heading');
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => document.activeElement.matches('.rich-words'));
  assert.equal(await tool('Heading').getAttribute('aria-pressed'), 'true');
  await page.keyboard.press('Control+End');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+b');
  await page.keyboard.type('To the mill');
  await page.keyboard.press('Control+b');
  await page.keyboard.type(', see ');
  await page.keyboard.press('Control+k');
  await place.getByLabel('The link leads to').waitFor();
  await page.keyboard.type('/page/delivery');
  await page.keyboard.press('Enter');
  await noAxeFindings(page, 'words with form');
  await kept(() => words.evaluate((each) => each.blur()));
  const form = /<h2>Where to send it<\/h2><p><strong>To the mill<\/strong>, see <a href="[^"]*\/page\/delivery">\/page\/delivery<\/a><\/p>$/;
  await shows(page, async () => form.test(await shown()), true);
  await kept(() => page.keyboard.press('Control+z'));
  await page.waitForFunction((was) => document.querySelector('#tool-t-record .rich-words').innerText.trim() === was, before.trim());
});

test('what is pasted keeps its form, and nothing of it runs', async () => {
  await openPage();
  await words.focus();
  await page.keyboard.press('Control+End');
  await words.evaluate((area) => {
    const data = new DataTransfer();
    data.setData('text/html', '<p class=MsoNormal onclick="window.ran=1"><b style="color:red">Strong</b></p><img src=x onerror="window.ran=1"><ul><li>one</li></ul><script>window.ran=1</script><a href="javascript:window.ran=1">bad</a>');
    area.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
  });
  await kept(() => words.evaluate((each) => each.blur()));
  await shows(page, async () => /<strong>Strong<\/strong>.*<li>.*one/.test(await shown()), true);
  assert.doesNotMatch(await shown(), /style|onclick|javascript|<img|<script/);
  assert.equal(await page.evaluate(() => window.ran), undefined);
  await kept(() => page.keyboard.press('Control+z'));
});

test('somebody else’s words stand in the editor, and what is being written is not taken away', async () => {
  await openPage();
  await words.focus();
  await page.keyboard.press('Control+End');
  await page.keyboard.type(' Unfinished');
  const id = await page.locator('tr', { hasText: 'Returns' }).getAttribute('data-record');
  await page.evaluate(async (record) => {
    const body = new FormData();
    for (const [key, value] of Object.entries({ open_kind: 'pages', record, column: 'title', value: 'Sending back' })) body.append(key, value);
    await fetch(`${document.body.dataset.base}/storeroom/cells`, { method: 'POST', body, headers: JSON.parse(document.body.getAttribute('hx-headers')) });
  }, id);
  await kept(() => words.evaluate((each) => each.blur()));
  await shows(page, () => page.locator('#f-pages-title').inputValue(), 'Sending back');
  assert.match(await words.innerText(), / Unfinished$/);
  await kept(() => page.keyboard.press('Control+z'));
  await kept(() => page.keyboard.press('Control+z'));
});
