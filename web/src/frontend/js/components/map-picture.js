const WIDE_PX = 2400;

// The drawing of a map as a picture of points, made in the browser of the file it would give.
export function mapPicture() {
  return {
    async save() {
      const image = new Image();
      image.src = this.$refs.svg.href;
      await image.decode();
      const canvas = document.createElement('canvas');
      canvas.width = WIDE_PX;
      canvas.height = Math.round((WIDE_PX * image.naturalHeight) / image.naturalWidth);
      const paper = canvas.getContext('2d');
      paper.fillStyle = '#fff';
      paper.fillRect(0, 0, canvas.width, canvas.height);
      paper.drawImage(image, 0, 0, canvas.width, canvas.height);
      const link = document.createElement('a');
      link.download = 'map.png';
      link.href = canvas.toDataURL('image/png');
      link.click();
      this.$root.dataset.saved = `${canvas.width} × ${canvas.height}`;
    },
  };
}
