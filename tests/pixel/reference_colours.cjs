// Makes reference_colours.txt: npm culori (MIT) on a spread of sRGB colours. Run after `npm install culori`:
//   node reference_colours.cjs > reference_colours.txt
// A line a colour: r g b, then CIELAB under D65 (L a b), OKLab (l a b), OKLCH (l c h in degrees, -1 for greys), and the WCAG
// contrast with white and with the colour "10 77 104".
const { converter, wcagContrast } = require('culori');
const lab = converter('lab65'), ok = converter('oklab'), lch = converter('oklch');
let seed = 7;
const next = () => (seed = (seed * 1103515245 + 12345) % 2147483648) >> 16 & 255;
const list = [[0, 0, 0], [255, 255, 255], [255, 0, 0], [0, 255, 0], [0, 0, 255], [128, 128, 128], [1, 2, 3], [254, 200, 60]];
while (list.length < 60) list.push([next(), next(), next()]);
for (const [r, g, b] of list) {
  const c = { mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 }, a = lab(c), o = ok(c), p = lch(c);
  const f = v => v.toFixed(6);
  console.log(r, g, b, f(a.l), f(a.a), f(a.b), f(o.l), f(o.a), f(o.b), f(p.l), f(p.c), p.h === undefined || p.c < 1e-4 ? -1 : f(p.h),
    f(wcagContrast(c, 'white')), f(wcagContrast(c, 'rgb(10 77 104)')));
}
