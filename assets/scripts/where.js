/** @returns {string|undefined} the job whose pages these are */
export const jobHere = () => /^\/jobs\/([0-9a-f-]{36})/.exec(location.pathname)?.[1];

/** Whether a tool or a camera may be in the line here. */
export const isInARun = () => /^\/jobs\/[^/]+\/(clear\/run|look)/.test(location.pathname);

/** Whether who is here has distances in feet. */
export const isFeet = () => document.getElementById('job')?.dataset.units !== 'metric';
