// Readings: a colour chart answers to the thumb and writes what a keeper would have typed; Enter goes on.
export function reading() {
    const form = document.querySelector('form[data-reading]');
    if (!form) {
        return;
    }
    const entries = [...form.querySelectorAll('.read-row input:not([type="range"])')];
    entries.forEach((entry, i) => entry.addEventListener('keydown', (event) => {
        // What is folded is left out; after the last one the readings are kept.
        const next = entries.slice(i + 1).find((other) => !other.closest('details:not([open])'));
        if (event.key === 'Enter' && next) {
            event.preventDefault();
            next.focus();
        }
    }));
    for (const chart of form.querySelectorAll('[data-chart]')) {
        const entry = document.getElementById(chart.dataset.chart);
        const range = chart.querySelector('input');
        const untested = range.getAttribute('aria-valuetext');
        const fields = chart.dataset.fields.split(' ').map(Number);
        const text = (position) => {
            if (position < 0) {
                return '';
            }
            const i = Math.floor(position / 4);
            const [low, high] = [fields[i], fields[i + 1]];
            const last = fields.length - 1;
            // The top field has itself and what lies beyond it.
            if (i === last) {
                return position % 4 === 0 ? `${low}` : `over ${low}`;
            }
            return [`${low}`, `${low}-${high} nearer ${low}`, `${low}-${high}`, `${low}-${high} nearer ${high}`][position % 4];
        };
        range.addEventListener('input', () => {
            entry.value = text(Number(range.value));
            range.setAttribute('aria-valuetext', entry.value || untested);
        });
        entry.addEventListener('input', () => {
            for (let position = -1; position <= 4 * (fields.length - 1) + 1; position += 1) {
                if (text(position) === entry.value.trim()) {
                    range.value = String(position);
                    return;
                }
            }
        });
        entry.dispatchEvent(new Event('input'));
    }
}
