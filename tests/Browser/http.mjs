// Plain requests to the server under test, from any address of the loopback network, so that throttles count each visitor apart.
import http from 'node:http';
import { BASE } from './support.mjs';

export function ask(path, { method = 'GET', form, body, headers = {}, from = '127.0.0.1' } = {}) {
  const sent = form ? new URLSearchParams(form).toString() : body;
  return new Promise((resolve, reject) => {
    const request = http.request(BASE + path, {
      method,
      localAddress: from,
      headers: { 'Sec-Fetch-Site': 'same-origin', Host: new URL(BASE).host, ...(form ? { 'Content-Type': 'application/x-www-form-urlencoded' } : {}), ...(sent === undefined ? {} : { 'Content-Length': Buffer.byteLength(sent) }), ...headers },
    }, (response) => {
      const parts = [];
      // Cut off in the middle: that is no answer.
      response.on('close', () => { if (!response.complete) reject(new Error('cut off')); });
      response.on('data', (part) => parts.push(part));
      response.on('end', () => resolve({ status: response.statusCode, headers: response.headers, text: Buffer.concat(parts).toString('utf8') }));
    });
    request.on('error', reject);
    request.end(sent);
  });
}

/** A customer with an address, a cart and a memory for cookies. */
export function visitor(number, shop = '/shop/wrenfold') {
  const from = `127.0.${1 + Math.floor(number / 200)}.${1 + (number % 200)}`;
  const jar = new Map();
  const go = async (path, options = {}) => {
    const answer = await ask(shop + path, { ...options, from, headers: { Cookie: [...jar].map(([k, v]) => `${k}=${v}`).join('; '), ...options.headers } });
    for (const line of answer.headers['set-cookie'] ?? []) {
      const [pair] = line.split(';');
      const [name, value] = [pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1)];
      if (/expires=Thu, 01|Max-Age=0/i.test(line)) jar.delete(name);
      else jar.set(name, value);
    }
    return answer;
  };
  return {
    jar,
    go,
    add: (product, quantity = 1) => go('/cart/add', { method: 'POST', form: { product, quantity } }),
    /** To the door of paying, with an address and a way to travel. */
    async toPaying() {
      await go('/checkout', { method: 'POST', form: { name: 'Ada Marsh', email: `ada${number}@example.org`, street: '4 Mill Lane', town: 'Aldermouth', postcode: '04101' } });
      const offers = await go('/checkout/delivery');
      return go('/checkout/delivery', { method: 'POST', form: { offer: offers.text.match(/name="offer" value="(\d+)"/)[1] } });
    },
    pay: () => go('/checkout/paying', { method: 'POST', form: { outcome: 'accept' } }),
  };
}
