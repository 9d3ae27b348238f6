// A list of rows that grows.
export default () => ({
  add() {
    const hidden = this.$el.closest('[data-rows]').querySelector('.lead-row[hidden]');
    if (!hidden) return;
    hidden.hidden = false;
    hidden.querySelector('input').focus();
  },
});
