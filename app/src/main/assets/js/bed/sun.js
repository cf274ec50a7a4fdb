// Which way shadows fall and how long they are, by the latitude, the month and the sun's own hour.
const TILT = 23.44;

const rad = (degrees) => (degrees * Math.PI) / 180;

// x and y on the ground, of length 1, and how many times a plant's height its shadow is; null by night.
export function shadowAt({ latitude, northDegrees }, month, hour) {
  const day = (month - 1) * 30.4 + 15;
  const declination = -rad(TILT) * Math.cos((2 * Math.PI * (day + 10)) / 365);
  const turn = rad((hour - 12) * 15);
  const lat = rad(latitude);
  const up = Math.sin(lat) * Math.sin(declination) + Math.cos(lat) * Math.cos(declination) * Math.cos(turn);
  if (up < 0.05) {
    return null;
  }
  const east = -Math.cos(declination) * Math.sin(turn);
  const north = Math.cos(lat) * Math.sin(declination) - Math.sin(lat) * Math.cos(declination) * Math.cos(turn);
  const flat = Math.hypot(east, north) || 1e-9;
  const turned = rad(northDegrees);
  const x = -(east * Math.cos(turned) + north * Math.sin(turned)) / flat;
  const y = -(-east * Math.sin(turned) + north * Math.cos(turned)) / flat;
  return { x, y, length: Math.min(6, flat / up) };
}
