// What the benchmarks ask a served Ikat with.
import { Agent, request } from 'node:http';

export const PORT = process.env.IKAT_TEST_PORT;
export const agent = new Agent({ keepAlive: true, maxSockets: 4 });
export const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];

export function ask(method, path, { headers = {}, body } = {}) {
  return new Promise((done, fail) => {
    const start = process.hrtime.bigint();
    const asked = request({ port: PORT, host: '127.0.0.1', method, path, agent, headers: body ? { ...headers, 'Content-Type': 'application/x-www-form-urlencoded', 'Content-Length': Buffer.byteLength(body) } : headers }, (answer) => {
      const parts = [];
      answer.on('data', (d) => parts.push(d));
      answer.on('end', () => done({ status: answer.statusCode, headers: answer.headers, text: Buffer.concat(parts).toString(), ms: Number(process.hrtime.bigint() - start) / 1e6 }));
    });
    asked.on('error', fail);
    asked.end(body);
  });
}

/** Signs the demo's owner in: what to send as cookie and token, and the last edit seen. */
export async function signIn() {
  const jar = new Map();
  const keep = (answer) => (answer.headers['set-cookie'] ?? []).forEach((c) => { const [pair] = c.split(';'); jar.set(pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1)); });
  const cookie = () => [...jar].map(([k, v]) => `${k}=${v}`).join('; ');
  const door = await ask('GET', '/workbench/sign-in');
  keep(door);
  const token = door.text.match(/name="_token" value="([^"]+)"/)[1];
  keep(await ask('POST', '/workbench/sign-in', { headers: { Cookie: cookie() }, body: new URLSearchParams({ _token: token, email: 'maren@wrenfold.example', password: 'lantern-night' }).toString() }));
  const bench = await ask('GET', '/workbench/looks/1/colors', { headers: { Cookie: cookie() } });
  keep(bench);

  return { cookie, csrf: bench.text.match(/"X-CSRF-TOKEN":"([^"]+)"/)[1], seen: Number(bench.text.match(/name="seen" value="(\d+)"/)[1]) };
}
