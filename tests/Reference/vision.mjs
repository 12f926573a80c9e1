// The matrices of color vision deficiency culori applies at severity 1: what the three primaries become, as JSON.
import { filterDeficiencyDeuter, filterDeficiencyProt, filterDeficiencyTrit } from 'culori';

const primaries = [[1, 0, 0], [0, 1, 0], [0, 0, 1]].map(([r, g, b]) => ({ mode: 'rgb', r, g, b }));
const columns = (filter) => primaries.map((p) => { const { r, g, b } = filter(p); return [r, g, b]; });
console.log(JSON.stringify({ protan: columns(filterDeficiencyProt(1)), deutan: columns(filterDeficiencyDeuter(1)), tritan: columns(filterDeficiencyTrit(1)) }));
