// The drawing on the bench looked at closely, and saved.
const LARGEST = 4;
const PNG_TIMES = 2;

export default {
  times: 1,
  zoom(times) {
    this.times = Math.min(LARGEST, Math.max(1, times));
    this.$root.querySelectorAll('svg.by-hand').forEach((s) => { s.style.width = `${this.times * 100}%`; });
  },
  closer() { this.zoom(this.times * 1.4); },
  further() { this.zoom(this.times / 1.4); },
  wheel(event) {
    if (!event.ctrlKey || !this.sheet()?.contains(event.target)) return;
    event.preventDefault();
    this.zoom(this.times * (event.deltaY < 0 ? 1.15 : 1 / 1.15));
  },
  // drawn once more from its file, on a canvas
  png() {
    const picture = new Image();
    picture.onload = () => {
      const canvas = document.createElement('canvas');
      canvas.width = picture.naturalWidth * PNG_TIMES;
      canvas.height = picture.naturalHeight * PNG_TIMES;
      canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
      canvas.toBlob((blob) => {
        const link = document.createElement('a');
        link.href = URL.createObjectURL(blob);
        link.download = 'wiring.png';
        link.click();
        this.said = `Saved as wiring.png, ${canvas.width} by ${canvas.height}.`;
        setTimeout(() => URL.revokeObjectURL(link.href), 1000);
      });
    };
    picture.onerror = () => { this.said = 'Not saved: these wires find no clear way on a drawing, or there was no answer.'; };
    picture.src = `${this.base()}/drawing.svg?at=${this.at}`;
  },
};
