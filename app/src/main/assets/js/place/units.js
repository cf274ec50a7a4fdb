// Lengths as people write them, in either system.
const FOOT = 0.3048;
const INCH = 0.0254;

export const shown = (metres, us) => {
  if (!us) {
    return metres < 0.995 ? `${Math.round(metres * 100)} cm` : `${Number(metres.toFixed(2))} m`;
  }
  const inches = Math.round(metres / INCH);
  return inches < 24
    ? `${inches} in`
    : inches % 12 === 0
      ? `${inches / 12} ft`
      : `${Math.floor(inches / 12)} ft ${inches % 12} in`;
};

export const shownArea = (squareMetres, us) =>
  us ? `${Math.round(squareMetres / (FOOT * FOOT))} sq ft` : `${squareMetres.toFixed(1)} m²`;

// NaN for what is no length.
export const typed = (text, us) => {
  const plain = text
    .trim()
    .replace('−', '-')
    .toLowerCase()
    .replace(',', '.')
    .replace(/[′’]/g, "'")
    .replace(/[″”]/g, '"');
  const both = plain.match(/^(-?[\d.]+)\s*(?:ft|')\s*([\d.]+)\s*(?:in|")?$/);
  if (both) {
    return Number(both[1]) * FOOT + Number(both[2]) * INCH;
  }
  const single = plain.match(/^(-?[\d.]+)\s*(m|cm|mm|ft|'|in|")?$/);
  if (!single) {
    return NaN;
  }
  const factor = { m: 1, cm: 0.01, mm: 0.001, ft: FOOT, "'": FOOT, in: INCH, '"': INCH }[single[2]] ?? (us ? FOOT : 1);
  return Number(single[1]) * factor;
};
