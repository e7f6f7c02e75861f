/** A picture as JPEG, as it is put on paper. */
export async function asJpeg(picture: Blob): Promise<Blob> {
  const image = await createImageBitmap(picture);
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [image.width, image.height];
  const paint = canvas.getContext('2d')!;
  paint.fillStyle = '#fff';
  paint.fillRect(0, 0, image.width, image.height);
  paint.drawImage(image, 0, 0);
  image.close();
  return new Promise((done, failed) =>
    canvas.toBlob(
      (blob) => (blob ? done(blob) : failed(new Error('The picture is too big.'))),
      'image/jpeg',
      0.88,
    ),
  );
}
