import {board} from './board.js';
import * as components from './components.js';
import {locator} from './locator.js';
import {known} from './known.js';
import {look} from './look.js';
import {narration} from './narration.js';
import './ghosts.js';
import './hand.js';
import './holds.js';
import {along, signal, signOut} from './offline.js';
import {reel} from './reel.js';
import {say} from './say.js';
import {sitePlan} from './site.js';

/* A whole page that was refused or is not there is shown as it came; a part of one leaves the screen as it is. */
document.addEventListener('htmx:beforeSwap', (event) => {
    if (event.detail.boosted) event.detail.shouldSwap = true;
});

/* On a phone the seven stages, and the benches of one, are wider than the screen: the one that is open is in sight. */
const showStage = () =>
    requestAnimationFrame(() => {
        document.querySelectorAll(':is(.stages, .tabs) [aria-current]').forEach((open) => {
            const rail = open.closest('.stages, .tabs');
            const left = open.getBoundingClientRect().left - rail.getBoundingClientRect().left;
            rail.scrollLeft += left - (rail.clientWidth - open.clientWidth) / 2;
        });
    });
document.addEventListener('DOMContentLoaded', showStage);
document.addEventListener('htmx:afterSettle', showStage);

/* The server draws the line map to the width of the screen, which only the screen knows. */
const sayWidth = () => {
    document.cookie = 'narrow=' + (window.innerWidth <= 700 ? '1' : '0') + ';path=/;SameSite=Lax';
};
['load', 'resize'].forEach((event) => window.addEventListener(event, sayWidth));

/*
 * Alpine asks for what there is when it starts. It does so in a task of its own, behind what htmx does with the page: between
 * the two a slow phone can answer a finger.
 */
document.addEventListener('alpine:init', () => {
    const all = {...components, along, board, signal, signOut, known, locator, look, narration, reel, say, sitePlan};
    Object.entries(all).forEach(([name, component]) => window.Alpine.data(name, component));
});
document.addEventListener('DOMContentLoaded', () => {
    const alpine = document.createElement('script');
    alpine.src = document.getElementById('alpine').href;
    document.head.append(alpine);
});
