/** @returns {string|undefined} what an entry that waits has in a field */
export const valueOf = (entry, name) => entry.pairs?.find(([field]) => field === name)?.[1];
