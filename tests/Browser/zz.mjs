import { BASE, change, openPage, signIn, startBrowser, undo } from './support.mjs';
const browser = await startBrowser(); const page = await openPage(browser); await signIn(page);
await change(page, {'card.stand':'beside','card.proportion':'1.11','card.name.size':'13','card.order':'price,rating,button,note,name','grid.columns.desktop':'4','grid.count':'48'});
await page.setViewportSize({width:1361,height:900});
for (const c of ['paper-lanterns','glass-lanterns','lamp-kits']) {
await page.goto(`${BASE}/preview/1/now/shop/wrenfold/category/${c}`);
console.log(JSON.stringify(await page.evaluate(() => [...document.querySelectorAll('.category-grid .card')].slice(0,6).map((c) => [c.querySelector('.card-name').textContent.trim(), c.getBoundingClientRect().width, Math.round(10*c.querySelector('.card-words').getBoundingClientRect().height)/10, [...c.querySelector('.card-words').children].map((e)=>[e.className, e.getBoundingClientRect().width, e.getBoundingClientRect().height, getComputedStyle(e).marginTop])])), null, 0).replaceAll('],["','],\n["'));
}
await undo(page); await browser.close();
