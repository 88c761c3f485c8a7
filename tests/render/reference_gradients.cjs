// Makes reference_gradients.png from reference_gradients.svg with npm @resvg/resvg-js (MPL-2.0). Run after
// `npm install @resvg/resvg-js`:  node reference_gradients.cjs
const { Resvg } = require('@resvg/resvg-js');
const fs = require('fs');
const svg = fs.readFileSync('reference_gradients.svg');
fs.writeFileSync('reference_gradients.png', new Resvg(svg, { background: 'white' }).render().asPng());
