/* Where a key moves a card of the board; at is where it stands, none beside the week. */

const DAYS = 7;

export const within = (key, isShift, at, rows, cards) => {
    // From beside the week it comes onto it: the first day, nobody's row.
    if (at === null) return key === 'ArrowUp' ? {row: 0, column: 0, place: null} : null;
    const {row, column, place} = at;
    const put = (toRow, toColumn, toPlace) =>
        toRow < 0 || toRow >= rows || toColumn < 0 || toColumn >= DAYS ? null : {row: toRow, column: toColumn, place: toPlace};
    switch (key) {
        case 'ArrowLeft':
            return put(row, column - 1, null);
        case 'ArrowRight':
            return put(row, column + 1, null);
        case 'ArrowUp':
            return isShift ? put(row - 1, column, null) : place > 1 ? put(row, column, place - 1) : null;
        case 'ArrowDown':
            return isShift ? put(row + 1, column, null) : place < cards ? put(row, column, place + 1) : null;
        default:
            return null;
    }
};
