/** No side of what is sent is longer, points: the program keeps less, and a weak signal carries no more. */
const LONGEST = 2000;
const QUALITY = 0.9;

/** The same photo, upright and small enough to wait for a signal; as it came if the browser can't read it. */
export async function smaller(file: Blob): Promise<Blob> {
  try {
    const read = await createImageBitmap(file, { imageOrientation: "from-image" });
    const scale = Math.min(1, LONGEST / Math.max(read.width, read.height));
    const canvas = document.createElement("canvas");
    canvas.width = Math.max(1, Math.round(read.width * scale));
    canvas.height = Math.max(1, Math.round(read.height * scale));
    const pen = canvas.getContext("2d");
    if (!pen) return file;
    // A photo that is clear somewhere would be black there.
    pen.fillStyle = "white";
    pen.fillRect(0, 0, canvas.width, canvas.height);
    pen.drawImage(read, 0, 0, canvas.width, canvas.height);
    read.close();
    return await new Promise((resolve) => {
      canvas.toBlob(
        (made) => {
          resolve(made ?? file);
        },
        "image/jpeg",
        QUALITY,
      );
    });
  } catch {
    return file;
  }
}
