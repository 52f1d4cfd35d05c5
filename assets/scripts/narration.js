import {actOf, nameOf} from './keys.js';
import {point} from './say.js';

const FORMS = {keep: '.narration-accept', down: '.narration-down', again: '.narration-again'};

const isOpen = (row) => 'unsettled' in row.dataset;

/*
 * What was read from a recording, gone through by keys: up and down, Enter keeps, X turns down, Z takes back, E corrects. Each answer comes
 * back from the server with the next proposal in hand.
 */
export const narration = () => ({
    init() {
        const rows = this.rows;
        const {at, done} = this.$root.dataset;
        const last = rows.findIndex((row) => row.dataset.key === done);
        const next =
            rows.find((row) => row.dataset.key === at) ||
            rows.find((row, i) => i > last && isOpen(row)) ||
            rows.find(isOpen) ||
            rows[Math.max(0, last)];
        if (next) this.$nextTick(() => this.take(next));
    },
    get rows() {
        return [...this.$root.querySelectorAll('.narration-proposal')];
    },
    get current() {
        return document.activeElement.closest('.narration-proposal');
    },
    take(row) {
        row.focus({preventScroll: true});
        // Within the list only: the ribbon above it stays in sight.
        const list = row.parentElement;
        list.scrollTop = row.offsetTop - list.offsetTop - (list.clientHeight - row.clientHeight) / 2;
        point(
            [row],
            this.rows.filter((each) => each !== row && isOpen(each)),
        );
    },
    step(by) {
        const rows = this.rows;
        const at = rows.indexOf(this.current);
        const next = rows[Math.min(rows.length - 1, Math.max(0, at + by))];
        if (next) this.take(next);
    },
    key(event) {
        if (event.ctrlKey || event.metaKey || event.altKey) return;
        const typing = event.target.matches('input');
        if (event.target.matches('button, a, video') && event.key === 'Enter') return;
        const act = actOf('narration', nameOf(event));
        // A letter that is typed is a letter.
        if (typing && event.key.length === 1) return;
        if (act === 'next') this.step(1);
        else if (act === 'before') this.step(-1);
        else if (act === 'correct') this.current?.querySelector('.narration-change')?.click();
        else if (FORMS[act]) this.send(FORMS[act], typing);
        else return;
        event.preventDefault();
    },
    /** What is still asked for is typed first. */
    send(selector, typed) {
        const form = this.current?.querySelector(selector);
        const field = form?.querySelector('input:not([type=hidden])');
        if (field && !typed && field.value === '') field.focus();
        else form?.requestSubmit();
    },
    jump(event) {
        if (!this.$refs.video) return;
        this.$refs.video.currentTime = Number(event.currentTarget.dataset.at);
        this.$refs.video.play().catch(() => {});
    },
});
