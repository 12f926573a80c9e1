// Files of comma-separated values as others write them: { writer, delimiter, encoding, rows } on the standard input, bytes out.
import { readFileSync } from 'node:fs';
import { stringify } from 'csv-stringify/sync';
import iconv from 'iconv-lite';
import Papa from 'papaparse';

const { writer, delimiter, encoding, rows, read } = JSON.parse(readFileSync(0, 'utf8'));
if (read !== undefined) {
  // What we wrote, as papaparse reads it.
  process.stdout.write(JSON.stringify(Papa.parse(read.replace(/^\uFEFF/, ''), { delimiter: ',', skipEmptyLines: true }).data));
} else {
  const text = writer === 'papaparse' ? Papa.unparse(rows, { delimiter }) : stringify(rows, { delimiter, record_delimiter: 'unix' });
  process.stdout.write(iconv.encode(text, encoding, { addBOM: encoding.startsWith('utf') }));
}
