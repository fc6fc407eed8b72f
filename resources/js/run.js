import { awake, rings } from './rings.js';

// The checklist: keys, timers that ring, the screen kept awake while a step is open.
export function run() {
    const sheet = document.querySelector('[data-run]');
    if (!sheet) {
        return;
    }
    document.addEventListener('keydown', (event) => {
        if (event.ctrlKey || event.metaKey || event.altKey || event.target.matches('input, textarea, select, button, a, summary')) {
            return;
        }
        if (event.key === ' ' || event.key === 'ArrowRight') {
            event.preventDefault();
            sheet.querySelector('[data-go]')?.click();
        } else if (event.key === 'ArrowLeft') {
            event.preventDefault();
            sheet.querySelector('[data-back]')?.click();
        }
    });
    // A swipe to the left goes on, one to the right goes back; a thumb that scrolls does neither.
    let from = null;
    sheet.addEventListener('touchstart', (event) => {
        from = event.target.closest('input, textarea, select, img') ? null : [event.touches[0].clientX, event.touches[0].clientY];
    }, { passive: true });
    sheet.addEventListener('touchend', (event) => {
        const [across, down] = from ? [event.changedTouches[0].clientX - from[0], event.changedTouches[0].clientY - from[1]] : [0, 0];
        from = null;
        if (Math.abs(across) > 90 && Math.abs(across) > 2.5 * Math.abs(down)) {
            sheet.querySelector(across < 0 ? '[data-go]' : '[data-back]')?.click();
        }
    }, { passive: true });

    // Enter goes on to the next field; from the last one it ends the step, and never skips it.
    const fields = [...sheet.querySelectorAll('.captures input')];
    fields.forEach((field, i) => field.addEventListener('keydown', (event) => {
        if (event.key === 'Enter' && fields[i + 1]) {
            event.preventDefault();
            fields[i + 1].focus();
        }
    }));

    // What another device has done shows here too, unless something is being written.
    const state = sheet.dataset.state;
    setInterval(async () => {
        const typed = [...sheet.querySelectorAll('input:not([type="hidden"], [type="checkbox"])')];
        if (document.visibilityState !== 'visible' || typed.some((field) => field.value !== field.defaultValue)) {
            return;
        }
        const answer = await fetch(`${location.pathname}/state`, { headers: { Accept: 'text/plain' } }).catch(() => null);
        if (answer?.ok && (await answer.text()) !== state) {
            location.assign(location.pathname);
        }
    }, 8000);

    // A second tap while the first is on its way does nothing.
    sheet.querySelectorAll('form').forEach((form) => form.addEventListener('submit', (event) => {
        if (form.dataset.sent) {
            event.preventDefault();
        }
        form.dataset.sent = '1';
    }));

    keepDraft(sheet);

    rings(sheet);
    awake();
}

// What is typed in a step outlives a reload and an empty battery on this device, until the step is ended.
function keepDraft(sheet) {
    const form = sheet.querySelector('#step');
    const fields = [...(form?.querySelectorAll('input[inputmode], input[name="note"]') ?? [])];
    const key = `draft ${form?.getAttribute('action')}`;
    try {
        const kept = JSON.parse(localStorage.getItem(key) ?? '{}');
        fields.filter((field) => field.value === '').forEach((field) => { field.value = kept[field.name] ?? ''; });
        if (fields.length === 0) {
            localStorage.removeItem(key);
        }
        form?.addEventListener('input', () => localStorage.setItem(key, JSON.stringify(Object.fromEntries(fields.map((field) => [field.name, field.value])))));
    } catch {
        // A browser that keeps nothing loses what is typed with the page, as any page does.
    }
}
