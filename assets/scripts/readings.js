/** The open text format of reels, a line for each reading: see docs/readings.md. */

const blank = (cell) => (cell === '' || cell === undefined || cell === null ? null : Number(cell));

/**
 * @returns {?{t: number, metres: number, tilt: ?number, lens: ?number, stopped: boolean}} none for a line that is no reading
 */
export const parseReading = (line) => {
    let cells = line.split(',');
    if (line.startsWith('{')) {
        let json;
        try {
            json = JSON.parse(line);
        } catch {
            return null;
        }
        cells = [json.time_s, json.distance_m, json.tilt_deg, json.roll_deg, [].concat(json.flags || []).join(' ')];
    }
    const [t, metres] = [blank(cells[0]), blank(cells[1])];
    if (t === null || metres === null || Number.isNaN(t) || Number.isNaN(metres)) return null;
    const lens = /lens=(-?[\d.]+)/.exec(cells[4] || '');
    return {
        t,
        metres,
        tilt: blank(cells[2]),
        lens: lens ? Number(lens[1]) : null,
        stopped: /\bstop\b/.test(cells[4] || ''),
    };
};

/** @returns {string} a reading as a line of the format */
export const writeReading = ({t, metres, tilt, roll, lens, stopped}) => {
    const flags = [lens === null ? '' : 'lens=' + lens.toFixed(2), stopped ? 'stop' : ''].filter(Boolean).join(' ');
    return [t.toFixed(2), metres.toFixed(3), tilt.toFixed(2), roll.toFixed(1), flags].join(',');
};
