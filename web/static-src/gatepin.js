// What the pages do in the browser. Everything works from the keyboard; every change is confirmed by the server.
document.addEventListener('alpine:init', () => {
  const POSITIONS = ['forward', 'off', 'reverse'];
  const typing = (event) => /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName);
  const meta = (name) => document.querySelector(`meta[name="${name}"]`).content;

  // the handle and the drawings it moves
  Alpine.data('bench', () => ({
    at: 'forward',
    init() {
      const kept = new URLSearchParams(location.search).get('at');
      this.throwTo(POSITIONS.includes(kept) ? kept : this.$root.dataset.at);
    },
    throwTo(position) {
      this.at = position;
      this.$root.querySelectorAll('svg.bench').forEach((svg) => { svg.dataset.at = position; });
      this.$root.querySelectorAll('.handle button').forEach((b) => {
        b.setAttribute('aria-pressed', String(b.value === position));
      });
      this.$root.querySelectorAll('[data-only-at]').forEach((part) => { part.hidden = !part.dataset.onlyAt.split(' ').includes(position); });
    },
    press(event) { this.throwTo(event.currentTarget.value); },
    key(event) {
      if (typing(event) || event.ctrlKey || event.altKey || event.metaKey) return;
      const to = { f: 'forward', o: 'off', r: 'reverse' }[event.key.toLowerCase()];
      if (to && this.$root.querySelector(`.handle [value="${to}"]`)) { this.throwTo(to); event.preventDefault(); }
    },
  }));

  // the wire list: one wire in hand, ticked when the server says so
  Alpine.data('wireList', () => ({
    current: 0,
    steps: [],
    init() {
      this.steps = [...this.$root.querySelectorAll('.step')];
      const open = this.steps.findIndex((s) => !s.classList.contains('is-made'));
      this.show(open < 0 ? 0 : open);
    },
    show(index) {
      if (this.steps.length === 0) return;
      this.current = (index + this.steps.length) % this.steps.length;
      const step = this.steps[this.current];
      this.steps.forEach((s, i) => s.setAttribute('aria-current', String(i === this.current)));
      for (const name of ['from', 'to', 'words', 'facts', 'fittings', 'number']) {
        this.$root.querySelectorAll(`[data-show="${name}"]`).forEach((e) => { e.textContent = step.dataset[name]; });
      }
      const made = step.classList.contains('is-made');
      this.$refs.tick.querySelector('.is-label').textContent = made ? 'Take the tick back' : 'Made. Next wire';
      this.$refs.tick.classList.toggle('main', !made);
      this.$root.querySelectorAll('.bench .wire').forEach((wire) => {
        const of = this.steps[Number(wire.dataset.step) - 1];
        wire.classList.toggle('in-hand', of === step);
        wire.classList.toggle('made', of !== undefined && of.classList.contains('is-made'));
      });
      const hand = this.$root.querySelectorAll('.bench .in-hand');
      hand.forEach((wire) => wire.parentNode.appendChild(wire));
    },
    choose(event) { this.show(this.steps.indexOf(event.currentTarget)); },
    next() { this.show(this.current + 1); },
    back() { this.show(this.current - 1); },
    async tick() {
      const step = this.steps[this.current];
      const made = !step.classList.contains('is-made');
      const body = new URLSearchParams({ plan: this.$root.dataset.plan, made: String(made) });
      this.say('Saving …', 'saving');
      try {
        const answer = await fetch(step.dataset.href, {
          method: 'POST',
          body,
          headers: { [meta('csrf-header')]: meta('csrf-token'), Accept: 'application/json' },
        });
        const told = await answer.json();
        if (!answer.ok) { this.say(told.message, 'failed'); return; }
        step.classList.toggle('is-made', made);
        step.querySelector('.made-words').textContent = made ? 'made' : '';
        this.say(told.message, 'saved');
        const left = this.steps.findIndex((s) => !s.classList.contains('is-made'));
        this.$refs.pull.hidden = left >= 0;
        this.show(made ? (left < 0 ? this.current : left) : this.current);
      } catch (lost) {
        this.say('Not saved: no answer. The tick was not set; try again when the application runs.', 'failed');
      }
    },
    say(words, state) {
      this.$refs.said.textContent = words;
      this.$refs.said.dataset.state = state;
    },
    key(event) {
      if (typing(event) || event.ctrlKey || event.altKey || event.metaKey) return;
      if (event.key === 'ArrowDown' || event.key === 'n') { this.next(); event.preventDefault(); }
      if (event.key === 'ArrowUp' || event.key === 'b') { this.back(); event.preventDefault(); }
      if (event.key === ' ' || event.key === 't') {
        if (event.key === ' ' && /^(BUTTON|A|SUMMARY)$/.test(event.target.tagName)) return;
        this.tick();
        event.preventDefault();
      }
    },
  }));

  // what is typed outlives a reload or a dead battery until the server has it
  Alpine.data('draft', () => ({
    restored: false,
    name: '',
    init() {
      // by where the form goes: a page that complains of something else has another address
      this.name = `gatepin:${new URL(this.$root.action).pathname}`;
      if (this.$root.dataset.fresh === 'true') { localStorage.removeItem(this.name); return; }
      if (this.$root.dataset.typed === 'true') { this.keep(); return; }
      const kept = localStorage.getItem(this.name);
      if (!kept) return;
      const typed = JSON.parse(kept);
      for (const field of this.fields()) {
        const before = typed[this.keyOf(field)];
        if (before === undefined || before === this.read(field)) continue;
        if (this.isChoice(field)) field.checked = before === 'true';
        else field.value = before;
        this.restored = true;
      }
      this.$refs.restored.hidden = !this.restored;
    },
    fields() {
      return [...this.$root.querySelectorAll('input, select, textarea')]
        .filter((f) => f.form && f.name && f.type !== 'hidden' && f.type !== 'file');
    },
    isChoice(field) { return field.type === 'radio' || field.type === 'checkbox'; },
    keyOf(field) { return this.isChoice(field) ? `${field.name}=${field.value}` : field.name; },
    read(field) { return this.isChoice(field) ? String(field.checked) : field.value; },
    keep() {
      const typed = Object.fromEntries(this.fields().map((f) => [this.keyOf(f), this.read(f)]));
      localStorage.setItem(this.name, JSON.stringify(typed));
    },
    forget() { localStorage.removeItem(this.name); location.reload(); },
  }));

  // a list of rows that grows
  Alpine.data('leadRows', () => ({
    add() {
      const hidden = this.$el.closest('[data-rows]').querySelector('.lead-row[hidden]');
      if (!hidden) return;
      hidden.hidden = false;
      hidden.querySelector('input').focus();
    },
  }));

  // a photo looked at closely
  Alpine.data('zoom', () => ({
    times: 1,
    set(times) {
      this.times = Math.min(6, Math.max(1, times));
      this.$refs.picture.style.width = `${this.times * 100}%`;
    },
    closer() { this.set(this.times * 1.5); },
    further() { this.set(this.times / 1.5); },
  }));

  // a crossbar: leads go across, rails go down, a tap on a crossing joins them; the typed fields stay the truth
  Alpine.data('crossbar', () => ({
    init() {
      this.draw();
      this.$root.closest('form').addEventListener('input', () => this.draw());
    },
    field(name) { return this.$root.closest('form').querySelector(`[name="${name}"]`); },
    words(text) { return text.split(/[\s,+]+/).filter(Boolean); },
    groups() {
      const joined = this.field('joined').value.split(/[;\n]/).map((l) => this.words(l)).filter((g) => g.length);
      return [this.words(this.field('line1').value), this.words(this.field('line2').value), ...joined];
    },
    leads() {
      return [...this.$root.closest('form').querySelectorAll('.lead-row')]
        .map((row) => ({ mark: row.querySelector('[name$=".mark"]').value.trim(), colour: row.querySelector('[name$=".colour"]').value.trim() }))
        .filter((lead) => lead.mark);
    },
    draw() {
      const groups = this.groups();
      const rails = Math.min(6, Math.max(4, groups.length + (groups.length > 3 ? 1 : 0)));
      const names = [...Array(rails).keys()].map((i) => (i < 2 ? `L${i + 1}` : `joined ${String.fromCharCode(95 + i)}`));
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
      const groups = this.groups().map((g) => g.filter((m) => m.toUpperCase() !== mark.toUpperCase()));
      if (rail >= 0) {
        while (groups.length <= rail) groups.push([]);
        groups[rail].push(mark);
      }
      this.field('line1').value = groups[0].join(' ');
      this.field('line2').value = groups[1].join(' ');
      this.field('joined').value = groups.slice(2).map((g) => g.join(' ')).filter(Boolean).join('\n');
      this.field('line1').dispatchEvent(new Event('input', { bubbles: true }));
    },
  }));

  // the reading pad: two leads tapped on the ring, a number pad; the two lists and the field stay the truth
  Alpine.data('pad', () => ({
    turn: 0,
    init() { this.draw(); },
    list(id) { return this.$root.querySelector(`#${id}`); },
    tap(event) {
      const name = event.currentTarget.dataset.node;
      const [a, b] = [this.list('a'), this.list('b')];
      if (this.turn === 0) {
        a.value = name;
        if (b.value === name) b.value = 'frame' === name ? a.options[0].value : 'frame';
        this.turn = 1;
      } else {
        if (a.value === name) return;
        b.value = name;
        this.turn = 0;
        this.list('ohms').focus({ preventScroll: true });
      }
      this.draw();
    },
    draw() {
      const chosen = [this.list('a').value, this.list('b').value];
      this.$root.querySelectorAll('[data-node]').forEach((n) => n.classList.toggle('probed', chosen.includes(n.dataset.node)));
    },
    press(event) {
      const field = this.list('ohms');
      const key = event.currentTarget.value;
      if (key === '⌫') field.value = field.value.slice(0, -1);
      else if (key === 'OL') field.value = 'OL';
      else field.value = (field.value === 'OL' ? '' : field.value) + key;
    },
    key(event) {
      if (typing(event) || event.ctrlKey || event.altKey || event.metaKey) return;
      if (/^[0-9.,]$/.test(event.key)) { const field = this.list('ohms'); field.focus(); field.value += event.key; event.preventDefault(); }
      if (event.key.toLowerCase() === 'm') { this.$root.querySelector('[data-key="m"]')?.click(); event.preventDefault(); }
    },
  }));

  // the face of a switch: two taps choose where the probes are held
  Alpine.data('probes', () => ({
    turn: 0,
    init() { this.draw(); },
    list(id) { return this.$root.querySelector(`#${id}`); },
    tap(event) {
      const name = event.currentTarget.dataset.node;
      const [a, b] = [this.list('a'), this.list('b')];
      if (this.turn === 0) {
        if (b.value === name) b.value = a.value;
        a.value = name;
        this.turn = 1;
      } else if (a.value !== name) {
        b.value = name;
        this.turn = 0;
      }
      this.draw();
    },
    draw() {
      const chosen = [this.list('a').value, this.list('b').value];
      this.$root.querySelectorAll('[data-node]').forEach((n) => n.classList.toggle('probed', chosen.includes(n.dataset.node)));
    },
    key(event) {
      if (typing(event) || event.ctrlKey || event.altKey || event.metaKey) return;
      const button = this.$root.querySelector(`button[data-key="${CSS.escape(event.key.toLowerCase())}"]`);
      if (button) { button.click(); event.preventDefault(); }
    },
  }));

  // a photo with pins: a tap says where the next one goes
  Alpine.data('snap', () => ({
    init() {
      this.$root.querySelectorAll('.pin[data-x]').forEach((pin) => this.place(pin, pin.dataset.x, pin.dataset.y));
    },
    place(pin, x, y) {
      pin.style.left = `${x / 10}%`;
      pin.style.top = `${y / 10}%`;
    },
    set(event) {
      const box = event.currentTarget.getBoundingClientRect();
      const [x, y] = [[event.clientX - box.left, box.width], [event.clientY - box.top, box.height]].map(([at, of]) => Math.min(1000, Math.max(0, Math.round((1000 * at) / of))));
      const form = this.$refs.form;
      form.hidden = false;
      form.querySelector('[name="x"]').value = x;
      form.querySelector('[name="y"]').value = y;
      this.$refs.fresh.hidden = false;
      this.place(this.$refs.fresh, x, y);
      form.querySelector('[name="mark"]').focus({ preventScroll: true });
    },
    fill(event) { this.$dispatch('fill-field', { ...event.currentTarget.dataset }); },
  }));

  // what is tapped goes into the field in hand, and on to the next one of the row
  Alpine.data('fill', () => ({
    field: null,
    init() {
      globalThis.addEventListener('fill-field', (event) => this.put(event.detail.fill, event.detail));
    },
    remember(event) { this.field = event.currentTarget; },
    tap(event) { this.put(event.currentTarget.value, {}); },
    put(text, also) {
      const field = this.field ?? [...this.$root.querySelectorAll('.wire-row:not([hidden]) input')].find((f) => /End$/.test(f.name) && !f.value);
      if (!field) return;
      field.value = text;
      const row = field.closest('.wire-row');
      for (const name of ['colour', 'bands']) {
        const other = row.querySelector(`[name$=".${name}"]`);
        if (also[name] && also[name] !== '0' && !other.value) other.value = also[name];
      }
      const fields = [...row.querySelectorAll('input')];
      const next = fields[fields.indexOf(field) + 1];
      if (next && /End$/.test(next.name)) next.focus();
      else this.field = null;
      field.dispatchEvent(new Event('input', { bubbles: true }));
    },
  }));

  // keys that hold on every page
  Alpine.data('page', () => ({
    key(event) {
      if (typing(event) || event.ctrlKey || event.altKey || event.metaKey) return;
      if (event.key === '?') { this.$refs.keys.showModal(); event.preventDefault(); return; }
      if (/^[pu]$/i.test(event.key)) this.follow(`[data-key="${event.key.toLowerCase()}"]`, event);
      if (event.key === '[') this.follow('[data-key="["]', event);
      if (event.key === ']') this.follow('[data-key="]"]', event);
      if (event.key === 'Enter' && event.target === document.body) this.follow('[data-key="enter"]', event);
    },
    follow(selector, event) {
      const target = document.querySelector(selector);
      if (target && !target.closest('[hidden]')) { target.click(); event.preventDefault(); }
    },
    showKeys() { this.$refs.keys.showModal(); },
    hideKeys() { this.$refs.keys.close(); },
  }));
});

// on a phone the fence slides to the gate at hand
document.addEventListener('DOMContentLoaded', () => {
  const here = document.querySelector('.fence .here');
  if (here) here.scrollIntoView({ block: 'nearest', inline: 'center' });
});
