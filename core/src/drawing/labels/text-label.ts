import { CAP_HEIGHT, textWidth } from '../text-layout';
import { ABOUT_TEXT } from './box';

/** What a line of text takes on a drawing, with what is left free about it, mm at a scale. */
export const lineSize = (words: string, size: number, scale: number, bold = false) => ({
  width: (textWidth(words, size, bold) + 2 * ABOUT_TEXT) * scale,
  height: (size * CAP_HEIGHT + 2 * ABOUT_TEXT) * scale,
});
