// Wall-clock moments as Temporal reads them: "zone<tab>2027-10-31T02:30" a line in, the moment in UTC a line out.
// The disambiguation "compatible" is that of RFC 5545: the first of two, and the offset before the change where there is none.
import { createInterface } from 'node:readline';
import { Temporal } from 'temporal-polyfill';

for await (const line of createInterface({ input: process.stdin })) {
  const [zone, written] = line.split('\t');
  console.log(Temporal.PlainDateTime.from(written).toZonedDateTime(zone, { disambiguation: 'compatible' }).toInstant().toString());
}
