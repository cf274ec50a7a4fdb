// Everything beside the two pictures: the kinds, what is chosen, what goes wrong in the year, and all plants as a list.
import { lengths } from './lengths.js';
import { model } from './model.js';

const find = (selector) => document.querySelector(selector);
const copy = (id) => find(id).content.firstElementChild.cloneNode(true);

// So many troubles in a year are more than some.
const SOME = 3;
const TALLEST_M = 20;

function ageSaid(years) {
  if (years === 0) {
    return window.say('as-planted');
  }
  return years === 1 ? window.say('year', years) : window.say('years', years);
}

// As the choice of phases has it.
function phaseSaid(after) {
  const option = find(`#phase option[value="${after}"]`);
  return option ? option.textContent : window.say('after-years', after);
}

export class Panel {
  constructor(page, nameOf) {
    this.page = page;
    this.nameOf = nameOf;
    this.seed = 1;
    this.kinds();
    this.acts();
  }

  telling(text, wrong = false) {
    const place = find('#bed-told');
    place.textContent = text;
    place.classList.toggle('wrong', wrong);
  }

  time() {
    const { year, month, hour } = this.page;
    const whole = Math.round(year);
    const told = `${whole} ${month} ${hour}`;
    if (told === this.toldTime) {
      return;
    }
    this.toldTime = told;
    find('#year-out').textContent = ageSaid(whole);
    find('#month-out').textContent = window.monthName(month);
    find('#hour-out').textContent = hour === null ? '' : window.say('hour', hour);
    this.troubles();
  }

  kinds() {
    const place = find('#kinds');
    model.kinds.forEach((kind) => {
      const row = copy('#kind-row');
      row.dataset.kind = kind.id;
      row.querySelector('img').src = kind.picture;
      row.querySelector('.botanical').textContent = kind.botanical;
      row.querySelector('b').textContent = kind.cultivar ? `‘${kind.cultivar}’` : '';
      const grouping = row.querySelector('select');
      grouping.value = kind.grouping;
      grouping.setAttribute('aria-label', window.say('grouping-of', this.nameOf(kind.id)));
      const add = row.querySelector('button');
      add.setAttribute('aria-label', window.say('add-one', this.nameOf(kind.id)));
      add.addEventListener('click', () => this.page.startAdding(kind.id));
      place.append(row);
    });
    const swap = find('#swap');
    model.kinds.forEach((kind) => swap.append(new Option(this.nameOf(kind.id), kind.id)));
  }

