// One period of the line, moved by hand: still until somebody moves it.
export default () => ({
  move(event) {
    const at = Number(event.currentTarget.value);
    this.$root.querySelectorAll('[data-tips]').forEach((arrow) => {
      const [x, y] = arrow.dataset.tips.split(';')[at].split(' ');
      arrow.setAttribute('x2', x);
      arrow.setAttribute('y2', y);
    });
  },
});
