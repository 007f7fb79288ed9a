// Paints a scene as the page does and compares it with what the server's painter made of it, here in the page: of two pictures
// of megabytes only three numbers come out.
(() => {
  const canvas = new OffscreenCanvas(1, 1);
  const c = canvas.getContext('2d', { willReadFrequently: true });

  const luma = (d, i) => 0.2126 * d[i] + 0.7152 * d[i + 1] + 0.0722 * d[i + 2];

  // Mean structural similarity of the luma, 8 by 8 windows every 4 pixels (Wang, Bovik, Sheikh and Simoncelli, IEEE Trans.
  // Image Processing 13, 2004; constants K1 = 0.01, K2 = 0.03), as Pixels.ssim.
  function ssim(a, b, width, height) {
    const lumas = [a, b].map((d) => {
      const l = new Float64Array(width * height);
      for (let p = 0; p < l.length; p++) l[p] = luma(d, p * 4);
      return l;
    });
    const [la, lb] = lumas;
    const c1 = (0.01 * 255) ** 2;
    const c2 = (0.03 * 255) ** 2;
    let sum = 0;
    let count = 0;
    for (let y = 0; y + 8 <= height; y += 4) {
      for (let x = 0; x + 8 <= width; x += 4) {
        let ma = 0, mb = 0, aa = 0, bb = 0, ab = 0;
        for (let j = 0; j < 8; j++) {
          let at = (y + j) * width + x;
          for (let i = 0; i < 8; i++, at++) {
            const p = la[at];
            const q = lb[at];
            ma += p; mb += q; aa += p * p; bb += q * q; ab += p * q;
          }
        }
        ma /= 64;
        mb /= 64;
        const va = aa / 64 - ma * ma;
        const vb = bb / 64 - mb * mb;
        const cov = ab / 64 - ma * mb;
        sum += ((2 * ma * mb + c1) * (2 * cov + c2)) / ((ma * ma + mb * mb + c1) * (va + vb + c2));
        count++;
      }
    }
    return count === 0 ? 1 : sum / count;
  }

  // How many pixels are further than that from all that the other picture has there and beside it. Rasterisers that cut curves
  // into other lines cover an edge's pixels by more or less, which this does not count; what is moved, missing, paler or softer
  // it does.
  function beyondEdges(one, other, width, height, alike) {
    let count = 0;
    for (let y = 0; y < height; y++) {
      for (let x = 0; x < width; x++) {
        const at = (y * width + x) * 4;
        const same = [0, 1, 2].every(
          (c) =>
            Math.abs(one[at + c] - other[at + c]) <= alike ||
            (within(one[at + c], other, x, y, width, height, c, alike) &&
              within(other[at + c], one, x, y, width, height, c, alike)),
        );
        if (!same) count++;
      }
    }
    return count;
  }

  function within(value, picture, x, y, width, height, channel, alike) {
    let least = 255;
    let greatest = 0;
    for (let j = Math.max(0, y - 1); j <= Math.min(height - 1, y + 1); j++) {
      for (let i = Math.max(0, x - 1); i <= Math.min(width - 1, x + 1); i++) {
        const there = picture[(j * width + i) * 4 + channel];
        if (there < least) least = there;
        if (there > greatest) greatest = there;
      }
    }
    return value >= least - alike && value <= greatest + alike;
  }

  // ours: blue first, as the burn paints; theirs: red first.
  function compare(ours, theirs, width, height, alike) {
    let difference = 0;
    let strays = 0;
    for (let i = 0; i < ours.length; i += 4) {
      const blue = ours[i];
      ours[i] = ours[i + 2];
      ours[i + 2] = blue;
      const most = Math.max(
        Math.abs(ours[i] - theirs[i]),
        Math.abs(ours[i + 1] - theirs[i + 1]),
        Math.abs(ours[i + 2] - theirs[i + 2]),
      );
      if (most > difference) difference = most;
      if (most > alike) strays++;
    }
    // Windows without a difference would come to 1 all the same.
    return {
      difference,
      strays,
      beyondEdges: strays === 0 ? 0 : beyondEdges(ours, theirs, width, height, alike),
      ssim: difference === 0 ? 1 : ssim(ours, theirs, width, height),
    };
  }

  window.parity = {
    compare,
    // The scene that the server has now, one moment after the other; the server paints its own while the page paints.
    async pictures({ scale, background, alike, places }) {
      const scene = await saltDrumPainter.withBitmaps(await (await fetch('/scene')).json());
      const painter = new saltDrumPainter.ScenePainter(scene, scale);
      const seen = [];
      for (const [index, { t, left, top, width, height }] of places.entries()) {
        const asked = fetch(`/pictures/${index}`);
        canvas.width = width;
        canvas.height = height;
        c.fillStyle = background;
        c.fillRect(0, 0, width, height);
        painter.paint(c, t, left, top);
        const theirs = c.getImageData(0, 0, width, height).data;
        const bytes = new Uint8Array(await (await asked).arrayBuffer());
        seen.push(compare(bytes, theirs, width, height, alike));
      }
      return seen;
    },
  };
})();
