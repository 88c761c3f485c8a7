// npm fit-curve on the samples of core_bench's scribble, for comparison: `npm install fit-curve`, then `node fit_curve.cjs`.
const fit = require('fit-curve').default || require('fit-curve');
function scribble(n) {
  const line = [];
  let state = 12345, angle = 0, turn = 0, x = 0, y = 0;
  const random = () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0, (state >>> 8) / (1 << 24) - 0.5);
  for (let i = 0; i < n; i++) {
    turn = 0.98 * turn + 0.004 * random();
    angle += turn;
    x += Math.cos(angle);
    y += Math.sin(angle);
    line.push([x + 0.2 * random(), y + 0.2 * random()]);
  }
  return line;
}
for (const n of [200, 300, 5000, 20000, 50000]) {
  const line = scribble(n), start = process.hrtime.bigint();
  const nodes = fit(line, 0.5).length + 1; // its error is squared: 0.5 allows 0.7 px
  console.log(`${n} samples: ${nodes} nodes, ${(Number(process.hrtime.bigint() - start) / 1e6).toFixed(1)} ms`);
}
