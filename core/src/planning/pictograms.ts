/** The hazard pictograms, drawn here: a black sign on white in a red diamond. */
import type { Pictogram } from './data/labels';

/** Signs on a square of 100, about its middle. */
const SIGNS: Readonly<Record<Pictogram, string>> = {
  flame:
    '<path d="M50 26c3 10 16 16 16 31a16 16 0 0 1-32 2c0-8 5-11 7-18 3 3 4 6 4 9 5-6 6-15 5-24z"/><path d="M33 77h34v4H33z"/>',
  oxidising:
    '<path d="M50 22c2 7 12 12 12 22a12 12 0 0 1-24 1c0-6 4-8 5-13 2 2 3 4 3 6 4-4 5-10 4-16z"/><circle cx="50" cy="63" r="12" fill="none" stroke="#000" stroke-width="4"/><path d="M36 78h28v4H36z"/>',
  corrosive:
    '<path d="M28 32l20-6 2 6-20 6z"/><path d="M70 26l3 5-16 10-3-5z"/><path d="M45 42l2 6M49 40l2 6M57 46l-1 7" stroke="#000" stroke-width="2.5"/><path d="M26 60h22v4c-3 0-4 6-8 6s-3-6-6-6h-8z"/><path d="M52 66c5-8 16-8 24-5v5c-6 0-6 5-10 5s-4-5-14-5z"/><path d="M26 76h50v4H26z"/>',
  toxic:
    '<circle cx="50" cy="42" r="16"/><path d="M42 54h16v9H42z"/><circle cx="44" cy="42" r="4.5" fill="#fff"/><circle cx="56" cy="42" r="4.5" fill="#fff"/><path d="M50 48l2 5h-4z" fill="#fff"/><path d="M30 66l40 12M70 66L30 78" stroke="#000" stroke-width="5" stroke-linecap="round"/>',
  harmful: '<path d="M45 26h10l-2 32h-6z"/><circle cx="50" cy="69" r="5.5"/>',
  health:
    '<circle cx="50" cy="30" r="7"/><path d="M36 78c-2-22 2-37 14-37s16 15 14 37z"/><path d="M50 48l3 8 8-3-4 7 8 4-9 2 2 9-8-5-8 5 2-9-9-2 8-4-4-7 8 3z" fill="#fff"/>',
  environment:
    '<path d="M24 70c10-4 18 2 28-1 8-2 16-1 24 3v6H24z"/><path d="M34 68V34M34 46l-8-8M34 42l8-9M34 54l7-7" stroke="#000" stroke-width="3" fill="none"/><path d="M48 66c8-10 18-9 26 0-3 4-7 5-11 5l-6 0c-4 0-6-2-9-5zM74 66l6-5v10z"/><circle cx="55" cy="64" r="1.8" fill="#fff"/>',
};

/** As SVG, a square of the given side. */
export const drawPictogram = (pictogram: Pictogram, side = 100): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100" width="${side}" height="${side}"><path d="M50 4L96 50 50 96 4 50z" fill="#fff" stroke="#d8232a" stroke-width="6" stroke-linejoin="round"/><g transform="translate(50 50) scale(0.72) translate(-50 -52)">${SIGNS[pictogram]}</g></svg>`;
