import {within} from './board-keys.js';

/* The board of the week: cards are moved by drag and by keys. What somebody else has done meanwhile the server tells. */

let moved = null;

const send = (card, cell, place) => {
    const board = card.closest('#board');
    const values = {
        _token: document.querySelector('meta[name=csrf]').content,
        seen: card.dataset.seen,
        week: board.dataset.week,
        to: 'board',
        day: cell.dataset.day,
        person: cell.dataset.person,
    };
    if (place !== null) values.place = place;
    if (card.dataset.plan !== undefined) values.plan = card.dataset.plan;
    moved = card.dataset.id;
    htmx.ajax('POST', card.dataset.move, {values, target: '#board', select: '#board', swap: 'outerHTML'});
};

// Whoever moves by keys goes on with the same card.
document.addEventListener('htmx:afterSettle', ({detail}) => {
    if (moved === null || detail.requestConfig?.verb !== 'post') return;
    document.querySelector(`#board .board-card[data-id="${moved}"]`)?.focus();
    moved = null;
});

/** Between two columns of the table, in pixels. */
const GAP = 10;

const cells = (board) => [...board.querySelectorAll('tbody tr')].map((row) => [...row.querySelectorAll('.board-cell')]);

export const board = () => ({
    card: null,
    init() {
        // On a narrow screen today is what is in sight.
        const scroll = this.$root.querySelector('.board-scroll');
        const today = this.$root.querySelector('th.is-today');
        const names = this.$root.querySelector('tbody th');
        if (today) scroll.scrollLeft = today.offsetLeft - names.offsetWidth - GAP;
    },
    take(event) {
        this.card = event.target.closest('.board-card');
        event.dataTransfer.effectAllowed = 'move';
        event.dataTransfer.setData('text/plain', this.card.dataset.id);
    },
    over(event) {
        const cell = event.target.closest('.board-cell');
        if (!cell || !this.card) return;
        event.preventDefault();
        this.leave();
        cell.classList.add('is-over');
    },
    leave() {
        this.$root.querySelectorAll('.is-over').forEach((each) => each.classList.remove('is-over'));
    },
    drop(event) {
        const cell = event.target.closest('.board-cell');
        if (!cell || !this.card) return;
        event.preventDefault();
        this.leave();
        const others = [...cell.querySelectorAll('.board-card')].filter((each) => each !== this.card);
        const before = others.filter((each) => each.getBoundingClientRect().top + each.offsetHeight / 2 < event.clientY);
        send(this.card, cell, before.length + 1);
        this.card = null;
    },
    key(event) {
        const card = event.target;
        if (!card.matches('.board-card[draggable]') || event.ctrlKey || event.metaKey || event.altKey) return;
        const grid = cells(this.$root);
        const cell = card.closest('.board-cell');
        const row = cell ? grid.findIndex((each) => each.includes(cell)) : -1;
        const at = cell ? {row, column: grid[row].indexOf(cell), place: Number(card.dataset.place)} : null;
        const to = within(event.key, event.shiftKey, at, grid.length, cell ? cell.querySelectorAll('.board-card').length : 0);
        if (to === null) return;
        event.preventDefault();
        send(card, grid[to.row][to.column], to.place);
    },
});
