/** The first field that nothing was typed in; none where all are full. */
export const firstFree = (fields) => fields.find((field) => field.value.trim() === '');

/* The locator that is not there: each press is one reading, written into the next free field. */
export const locator = () => ({
    turn: 0,
    said: '',
    async read() {
        await this.take('[id^="mark_form_depthsM_"]', '');
    },
    async raised() {
        const lift = document.getElementById('mark_form_liftM');
        if (lift.value.trim() === '') lift.value = this.$root.dataset.lift;
        await this.take('#mark_form_liftReadingM', lift.value);
    },
    async take(fields, raised) {
        this.turn += 1;
        const asked = new URLSearchParams({
            at: document.getElementById('mark_form_atM').value, run: this.$root.dataset.run, turn: this.turn, raised,
        });
        const answer = await fetch(this.$root.dataset.address + '?' + asked);
        const reading = await answer.json();
        this.said = reading.said || reading.error || '';
        const free = firstFree([...document.querySelectorAll(fields)]);
        if (!reading.depth || !free) return;
        free.value = reading.depth;
        // What the readings show so far is asked for as if they had been typed.
        free.dispatchEvent(new Event('located', {bubbles: true}));
    },
});
