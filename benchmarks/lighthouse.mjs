// The public home page on lighthouse's mobile settings: its four categories and the layout shift.
import lighthouse from 'lighthouse';
import { launch } from '../tests/chromium.mjs';

const PORT = 9333;
const browser = await launch([`--remote-debugging-port=${PORT}`]);
const url = `http://127.0.0.1:${process.env.IKAT_TEST_PORT}/shop/wrenfold/`;
await fetch(url);
const { lhr } = await lighthouse(url, { port: PORT, output: 'json', logLevel: 'error', onlyCategories: ['performance', 'accessibility', 'best-practices', 'seo'] });
for (const category of Object.values(lhr.categories)) console.log(`${category.title.padEnd(28)} ${Math.round(category.score * 100)}`);
console.log(`${'Layout shift'.padEnd(28)} ${lhr.audits['cumulative-layout-shift'].numericValue}`);
for (const category of Object.values(lhr.categories)) {
  for (const { id, weight } of category.auditRefs) {
    const audit = lhr.audits[id];
    if (weight > 0 && audit.score !== null && audit.score < 0.9) console.log(`  ${category.id}: ${audit.title}${audit.displayValue ? `, ${audit.displayValue}` : ''}`);
  }
}
await browser.close();
