/* Where entries wait in the browser; the page and the worker write there both. */

const ENTRIES = 'entries';
let opened = null;

const open = () =>
    (opened ||= new Promise((resolve, reject) => {
        const request = indexedDB.open('jurvex', 1);
        request.onupgradeneeded = () => request.result.createObjectStore(ENTRIES, {keyPath: 'key', autoIncrement: true});
        request.onsuccess = () => {
            // Another version, or the browser itself, may want it closed.
            request.result.onversionchange = request.result.onclose = () => (opened = null);
            resolve(request.result);
        };
        request.onerror = () => {
            opened = null;
            reject(request.error);
        };
    }));
/**
 * @param {'readonly'|'readwrite'} mode
 * @param {(store: IDBObjectStore) => IDBRequest} act
 */
export const inStore = async (mode, act) => {
    const database = await open();
    return new Promise((resolve, reject) => {
        const transaction = database.transaction(ENTRIES, mode);
        const request = act(transaction.objectStore(ENTRIES));
        transaction.oncomplete = () => resolve(request.result);
        transaction.onabort = transaction.onerror = () => reject(transaction.error);
    });
};
export const allEntries = () => inStore('readonly', (store) => store.getAll());
