// Notes of the yard outlive a gap in the network: what cannot be sent is kept in the browser and sent once it can be.
// A note is known by plant, place and day, so that one sent twice is noted once.
const KEPT = 'yf-notes';

const kept = () => {
  try {
    return JSON.parse(localStorage.getItem(KEPT) || '[]');
  } catch {
    return [];
  }
};

const keep = (notes) => localStorage.setItem(KEPT, JSON.stringify(notes));

const show = () => {
  const line = document.querySelector('.record-form .waiting');
  if (line) {
    const waiting = kept().length;
    line.hidden = waiting === 0;
    line.textContent = `${line.closest('form').dataset.waits} ${waiting}`;
  }
};

const token = () => document.querySelector('meta[name="csrf"]').content;

// Whether the server has it, or will never take it.
async function sent(note) {
  const answer = await fetch(note.action, {
    method: 'POST',
    headers: { 'X-CSRF-TOKEN': token(), 'Content-Type': 'application/x-www-form-urlencoded' },
    body: note.body,
  });
  return answer.ok || answer.status === 422;
}

async function sendAll() {
  for (const note of kept()) {
    try {
      if (!(await sent(note))) {
        return;
      }
    } catch {
      return;
    }
    keep(kept().filter((each) => each.id !== note.id));
    show();
  }
}

document.addEventListener('submit', async (event) => {
  const form = event.target;
  if (!form.matches('.record-form') || navigator.onLine) {
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
document.addEventListener('DOMContentLoaded', () => {
  show();
  if (navigator.onLine) {
    sendAll();
  }
});