  acts() {
    const { page } = this;
    const on = (id, act) => find(id).addEventListener('click', act);
    on('#place-all', () => this.place());
    on('#place-otherwise', () => {
      this.seed += 1;
      this.place();
    });
    on('#undo', () => model.ask('undo'));
    on('#redo', () => model.ask('redo'));
    on('#away', () => page.away());
    on('#multiply', () => page.multiply());
    on('#align', () => page.align());
    on('#group', () => page.group(true));
    on('#ungroup', () => page.group(false));
    on('#lock', () => {
      const locked = !page.picked().every((plant) => plant.locked);
      page.change((plant) => ({ ...plant, locked }));
    });
    find('#by-group').addEventListener('change', (event) => {
      page.byGroup = event.target.checked;
    });
    swapped('#swap', (id) => page.change((plant) => ({ ...plant, id })));
    swapped('#phase', (after) => page.change((plant) => ({ ...plant, afterYears: Number(after) })));
    find('#bought').addEventListener('change', (event) => this.bought(event.target));
    ['#at-u', '#at-v'].forEach((id) => find(id).addEventListener('change', (event) => this.typed(event.target)));
    find('#all-plants').addEventListener('toggle', () => this.list());
    document.addEventListener('keydown', (event) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !event.target.matches('input')) {
        event.preventDefault();
        model.ask(event.shiftKey ? 'redo' : 'undo');
      }
    });
  }

  async place() {
    const groupings = {};
    document.querySelectorAll('#kinds [data-kind]').forEach((row) => {
      groupings[row.dataset.kind] = row.querySelector('select').value;
    });
    const button = find('#place-all');
    button.disabled = true;
    this.telling(window.say('placing'));
    await model.ask('place', {
      seed: this.seed,
      school: find('#school').value,
      closeByYear: Number(find('#close-by').value) || 3,
      layers: find('#layers').value,
      groupings,
    });
    button.disabled = false;
    if (!find('#bed-told').classList.contains('wrong')) {
      this.telling('');
    }
  }

  everything() {
    const counts = new Map();
    model.plants.forEach((plant) => counts.set(plant.id, (counts.get(plant.id) ?? 0) + 1));
    document.querySelectorAll('#kinds [data-kind]').forEach((row) => {
      const kind = model.kindOf.get(row.dataset.kind);
      row.querySelector('.count').textContent = window.say('of-wanted', counts.get(kind.id) ?? 0, kind.wanted);
    });
    find('#undo').disabled = !model.canUndo;
    find('#redo').disabled = !model.canRedo;
    find('#place-otherwise').hidden = model.plants.size === 0;
    find('#nothing-yet').hidden = model.plants.size > 0;
    find('#bed-sum').textContent =
      model.plants.size === 1 ? window.say('plant') : window.say('plants', model.plants.size);
    this.phases();
    const left = find('#left');
    left.replaceChildren(
      ...model.left.map((each) => {
        const line = document.createElement('li');
        line.textContent = window.say('left', each.count, each.name, each.why);
        return line;
      }),
    );
    this.strip();
    this.troubles();
    this.selection();
    this.list();
  }

  // What is planted when, where it is not all planted at once; a tap chooses it.
  phases() {
    const phases = new Map();
    model.plants.forEach((plant) => phases.set(plant.afterYears, [...(phases.get(plant.afterYears) ?? []), plant]));
    const years = phases.size > 1 ? [...phases.keys()].sort((a, b) => a - b) : [];
    find('#phases').replaceChildren(
      ...years.map((after) => {
        const plants = phases.get(after);
        const counts = new Map();
        plants.forEach((plant) => counts.set(plant.id, (counts.get(plant.id) ?? 0) + 1));
        const line = document.createElement('li');
        const button = document.createElement('button');
        button.type = 'button';
        button.className = 'plain';
        button.textContent = window.say('phase', phaseSaid(after), plants.length);
        button.addEventListener('click', () => this.page.choose(plants.map((plant) => plant.uid)));
        const kinds = document.createElement('span');
        kinds.textContent = [...counts].map(([id, count]) => `${count} × ${this.nameOf(id)}`).join(', ');
        line.append(button, kinds);
        return line;
      }),
    );
  }

  strip() {
    const strip = find('#trouble-strip');
    strip.replaceChildren(
      ...model.years.slice(0, Number(find('#year').max) + 1).map((year) => {
        const cell = document.createElement('button');
        cell.type = 'button';
        const many = year.troubles.length;
        cell.className = many < SOME ? 'some' : 'much';
        if (many === 0) {
          cell.className = 'fine';
        }
        cell.title = many === 0 ? window.say('fine-in', year.year) : `${year.year}: ${year.troubles[0].text}`;
        cell.setAttribute('aria-label', cell.title);
        cell.tabIndex = -1;
        cell.addEventListener('click', () => {
          find('#year').value = year.year;
          find('#year').dispatchEvent(new Event('input'));
        });
        return cell;
      }),
    );
  }

  troubles() {
    const year = model.years[Math.round(this.page.year)];
    const place = find('#troubles');
    const told = year && model.plants.size > 0 ? year.troubles : [];
    find('#cover-out').textContent =
      year && model.plants.size > 0 ? window.say('covered', Math.round(year.coverage * 100)) : '';
    find('#no-trouble').hidden = model.plants.size === 0 || told.length > 0;
    place.replaceChildren(
      ...told.slice(0, 8).map((each) => {
        const line = document.createElement('li');
        const button = document.createElement('button');
        button.type = 'button';
        button.className = 'plain';
        button.textContent = each.text;
        button.addEventListener('click', () => this.page.choose(each.uids));
        const advice = document.createElement('span');
        advice.textContent = each.advice;
        line.append(button, advice);
        return line;
      }),
    );
    if (told.length > 8) {
      const more = document.createElement('li');
      more.textContent = window.say('more', told.length - 8);
      place.append(more);
    }
  }

  // Where a plant stands: along the front from the left end of the bed, and back from its front edge.
  standsAt(plant) {
    const { view, bed } = this.page;
    const corners = bed.outline.map((point) => view.to(point));
    const left = Math.min(...corners.map((point) => point[0]));
    const near = Math.min(...corners.map((point) => point[1]));
    const [u, v] = view.to([plant.x, plant.y]);
    return { u: u - left, v: v - near, left, near };
  }

  selection() {
    const picked = this.page.picked();
    const box = find('#selection');
    box.hidden = picked.length === 0;
    if (picked.length === 0) {
      return;
    }
    const one = picked.length === 1;
    find('#chosen-name').textContent = one ? this.nameOf(picked[0].id) : window.say('chosen', picked.length);
    find('#at-fields').hidden = !one;
    if (one && !box.contains(document.activeElement)) {
      const { u, v } = this.standsAt(picked[0]);
      find('#at-u').value = lengths.shown(u);
      find('#at-v').value = lengths.shown(v);
    }
    find('#lock').setAttribute('aria-pressed', String(picked.every((plant) => plant.locked)));
    const kinds = new Set(picked.map((plant) => plant.id));
    find('#swap').value = kinds.size === 1 ? picked[0].id : '';
    const phases = new Set(picked.map((plant) => plant.afterYears));
    find('#phase').value = phases.size === 1 ? String(picked[0].afterYears) : '';
    if (document.activeElement !== find('#bought')) {
      const heights = new Set(picked.map((plant) => plant.potHeightM));
      const [height] = heights;
      find('#bought').value = heights.size === 1 && height > 0 ? lengths.shown(height) : '';
      find('#bought-wrong').textContent = '';
    }
  }

  // Blank is as tall as it is usually sold.
  bought(field) {
    const metres = field.value.trim() === '' ? 0 : lengths.typed(field.value);
    const wrong = !(metres >= 0 && metres <= TALLEST_M);
    field.setAttribute('aria-invalid', String(wrong));
    find('#bought-wrong').textContent = wrong ? window.say('no-length') : '';
    if (!wrong) {
      this.page.change((plant) => ({ ...plant, potHeightM: metres }));
    }
  }

  typed(field) {
    const metres = lengths.typed(field.value);
    const [plant] = this.page.picked();
    const wrong = !(Math.abs(metres) < 1000);
    field.setAttribute('aria-invalid', String(wrong));
    find('#at-wrong').textContent = wrong ? window.say('no-length') : '';
    if (wrong || !plant) {
      return;
    }
    this.moveTo(plant, field.id === 'at-u' ? metres : null, field.id === 'at-v' ? metres : null);
  }

  moveTo(plant, u, v) {
    const now = this.standsAt(plant);
    const [x, y] = this.page.view.from([(u ?? now.u) + now.left, (v ?? now.v) + now.near]);
    model.change([{ ...plant, x, y }]);
  }

  list() {
    if (!find('#all-plants').open || find('#plant-list').contains(document.activeElement)) {
      return;
    }
    const plants = [...model.plants.values()];
    find('#plant-list').replaceChildren(
      ...plants.map((plant, i) => {
        const row = copy('#plant-row');
        const { u, v } = this.standsAt(plant);
        row.querySelector('.number').textContent = i + 1;
        row.querySelector('.name').textContent = this.nameOf(plant.id);
        const fields = row.querySelectorAll('input');
        [u, v].forEach((metres, k) => {
          fields[k].value = lengths.shown(metres);
          fields[k].setAttribute(
            'aria-label',
            k === 0
              ? window.say('along-of', i + 1, this.nameOf(plant.id))
              : window.say('back-of', i + 1, this.nameOf(plant.id)),
          );
          fields[k].addEventListener('change', () => {
            const typed = lengths.typed(fields[k].value);
            const fine = Math.abs(typed) < 1000;
            fields[k].setAttribute('aria-invalid', String(!fine));
            if (fine) {
              this.moveTo(model.plants.get(plant.uid), k === 0 ? typed : null, k === 1 ? typed : null);
            } else {
              this.telling(window.say('no-length'), true);
            }
          });
        });
        const [choose, away] = row.querySelectorAll('button');
        choose.addEventListener('click', () => this.page.choose([plant.uid]));
        away.setAttribute('aria-label', window.say('take-out-of', i + 1, this.nameOf(plant.id)));
        away.addEventListener('click', () => model.change([], [plant.uid]));
        return row;
      }),
    );
  }
}

function swapped(id, act) {
  find(id).addEventListener('change', (event) => {
    if (event.target.value !== '') {
      act(event.target.value);
    }
  });
}
