// Keys for everything; "?" lists them.
export function keys() {
    let go = false;
    document.addEventListener('keydown', (event) => {
        const isTyping = event.target.matches('input:not([type="radio"], [type="checkbox"], [type="range"]), textarea, select');
        if (event.ctrlKey || event.metaKey || event.altKey || isTyping || document.querySelector('dialog[open]')) {
            return;
        }
        // On a course of time: the arrows go earlier and later, plus and minus closer and wider.
        const move = { ArrowLeft: 'earlier', ArrowRight: 'later', '+': 'closer', '-': 'wider' }[event.key];
        const turn = move && !event.target.closest('.course-scroll') ? document.querySelector(`a[data-move="${move}"]`) : null;
        if (turn) {
            turn.click();
        }
        if (event.key === '?') {
            document.querySelector('#keys').showModal();
        } else if (event.key === 'g') {
            go = true;
            setTimeout(() => { go = false; }, 1500);
            return;
        } else if (go) {
            // Each stop of a tank says its key.
            const stop = /^[a-z]$/.test(event.key) ? document.querySelector(`.loop a[data-key="${event.key}"]`) : null;
            const place = { r: '', m: 'bench', k: 'week' }[event.key];
            if (stop) {
                stop.click();
            } else if (place !== undefined) {
                location.assign(document.documentElement.dataset.root + place);
            }
        }
        go = false;
    });
}
