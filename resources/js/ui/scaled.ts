/** Pixels of the longer side, as the server keeps pictures. */
const LONGEST = 1600;

/** A picture drawn anew at the size it is kept in: upright, without place or time, and small enough for a roof's network. */
export async function scaled(file: Blob): Promise<Blob> {
    const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const share = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(picture.width * share);
    canvas.height = Math.round(picture.height * share);
    canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
    return new Promise((resolve, reject) => {
        canvas.toBlob(
            (blob) => (blob === null ? reject(new Error('That picture cannot be read.')) : resolve(blob)),
            'image/jpeg',
            0.82,
        );
    });
}
