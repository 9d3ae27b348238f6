// A crossbar: leads go across, rails go down, a tap on a crossing joins them; the typed fields stay the truth.
import { send } from './server.js';

const PATIENCE = 250;

export default () => ({
  groups: [[], []],
  asked: 0,
  waiting: 0,
  init() {
    this.groups = this.$root.dataset.groups.split('\n').map((group) => group.split(' ').filter(Boolean));
    this.draw();
    this.form().addEventListener('input', (event) => {
      if (event.target.name.startsWith('crossing')) return;
      clearTimeout(this.waiting);
      this.waiting = setTimeout(() => this.ask(), PATIENCE);
    });
  },
  // another page is put in the place of this one: what was asked is answered to nobody
  destroy() {
    clearTimeout(this.waiting);
    this.asked += 1;
  },
  form() { return this.$root.closest('form'); },
  // what is typed is read by the server alone: what stands on the crossbar is what would be saved
  async ask() {
    this.asked += 1;
    const mine = this.asked;
    const { answer, failed } = await send(this.$root.dataset.href, new URLSearchParams(new FormData(this.form())));
    if (mine !== this.asked) return;
    this.$refs.failed.textContent = failed ? `The crossbar shows what was read last. ${failed}` : '';
    if (failed) return;
    const groups = await answer.json();
    if (mine !== this.asked) return;
    this.groups = groups;
    this.draw();
  },
  field(name) { return this.form().querySelector(`[name="${name}"]`); },
  leads() {
    return [...this.form().querySelectorAll('.lead-row')]
      .map((row) => ({ mark: row.querySelector('[name$=".mark"]').value.trim(), colour: row.querySelector('[name$=".colour"]').value.trim() }))
      .filter((lead) => lead.mark);
  },
  draw() {
    const groups = this.groups;
    const rails = Math.max(4, groups.length + (groups.length > 3 ? 1 : 0));
    const names = [...Array(rails).keys()].map((i) => (i === 0 ? 'L1' : i === 1 ? this.$root.dataset.second || 'L2' : `joined ${String.fromCharCode(95 + i)}`));
    const focused = document.activeElement?.id;
    const leads = this.leads();
    this.$root.hidden = leads.length === 0;
    const head = document.createElement('tr');
    head.append(document.createElement('td'), ...[...names, 'none'].map((name) => this.cell('th', name)));
    const rows = leads.map((lead) => this.row(lead, names, groups));
    this.$refs.board.replaceChildren(head, ...rows);
    if (focused) document.getElementById(focused)?.focus();
  },
  cell(tag, text) { return Object.assign(document.createElement(tag), { textContent: text }); },
  row(lead, names, groups) {
    const has = (g) => g.some((m) => m.toUpperCase() === lead.mark.toUpperCase());
    const at = groups.findIndex(has);
    const row = document.createElement('tr');
    const head = this.cell('th', '');
    head.scope = 'row';
    head.append(this.cell('strong', lead.mark), this.cell('span', lead.colour));
    row.append(head);
    [...names, 'none'].forEach((name, i) => {
      const none = i === names.length;
      const input = Object.assign(document.createElement('input'), { type: 'radio', name: `crossing ${lead.mark}`, id: `crossing-${lead.mark}-${i}`, checked: none ? at < 0 : at === i });
      input.setAttribute('form', 'nowhere');
      input.setAttribute('aria-label', none ? `${lead.mark} to nothing` : `${lead.mark} to ${name}`);
      input.addEventListener('change', () => this.join(lead.mark, none ? -1 : i));
      const cell = document.createElement('td');
      cell.className = none ? 'none' : i <= at ? 'reached' : '';
      const label = document.createElement('label');
      label.append(input, document.createElement('span'));
      cell.append(label);
      row.append(cell);
    });
    return row;
  },
  join(mark, rail) {
    const groups = this.groups.map((g) => g.filter((m) => m.toUpperCase() !== mark.toUpperCase()));
    if (rail >= 0) {
      while (groups.length <= rail) groups.push([]);
      groups[rail].push(mark);
    }
    this.field('line1').value = groups[0].join(' ');
    this.field('line2').value = groups[1].join(' ');
    this.field('joined').value = groups.slice(2).map((g) => g.join(' ')).filter(Boolean).join('\n');
    this.groups = groups;
    this.draw();
    this.field('line1').dispatchEvent(new Event('input', { bubbles: true }));
  },
});
