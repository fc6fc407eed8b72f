import htmx from 'htmx.org';

// The water bench: the target is dragged on the map, fields answer while typing, Enter works out and does not submit.
export function bench() {
    const jar = document.querySelector('form[data-jar]');
    if (jar) {
        const salt = jar.querySelector('[name="salt"]');
        const follow = () => {
            for (const part of jar.querySelectorAll('[data-of]')) {
                (part.matches('input') ? part.closest('.field') : part).hidden = !part.dataset.of.split(' ').includes(salt.value);
            }
        };
        salt.addEventListener('change', follow);
        follow();
    }
    const form = document.querySelector('form#bench');
    if (!form) {
        return;
    }
    const recompute = () => htmx.trigger(form, 'recompute');
    form.addEventListener('keydown', (event) => {
        if (event.key === 'Enter' && event.target.matches('input')) {
            event.preventDefault();
            if (event.target.name === 'recipe_name') {
                form.querySelector('button[formaction$="/recipes"]').click();
            } else {
                recompute();
            }
        }
    });

    let map = null;
    const place = (event) => {
        const box = map.getBoundingClientRect();
        const data = Object.fromEntries(Object.entries(map.dataset).map(([key, value]) => [key, Number(value)]));
        const scale = map.viewBox.baseVal.width / box.width;
        const x = Math.max(data.left, Math.min(data.right, (event.clientX - box.left) * scale));
        const y = Math.max(data.top, Math.min(data.bottom, (event.clientY - box.top) * scale));
        map.querySelector('[data-aim]').setAttribute('transform', `translate(${x} ${y})`);
        const round = (value, per) => String(Math.round(value / (per > 0.2 ? 1 : 0.1)) * (per > 0.2 ? 1 : 0.1)).slice(0, 5);
        form.querySelector('[name="gh"]').value = round((x - data.left) * data.perX, data.perX);
        form.querySelector('[name="kh"]').value = round((data.bottom - y) * data.perY, data.perY);
    };
    form.addEventListener('pointerdown', (event) => {
        if (event.target.closest('[data-aim]')) {
            event.preventDefault();
            map = event.target.closest('svg');
        }
    });
    document.addEventListener('pointermove', (event) => map && place(event));
    for (const end of ['pointerup', 'pointercancel']) {
        document.addEventListener(end, () => {
            if (map) {
                map = null;
                recompute();
            }
        });
    }
}
