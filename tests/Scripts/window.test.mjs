import assert from 'node:assert/strict';
import { test } from 'node:test';
import { momentIn, pageAt, placeIn, previewAt, publicPath, withoutSample } from '../../resources/js/workbench/window/addresses.js';
import { framesOf, inRows, layOut, screenOf } from '../../resources/js/workbench/window/devices.js';
import { asDense, asTouched } from '../../resources/js/workbench/window/hand-held.js';

const ONE = { view: 'one', device: 'phone', isTurned: false, page: 'home', compared: [] };
const PAGES = [{ key: 'home', path: '/' }, { key: 'product', path: '/product/moth?cart=sample' }];

test('a device is as wide as its screen, and turned as wide as it is high', () => {
  assert.deepEqual(screenOf('phone', false), [390, 844]);
  assert.deepEqual(screenOf('phone', true), [844, 390]);
  assert.deepEqual(screenOf('desktop', true), [800, 1280]);
});

test('a view is made of the frames it needs', () => {
  assert.deepEqual(framesOf(ONE, String), [{ device: 'phone', page: 'home' }]);
  assert.deepEqual(framesOf({ ...ONE, view: 'devices' }, String).map((f) => f.caption), ['desktop 1280', 'tablet 768', 'phone 390']);
  assert.deepEqual(framesOf({ ...ONE, view: 'pages' }, (key) => key.toUpperCase()).map((f) => [f.device, f.caption]), [['phone', 'HOME'], ['phone', 'CATEGORY'], ['phone', 'PRODUCT'], ['phone', 'CART'], ['phone', 'CHECKOUT']]);
  assert.deepEqual(framesOf({ ...ONE, view: 'then' }, String), [
    { device: 'phone', page: 'home', isLive: true, trial: undefined, words: 'then: live' }, { device: 'phone', page: 'home', trial: undefined, words: 'now: your draft' },
  ]);
  assert.deepEqual(framesOf({ ...ONE, view: 'bases', compared: [{ trial: 'a1', caption: 'Belfry' }] }, String), [{ device: 'phone', page: 'home', trial: 'a1', caption: 'Belfry' }]);
});

test('a desktop fills the width and runs down to the window’s end', () => {
  const { scale, boxes } = layOut([{ device: 'desktop' }], { width: 850, height: 600, isTurned: false, isSeamed: false });
  assert.equal(scale, 800 / 1280);
  assert.deepEqual(boxes, [{ x: 25, y: 4, width: 800, height: 586, screen: 1280 }]);
});

test('a phone shows its whole screen, however small', () => {
  const roomy = layOut([{ device: 'phone' }], { width: 850, height: 436, isTurned: false, isSeamed: false });
  assert.equal(roomy.scale, 422 / 844);
  assert.equal(roomy.boxes[0].height, 422);
  const small = layOut([{ device: 'phone' }], { width: 850, height: 114, isTurned: false, isSeamed: false });
  assert.ok(Math.abs(small.boxes[0].height / small.scale - 844) < 1e-9, 'its page has the height it has on a phone');
  assert.equal(layOut([{ device: 'phone' }], { width: 2000, height: 2000, isTurned: false, isSeamed: false }).scale, 1);
});

test('frames beside one another share one scale and do not touch; with a seam they lie upon one another', () => {
  const { scale, boxes } = layOut([{ device: 'desktop' }, { device: 'phone' }], { width: 885, height: 600, isTurned: false, isSeamed: false });
  assert.equal(scale, (835 - 22) / 1670);
  assert.ok(Math.abs(boxes[1].x - (boxes[0].x + boxes[0].width + 22)) < 1e-9);
  assert.ok(boxes[1].x + boxes[1].width <= 885 - 25 + 1e-9);
  const seamed = layOut([{ device: 'desktop' }, { device: 'desktop' }], { width: 850, height: 600, isTurned: false, isSeamed: true });
  assert.deepEqual(seamed.boxes[0], seamed.boxes[1]);
  assert.equal(seamed.boxes[0].height, 556);
});

