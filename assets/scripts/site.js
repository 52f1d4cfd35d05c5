import {inUnits} from './distances.js';
import {firstFree} from './locator.js';

/** A place on the plan, to the tenth of a metre, for a click at a point of its drawing. */
export const placeUnder = (drawing, x, y) => ({
    right: Math.round((Number(drawing.left) + x / Number(drawing.metre)) * 10) / 10,
    up: Math.round((Number(drawing.top) - y / Number(drawing.metre)) * 10) / 10,
});

/** A height for a field, which may be under nought. */
export const signedInUnits = (metres, isFeet) => (metres < 0 ? '-' : '') + inUnits(Math.abs(metres), isFeet);

/* The plan of the site: a tap gives a place, a tap on what stands there gives a tie. */
export const sitePlan = () => ({
    place(event) {
        const drawing = event.target.closest('[data-site]');
        const right = document.querySelector('[data-site-right]');
        if (!drawing || !right) return;
        const box = drawing.getBoundingClientRect();
        const scale = drawing.viewBox.baseVal.width / box.width;
        const at = placeUnder(
            drawing.dataset, (event.clientX - box.left) * scale, (event.clientY - box.top) * scale,
        );
        const isFeet = drawing.dataset.units !== 'metric';
        right.value = signedInUnits(at.right, isFeet);
        document.querySelector('[data-site-up]').value = signedInUnits(at.up, isFeet);
    },
    tie(event) {
        const thing = event.target.closest('[data-thing]');
        const fields = [...document.querySelectorAll('[data-tie]')];
        const free = firstFree(fields);
        if (!thing || !free || fields.some((field) => field.value === thing.dataset.thing)) return;
        free.value = thing.dataset.thing;
        free.closest('.two').querySelector('input[id$="M"]').focus();
    },
});
