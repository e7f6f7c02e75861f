import { MOST_LOGO, type PaperPicture } from 'goodreach';

/** A logo is no wider and no higher than this, dots: as fine as it is printed. */
const WIDE = 620;
const HIGH = 290;

/** A picture as a logo: as small as it is printed, as PNG, whatever it was; or why it can't be one. */
export async function logoOf(
  file: Blob,
): Promise<{ ok: true; logo: PaperPicture } | { ok: false; problem: string }> {
  const url = URL.createObjectURL(file);
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const { naturalWidth, naturalHeight } = image;
    const by = Math.min(WIDE / naturalWidth, HIGH / naturalHeight);
    // A drawing has no size of its own; a picture is not made larger than it is.
    const times = file.type === 'image/svg+xml' ? by : Math.min(1, by);
    const wide = Math.max(1, Math.round(naturalWidth * times));
    const high = Math.max(1, Math.round(naturalHeight * times));
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [wide, high];
    canvas.getContext('2d')!.drawImage(image, 0, 0, wide, high);
    const data = canvas.toDataURL('image/png').split(',')[1]!;
    if (data.length > MOST_LOGO) return jpeg(canvas);
    return { ok: true, logo: { type: 'image/png', data } };
  } catch {
    return {
      ok: false,
      problem: 'This file is no picture that can be read. Choose a PNG, JPEG or SVG file.',
    };
  } finally {
    URL.revokeObjectURL(url);
  }
}

/** A photograph as JPEG on white, as a PNG of it would be too large. */
function jpeg(canvas: HTMLCanvasElement): { ok: true; logo: PaperPicture } | { ok: false; problem: string } {
  const paint = canvas.getContext('2d')!;
  paint.globalCompositeOperation = 'destination-over';
  paint.fillStyle = '#fff';
  paint.fillRect(0, 0, canvas.width, canvas.height);
  const data = canvas.toDataURL('image/jpeg', 0.85).split(',')[1]!;
  return data.length > MOST_LOGO
    ? { ok: false, problem: 'This picture is too large for a logo. Choose a simpler one.' }
    : { ok: true, logo: { type: 'image/jpeg', data } };
}
