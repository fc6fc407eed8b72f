// While a file is on its way in, how far it has come: asked for beside the page, from a second on.
const AFTER = 1000;
const EVERY = 500;

export function progress() {
    document.querySelectorAll('form[data-progress]').forEach((form) => {
        form.addEventListener('submit', () => {
            const said = form.querySelector('[data-said]');
            const bar = said?.querySelector('progress');
            if (!bar) {
                return;
            }
            const ask = async () => {
                const answer = await fetch(form.dataset.progress, { headers: { Accept: 'application/json' } }).catch(() => null);
                const at = answer?.ok ? await answer.json() : null;
                if (at?.of) {
                    bar.max = at.of;
                    bar.value = at.row;
                    said.querySelector('output').textContent = `${at.row} of ${at.of}`;
                }
                setTimeout(ask, EVERY);
            };
            setTimeout(() => {
                said.hidden = false;
                ask();
            }, AFTER);
        });
    });
}
