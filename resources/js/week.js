import htmx from 'htmx.org';

// The week: a job is dragged to another day, and what that costs is said before it is dropped. Without a pointer "Move" does the same.
export function week() {
    const days = document.querySelector('[data-week]');
    if (!days) {
        document.querySelector('#feed-address')?.select();
        return;
    }
    const says = document.querySelector('#drop-cost');
    let held = null;
    const option = (day) => held?.querySelector(`option[data-to="${day?.dataset.day}"]`);
    const over = (day) => {
        days.querySelectorAll('.under').forEach((other) => other.classList.remove('under'));
        const there = option(day);
        day?.classList.toggle('under', Boolean(there));
        says.hidden = !there;
        says.textContent = there ? there.textContent : '';
    };
    days.addEventListener('dragstart', (event) => {
        held = event.target.closest('[data-job]');
        held?.classList.add('held');
        // Its days come with what each costs, as they do when it is opened.
        const move = held?.querySelector('.move');
        if (move && !move.querySelector('option')) {
            htmx.trigger(move, 'toggle');
        }
        event.dataTransfer.effectAllowed = 'move';
        event.dataTransfer.setData('text/plain', held?.dataset.job ?? '');
    });
    days.addEventListener('dragover', (event) => {
        const day = event.target.closest('.week-day');
        over(day);
        if (option(day)) {
            event.preventDefault();
        }
    });
    days.addEventListener('drop', (event) => {
        const there = option(event.target.closest('.week-day'));
        if (there) {
            event.preventDefault();
            const form = held.querySelector('.move form');
            form.elements.day.value = there.value;
            form.submit();
        }
    });
    days.addEventListener('dragend', () => {
        over(null);
        held?.classList.remove('held');
        held = null;
    });
}
