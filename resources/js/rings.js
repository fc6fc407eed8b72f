// A timer that rings, and the screen kept awake beside it.
export function rings(sheet) {
    const timer = sheet?.querySelector('[data-rings]');
    if (timer) {
        const ahead = Date.now() / 1000 - Number(timer.dataset.now);
        const tick = () => {
            const left = Math.round(Number(timer.dataset.rings) + ahead - Date.now() / 1000);
            timer.textContent = left > 0 ? `${String(Math.floor(left / 60)).padStart(2, '0')}:${String(left % 60).padStart(2, '0')}` : timer.dataset.up;
            if (left <= 0 && !timer.classList.contains('rung')) {
                timer.classList.add('rung');
                ring();
            }
        };
        tick();
        setInterval(tick, 1000);
    }
}

// Wet hands do not wake a screen.
export function awake() {
    if ('wakeLock' in navigator) {
        const wake = () => navigator.wakeLock.request('screen').catch(() => {});
        wake();
        document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && wake());
    }
}

function ring() {
    navigator.vibrate?.([300, 150, 300]);
    try {
        const audio = new AudioContext();
        for (let i = 0; i < 3; i += 1) {
            const tone = audio.createOscillator();
            tone.frequency.value = 880;
            tone.connect(audio.destination);
            tone.start(audio.currentTime + i * 0.5);
            tone.stop(audio.currentTime + i * 0.5 + 0.25);
        }
    } catch {
        // Without sound the timer still shows that its time is up.
    }
}