test('without room nothing is laid out', () => {
  assert.equal(layOut([{ device: 'phone' }], { width: 40, height: 600, isTurned: false, isSeamed: false }), null);
  assert.equal(layOut([{ device: 'phone' }], { width: 400, height: 10, isTurned: false, isSeamed: false }), null);
});

test('a page is shown under the preview of its moment and of what is tried on, and known again by its address', () => {
  assert.equal(momentIn(''), 'now');
  assert.equal(momentIn('2026-12-20T06:30'), '20261220-0630');
  assert.equal(previewAt('/preview/3', 'now'), '/preview/3/now');
  assert.equal(previewAt('/preview/3', '20261220-0630', 'ab12'), '/preview/3/20261220-0630~ab12');
  assert.equal(publicPath('/preview/3/now~ab12/shop/wrenfold/product/moth'), '/shop/wrenfold/product/moth');
  assert.equal(publicPath('/shop/wrenfold/'), '/shop/wrenfold/');
  assert.equal(withoutSample('/product/moth?cart=sample'), '/product/moth');
  assert.equal(pageAt('/shop/wrenfold/', '/shop/wrenfold', PAGES), 'home');
  assert.equal(pageAt('/shop/wrenfold/product/moth?cart=sample', '/shop/wrenfold', PAGES), 'product');
  assert.equal(pageAt('/shop/wrenfold/product/other', '/shop/wrenfold', PAGES), null);
});

test('an address says what of the window it means, and what cannot be is left out', () => {
  assert.deepEqual(placeIn('?open_part=grid&page=category&device=phone&turned=yes&view=then&at=2027-01-05T10:00'), { page: 'category', device: 'phone', isTurned: true, view: 'then', at: '2027-01-05T10:00' });
  assert.deepEqual(placeIn('?page=%2Fproduct%2Fmoth'), { page: '/product/moth' });
  assert.deepEqual(placeIn('?page=/../../workbench'), {});
  assert.deepEqual(placeIn('?page=https://elsewhere.example&device=watch&view=bases&at=tomorrow'), {});
});

test('five pages go in rows where that lets them be larger, a whole screen of each in sight', () => {
  const five = Array.from({ length: 5 }, () => [1280, 800]);
  const roomy = inRows(five, 2000, 1200);
  assert.deepEqual(roomy.rows.map((row) => row.length), [3, 2]);
  assert.equal(roomy.scale, (2000 - 44) / 3840);
  assert.deepEqual(inRows(five, 2000, 300).rows.map((row) => row.length), [5], 'with little room below one row is larger');
  assert.deepEqual(inRows(five.slice(0, 3), 800, 1200).rows.map((row) => row.length), [3], 'three are compared side by side');
});

// Media Queries 4, section 6: a finger is a coarse pointer that does not hover.
test('what a page asks of pointers is answered as a finger would', () => {
  assert.equal(asTouched('(hover: hover) and (pointer: fine)'), '(max-width: 0px) and (max-width: 0px)');
  assert.equal(asTouched('screen and (any-hover:none), (any-pointer: coarse)'), 'screen and (min-width: 0px), (min-width: 0px)');
  assert.equal(asTouched('(max-width: 759px)'), '(max-width: 759px)');
});

test('pictures are chosen for the dots of the device', () => {
  assert.equal(asDense('100vw', 3), 'calc(3 * 100vw)');
  assert.equal(asDense('(max-width: 759px) 46vw, (max-width: 1023px) 30vw, 280px', 2), '(max-width: 759px) calc(2 * 46vw), (max-width: 1023px) calc(2 * 30vw), calc(2 * 280px)');
  assert.equal(asDense('(max-width: 759px) calc(45.6vw - 7.1px), 257.9px', 3), '(max-width: 759px) calc(3 * calc(45.6vw - 7.1px)), calc(3 * 257.9px)');
});
