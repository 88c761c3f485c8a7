// Prints reference_blends.inc: what npm @resvg/resvg-js (MPL-2.0) shows of multiply and screen at the ten pairs of blend_test.cpp. Run
// after `npm install @resvg/resvg-js`:  node reference_blends.cjs > reference_blends.inc
const { Resvg } = require('@resvg/resvg-js');
const pairs = [
    [[200, 100, 50], [46, 107, 102]], [[222, 160, 60], [168, 66, 44]], [[10, 20, 240], [250, 240, 5]], [[128, 128, 128], [64, 200, 128]],
    [[255, 255, 255], [120, 10, 90]], [[1, 2, 3], [200, 210, 220]], [[0, 128, 255], [255, 128, 1]], [[90, 90, 90], [90, 90, 90]],
    [[250, 5, 128], [30, 220, 70]], [[60, 30, 10], [240, 120, 250]],
];
for (const mode of ['multiply', 'screen'])
    for (const [below, above] of pairs) {
        const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="4" height="4"><rect width="4" height="4" fill="rgb(${below})"/>` +
            `<rect width="4" height="4" fill="rgb(${above})" style="mix-blend-mode:${mode}"/></svg>`;
        const p = new Resvg(svg).render().pixels;
        console.log(`{Blend::${mode}, {${below.join(', ')}}, {${above.join(', ')}}, {${[...p.slice(0, 3)].join(', ')}}},`);
    }
