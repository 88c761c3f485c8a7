// Makes reference_fits.txt: npm fit-curve on the points that tests/curve/strokes.h makes. Run after `npm install fit-curve`:
//   node reference_fits.cjs POINTS_FILE > reference_fits.txt
// POINTS_FILE comes from `tests_curve "[points]"`: a line a row, the name and then x y pairs.
const fit = require('fit-curve').default || require('fit-curve');
const at = (c, t) => [0, 1].map(k => (1 - t) ** 3 * c[0][k] + 3 * (1 - t) ** 2 * t * c[1][k] + 3 * (1 - t) * t * t * c[2][k] + t ** 3 * c[3][k]);
for (const line of require('fs').readFileSync(process.argv[2], 'utf8').trim().split('\n')) {
  const [name, ...v] = line.split(' ');
  const points = [];
  for (let i = 0; i < v.length; i += 2) points.push([+v[i], +v[i + 1]]);
  for (const error of [0.5, 1, 2, 4, 8]) {
    const scale = 20; // the package compares squared errors: work where they are above 1
    const curves = fit(points.map(p => p.map(x => x * scale)), error * error * scale * scale).map(c => c.map(p => p.map(x => x / scale)));
    const dense = curves.flatMap(c => Array.from({ length: 401 }, (_, i) => at(c, i / 400)));
    const worst = Math.max(...points.map(p => Math.min(...dense.map(q => Math.hypot(p[0] - q[0], p[1] - q[1])))));
    console.log(name, error, curves.length + 1, worst.toFixed(4));
  }
}
