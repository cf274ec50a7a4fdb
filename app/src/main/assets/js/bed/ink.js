// What both pictures draw alike: a sheet as sharp as the screen, and a bar to measure by.
import { lengths } from './lengths.js';

// The pen of a canvas, in its own pixels, and how large the canvas is.
export function sheet(canvas) {
  const pen = canvas.getContext('2d');
  const ratio = window.devicePixelRatio || 1;
  const wide = canvas.clientWidth;
  const high = canvas.clientHeight;
  if (canvas.width !== Math.round(wide * ratio) || canvas.height !== Math.round(high * ratio)) {
    canvas.width = Math.round(wide * ratio);
    canvas.height = Math.round(high * ratio);
  }
  pen.setTransform(ratio, 0, 0, ratio, 0, 0);
  return { pen, wide, high };
}

export function bar(pen, { wide, high, scale, right }) {
  const length = lengths.barM(wide / scale);
  const from = right ? wide - 16 - length * scale : 14;
  const end = from + length * scale;
  pen.strokeStyle = '#2c2a24';
  pen.lineWidth = 1.4;
  pen.beginPath();
  pen.moveTo(from, high - 14);
  pen.lineTo(from, high - 6);
  pen.moveTo(from, high - 10);
  pen.lineTo(end, high - 10);
  pen.moveTo(end, high - 14);
  pen.lineTo(end, high - 6);
  pen.stroke();
  pen.fillStyle = '#3d3527';
  pen.font = '13px "Source Sans", sans-serif';
  pen.textAlign = right ? 'right' : 'left';
  pen.fillText(lengths.shown(length), right ? from - 6 : end + 6, high - 6);
}
