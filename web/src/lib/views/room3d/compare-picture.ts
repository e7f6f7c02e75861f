/** A picture of two, with the names of both: one beside the other, or one to the left of a share of the width and the other to its right. */
export async function comparePicture(
  [left, right]: readonly [Blob, Blob],
  names: readonly [string, string],
  split: number | null,
): Promise<Blob> {
  const [a, b] = await Promise.all([createImageBitmap(left), createImageBitmap(right)]);
  const gap = split === null ? Math.round(a.width / 160) : 0;
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [split === null ? a.width + gap + b.width : a.width, a.height];
  const paper = canvas.getContext('2d')!;
  paper.fillStyle = '#ffffff';
  paper.fillRect(0, 0, canvas.width, canvas.height);
  const at = split === null ? a.width + gap : Math.round(a.width * split);
  paper.drawImage(a, 0, 0);
  if (split === null) paper.drawImage(b, at, 0);
  else {
    paper.drawImage(b, at, 0, b.width - at, b.height, at, 0, b.width - at, b.height);
    paper.fillRect(at - Math.ceil(a.width / 900), 0, 2 * Math.ceil(a.width / 900), a.height);
  }
  a.close();
  b.close();
  const size = Math.round(canvas.height / 34);
  paper.font = `500 ${size}px 'Fira Sans', sans-serif`;
  const label = (text: string, x: number, align: CanvasTextAlign) => {
    const wide = paper.measureText(text).width + size;
    const from = align === 'left' ? x : x - wide;
    paper.fillStyle = 'rgb(252 250 245 / 88%)';
    paper.fillRect(from, canvas.height - 2.6 * size, wide, 1.7 * size);
    paper.fillStyle = '#1d2625';
    paper.textBaseline = 'middle';
    paper.fillText(text, from + size / 2, canvas.height - 1.72 * size);
  };
  label(names[0], size, 'left');
  label(names[1], canvas.width - size, 'right');
  return new Promise((done, failed) =>
    canvas.toBlob((blob) => (blob ? done(blob) : failed(new Error('The picture is too big.'))), 'image/png'),
  );
}
