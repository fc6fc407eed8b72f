import htmx from 'htmx.org';

// The change sheet: which figure leads, the line that is dragged, and fields that follow without losing the caret.
export function changeSheet() {
    const form = document.querySelector('form#change');
    if (!form) {
        return;
    }
    const way = form.querySelector('[data-way]');
    const reason = (value) => form.querySelector(`input[name="reason"][value="${value}"]`);
    let dragging = null;

    const lead = (name) => {
        way.value = name;
        reason('amount').checked = true;
    };
    const recompute = () => htmx.trigger(form, 'recompute');

    form.addEventListener('input', (event) => {
        const { amount, reason: of } = event.target.dataset;
        if (amount) {
            lead(amount);
        } else if (of) {
            reason(of).checked = true;
        }
    }, true);

    form.addEventListener('keydown', (event) => {
        // Enter in a field works out, it does not write the checklist.
        if (event.key === 'Enter' && event.target.matches('input')) {
            event.preventDefault();
            recompute();
        }
        if (event.target.id === 'drain-line') {
            const step = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1, PageDown: 5, PageUp: -5 }[event.key];
            if (step) {
                event.preventDefault();
                const field = form.querySelector('[data-amount="litres"]');
                field.value = String(Math.max(0, Math.round((Number(field.value.replace(',', '.')) || 0) + step)));
                lead('litres');
                recompute();
            }
        }
    });

    const place = () => {
        const svg = form.querySelector('svg.section');
        const line = svg?.querySelector('#drain-line');
        if (dragging === null || !line) {
            return;
        }
        const box = svg.getBoundingClientRect();
        const view = svg.viewBox.baseVal;
        const { rim, scale, full, floor, per } = Object.fromEntries(Object.entries(svg.dataset).map(([k, v]) => [k, Number(v)]));
        const y = Math.max(full, Math.min(floor, (dragging - box.top) * view.height / box.height));
        const grip = line.querySelector('.grip');
        line.setAttribute('transform', `translate(0 ${y - (Number(grip.getAttribute('y')) + 22)})`);
        // In the unit of the field: whole millimetres, or tenths of an inch.
        const below = (y - rim) / scale / per;
        const mark = per > 1 ? below.toFixed(1) : String(Math.round(below));
        if (form.querySelector('[data-amount="mark"]').value !== mark) {
            form.querySelector('[data-amount="mark"]').value = mark;
            lead('mark');
            recompute();
        }
    };
    form.addEventListener('pointerdown', (event) => {
        if (event.target.closest('#drain-line')) {
            event.preventDefault();
            event.target.closest('#drain-line').focus();
            dragging = event.clientY;
        }
    });
    document.addEventListener('pointermove', (event) => {
        if (dragging !== null) {
            dragging = event.clientY;
            place();
        }
    });
    for (const end of ['pointerup', 'pointercancel']) {
        document.addEventListener(end, () => {
            if (dragging !== null) {
                dragging = null;
                recompute();
            }
        });
    }

    form.addEventListener('htmx:afterSettle', (event) => {
        const values = form.querySelector('#amount-values');
        // A part of the answer that comes later, as the doses do, says nothing of the amounts.
        if (!values || event.detail.target?.id !== 'answer') {
            return;
        }
        for (const field of form.querySelectorAll('[data-amount]')) {
            const isLeading = reason('amount').checked && way.value === field.dataset.amount;
            if (field !== document.activeElement && !(isLeading && dragging !== null)) {
                field.value = values.dataset[field.dataset.amount];
            }
        }
        place();
    });
}
