// Makes reference_areas.txt: areas of set operations by two general path libraries on the shapes of shapes_for_reference.cpp.
// Run after `npm install canvaskit-wasm paper paper-jsdom`:
//   node reference_areas.cjs SHAPES_FILE > reference_areas.txt
// SHAPES_FILE comes from `tests_planar "[shapes]"`: a line a pair, the name and then the path data of the two shapes.
// Areas are measured by scan lines over the flattened result under its own fill rule, never by a library's property.
const fs = require('fs');
const paper = require('paper-jsdom');
paper.setup(new paper.Size(1000, 1000));
function scan(loops, evenOdd) {
  const rows = 20000, h = 1000 / rows, lines = Array.from({ length: rows }, () => []);
  for (const p of loops)
    for (let i = 0; i < p.length; ++i) {
      let [ax, ay] = p[i], [bx, by] = p[(i + 1) % p.length], s = 1;
      if (ay > by) [ax, ay, bx, by, s] = [bx, by, ax, ay, -1];
      for (let r = Math.max(0, Math.ceil(ay / h - 0.5)); r < Math.min(rows, Math.ceil(by / h - 0.5)); ++r) lines[r].push([ax + (bx - ax) * (((r + 0.5) * h - ay) / (by - ay)), s]);
    }
  let total = 0;
  for (const row of lines) {
    row.sort((a, b) => a[0] - b[0]);
    let w = 0, prev = 0;
    for (const [x, s] of row) { if (evenOdd ? w & 1 : w) total += x - prev; w += s; prev = x; }
  }
  return total * h;
}
const flat = (d) => { // our own reading of M, L, C, Q, Z path data
  const n = d.match(/[MLCQZ]|-?\d+(\.\d+)?(e-?\d+)?/gi), loops = []; let i = 0, p, c, cur;
  const num = () => [+n[i++], +n[i++]];
  while (i < n.length) {
    if (/[A-Z]/i.test(n[i])) c = n[i++];
    if (c === 'Z') { continue; }
    if (c === 'M') { loops.push((p = [])); p.push((cur = num())); c = 'L'; continue; }
    if (c === 'L') { p.push((cur = num())); continue; }
    const a = c === 'C' ? [cur, num(), num(), num()] : (([h, e]) => [cur, [cur[0] + (h[0] - cur[0]) * 2 / 3, cur[1] + (h[1] - cur[1]) * 2 / 3], [e[0] + (h[0] - e[0]) * 2 / 3, e[1] + (h[1] - e[1]) * 2 / 3], e])([num(), num()]);
    for (let k = 1; k <= 200; ++k) { const t = k / 200, u = 1 - t; p.push([0, 1].map(x => u ** 3 * a[0][x] + 3 * u * u * t * a[1][x] + 3 * u * t * t * a[2][x] + t ** 3 * a[3][x])); }
    cur = a[3];
  }
  return loops;
};
require('canvaskit-wasm/bin/canvaskit.js')().then(CK => {
  for (const line of fs.readFileSync(process.argv[2], 'utf8').trim().split('\n')) {
    const [name, a, b] = line.split('|');
    for (const [op, ck, pp] of [['union', 'Union', 'unite'], ['difference', 'Difference', 'subtract'], ['intersection', 'Intersect', 'intersect'], ['exclude', 'XOR', 'exclude']]) {
      const x = CK.Path.MakeFromSVGString(a), y = CK.Path.MakeFromSVGString(b);
      const r = CK.Path.MakeFromOp(x, y, CK.PathOp[ck]);
      const one = scan(flat(r.toSVGString()), r.getFillType().value === CK.FillType.EvenOdd.value);
      const q = new paper.CompoundPath(a)[pp](new paper.CompoundPath(b));
      const two = scan(flat(absolute(q)), true);
      console.log(name, op, one.toFixed(2), two.toFixed(2));
    }
  }
});
function absolute(item) {
  const f = p => `${p.x.toFixed(6)} ${p.y.toFixed(6)}`;
  return (item.children || [item]).map(p => p.curves.map((c, k) => (k ? '' : `M${f(c.point1)}`) + `C${f(c.point1.add(c.handle1))} ${f(c.point2.add(c.handle2))} ${f(c.point2)}`).join('') + 'Z').join('');
}
