// Notes of the yard outlive a gap in the network: what cannot be sent is kept in the browser and sent once it can be.
// A note is known by plant, place and day, so that one sent twice is noted once. One the server would not take as it is
// stays here until it is opened again, with all that was typed, and sent by hand.
const KEPT = 'yf-notes';
const REFUSED = 422;

const kept = () => {
  try {
    return JSON.parse(localStorage.getItem(KEPT) || '[]');
  } catch {
    return [];
  }
};

const keep = (notes) => localStorage.setItem(KEPT, JSON.stringify(notes));

const without = (note) => kept().filter((each) => each.id !== note.id);

const show = () => {
  const box = document.querySelector('.record-form .waiting');
  if (!box) {
    return;
  }
  const waits = kept().filter((note) => !note.refused);
  const refused = kept().filter((note) => note.refused);
  box.querySelector('.waits').hidden = waits.length === 0;
  box.querySelector('.waits b').textContent = waits.length;
  box.querySelector('.refused').hidden = refused.length === 0;
  if (refused.length) {
    box.querySelector('.refused a').href = new URL(refused[0].action).pathname;
  }
};

const token = () => document.querySelector('meta[name="csrf"]').content;

// Noted, refused, or not there yet: somebody who is signed out by now is shown the way in and not the note.
async function send(note) {
  const answer = await fetch(note.action, {
    method: 'POST',
    headers: { 'X-CSRF-TOKEN': token(), 'Content-Type': 'application/x-www-form-urlencoded' },
    body: note.body,
  });
  if (answer.status === REFUSED) {
    return 'refused';
  }
  return answer.ok && new URL(answer.url).pathname !== '/sign-in' ? 'noted' : 'not yet';
}

async function sendAll() {
  for (const note of kept().filter((each) => !each.refused)) {
    let how;
    try {
      how = await send(note);
    } catch {
      return;
    }
    if (how === 'not yet') {
      return;
    }
    keep(how === 'noted' ? without(note) : [...without(note), { ...note, refused: true }]);
    show();
  }
}

// The form of a note that was refused is filled in with it again.
function reopen() {
  const form = document.querySelector('.record-form');
  const note = form && kept().find((each) => each.refused && each.action === form.action);
  if (!note) {
    return;
  }
  for (const [name, value] of new URLSearchParams(note.body)) {
    for (const field of form.querySelectorAll(`[name="${CSS.escape(name)}"]`)) {
      if (field.type === 'radio' || field.type === 'checkbox') {
        field.checked = field.value === value;
      } else {
        field.value = value;
      }
    }
  }
  form.dataset.note = note.id;
}

document.addEventListener('submit', async (event) => {
  const form = event.target;
  if (!form.matches('.record-form')) {
    return;
  }
  keep(kept().filter((each) => each.id !== form.dataset.note));
  if (navigator.onLine) {
    return;
  }
  event.preventDefault();
  const fields = new URLSearchParams(new FormData(form));
  fields.delete('_csrf');
  keep([...kept(), { id: crypto.randomUUID(), action: form.action, body: fields.toString() }]);
  form.reset();
  show();
});

window.addEventListener('online', sendAll);
document.addEventListener('DOMContentLoaded', async () => {
  reopen();
  show();
  if (navigator.onLine) {
    await sendAll();
    show();
  }
});
