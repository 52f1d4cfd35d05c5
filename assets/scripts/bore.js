/*
 * The view down the bore, drawn from the line's data: nothing is stored and nothing is filmed. All sizes are of the
 * picture's half height.
 */
const MATERIALS = {
    clay: {tint: [172, 108, 78], grain: 0.05, shine: 0.12, specks: 3},
    cast_iron: {tint: [122, 90, 72], grain: 0.16, shine: 0.02, specks: 9},
    concrete: {tint: [150, 145, 132], grain: 0.07, shine: 0.04, specks: 8},
    pvc_gasketed: {tint: [196, 200, 196], grain: 0.03, shine: 0.3},
    pvc_welded: {tint: [208, 208, 200], grain: 0.03, shine: 0.3},
    abs: {tint: [70, 76, 76], grain: 0.04, shine: 0.35},
    bituminised_fibre: {tint: [74, 64, 56], grain: 0.09, shine: 0.05, specks: 5},
    copper: {tint: [184, 118, 70], grain: 0.06, shine: 0.25},
    liner: {tint: [224, 216, 178], grain: 0.05, shine: 0.2},
    unknown: {tint: [150, 144, 132], grain: 0.08, shine: 0.05, specks: 4},
};
const SECTORS = 44;
const NEAR = 0.06;
const FAR = 4.5;
const LENS = 2.1;
/** A number from 0 to 1 that is always the same for the same place. */
const chance = (a, b = 0) => {
    const x = Math.sin(a * 127.1 + b * 311.7) * 43758.5453;
    return x - Math.floor(x);
};
const clamp = (value, least, most) => Math.max(least, Math.min(most, value));
/** Angle on the picture of a place on the clock: 12 is up, 3 to the right. */
const angle = (clock) => (clock / 6) * Math.PI - Math.PI / 2;
const light = (z) => (0.55 + 0.45 * Math.min(1, z / 0.25)) / (1 + (z / 0.8) ** 2);
const paint = (tint, bright, alpha = 1) =>
    `rgba(${tint.map((part) => Math.round(clamp(part * bright, 0, 255))).join(',')},${alpha})`;

const pipeAt = (view, s) => view.pipes.find((pipe) => s < pipe.to) || view.pipes[view.pipes.length - 1];
const rowAt = (view, s) => view.table[clamp(Math.round(s / view.step), 0, view.table.length - 1)];

/** Where the middle of the bore stands on the picture, and how wide it is, at a distance before the camera. */
const ring = (view, s, z) => {
    let [x, y] = [0, 0];
    view.things.forEach((thing) => {
        const past = thing.kind === 'bend' ? s + z - thing.from : -1;
        if (past <= 0 || thing.from < s - 0.2) return;
        const turn = Math.sin(Math.min(1.3, ((thing.size || 45) * Math.PI) / 180)) * Math.min(past, 1.2);
        const to = angle(chance(thing.from, 5) < 0.5 ? 3 + chance(thing.from) : 9 - chance(thing.from));
        x += Math.cos(to) * turn;
        y += Math.sin(to) * turn * 0.5;
    });
    const half = pipeAt(view, s + z).bore / 2000;
    return {x: (LENS * x) / z, y: (LENS * y) / z, r: (LENS * half) / z, half};
};

const wall = (context, view, s, at) => {
    for (let i = at.length - 1; i > 0; i--) {
        const [far, near] = [at[i], at[i - 1]];
        const pipe = MATERIALS[pipeAt(view, s + near.z).material] || MATERIALS.unknown;
        const bright = light(near.z);
        const world = Math.round((s + near.z) * 25);
        for (let k = 0; k < SECTORS; k++) {
            const [a, b] = [(k / SECTORS) * 2 * Math.PI, ((k + 1.06) / SECTORS) * 2 * Math.PI];
            const grain = 1 + pipe.grain * (chance(world, k) - 0.5) * 2;
            const shine = 1 + pipe.shine * Math.max(0, Math.cos(a + Math.PI / 2)) * (near.z < 0.7 ? 1 : 0.4);
            context.fillStyle = paint(pipe.tint, bright * grain * shine);
            context.beginPath();
            context.moveTo(far.x + far.r * Math.cos(a), far.y + far.r * Math.sin(a));
            context.lineTo(near.x + near.r * Math.cos(a), near.y + near.r * Math.sin(a));
            context.lineTo(near.x + near.r * Math.cos(b), near.y + near.r * Math.sin(b));
            context.lineTo(far.x + far.r * Math.cos(b), far.y + far.r * Math.sin(b));
            context.fill();
        }
        specks(context, near, world, pipe, bright);
    }
};
/** Grit, rust and pores that stand still on the wall while the camera goes by. */
const specks = (context, near, world, pipe, bright) => {
    if (near.z > 0.9) return;
    for (let k = 0; k < (pipe.specks || 1); k++) {
        const a = chance(world, k + 50) * 2 * Math.PI;
        const size = near.r * 0.02 * (0.4 + chance(world, k + 90));
        context.fillStyle = paint(pipe.tint, bright * (chance(world, k + 70) < 0.6 ? 0.55 : 1.3), 0.8);
        context.beginPath();
        context.ellipse(
            near.x + near.r * Math.cos(a),
            near.y + near.r * Math.sin(a),
            size * 1.6,
            size,
            a,
            0,
            2 * Math.PI,
        );
        context.fill();
    }
};
const circle = (context, at, width, style) => {
    context.strokeStyle = style;
    context.lineWidth = width;
    context.beginPath();
    context.arc(at.x, at.y, at.r, 0, 2 * Math.PI);
    context.stroke();
};
const blob = (context, at, clock, across, out, style, seed) => {
    const middle = angle(clock);
    context.fillStyle = style;
    context.beginPath();
    for (let i = 0; i <= 12; i++) {
        const a = middle - across + (2 * across * i) / 12;
        context.lineTo(at.x + at.r * 1.02 * Math.cos(a), at.y + at.r * 1.02 * Math.sin(a));
    }
    for (let i = 12; i >= 0; i--) {
        const a = middle - across + (2 * across * i) / 12;
        const r = at.r * (1 - out * Math.sin((Math.PI * i) / 12) * (0.65 + 0.5 * chance(seed, i)));
        context.lineTo(at.x + r * Math.cos(a), at.y + r * Math.sin(a));
    }
    context.fill();
};
const roots = (context, at, thing, z, s) => {
    const count = {root_threads: 26, root_cords: 34, root_clump: 110}[thing.kind] || 20;
    const reach = clamp((thing.share || 15) / 100, 0.08, 0.9) * 2;
    const from = thing.clock || 12;
    const spread = thing.kind === 'root_clump' ? 1.5 : 0.8;
    for (let i = 0; i < count; i++) {
        const a = angle(from) + (chance(thing.from, i) - 0.5) * spread * 2;
        const long = at.r * reach * (0.45 + 0.6 * chance(i, thing.from));
        const [x, y] = [at.x + at.r * Math.cos(a), at.y + at.r * Math.sin(a)];
        const sway = Math.sin(s * 3 + i) * 0.05 * at.r;
        context.strokeStyle = paint([206, 172, 122], light(z) * (0.7 + 0.6 * chance(i, 3)));
        context.lineWidth = Math.max(
            0.002,
            at.r * (thing.kind === 'root_threads' ? 0.02 : 0.04) * (0.6 + chance(i, 9)),
        );
        context.beginPath();
        context.moveTo(x, y);
        context.quadraticCurveTo(
            x - Math.cos(a) * long * 0.6 + sway,
            y - Math.sin(a) * long * 0.3 + long * 0.35,
            x - Math.cos(a) * long + sway * 2 + (chance(i) - 0.5) * long * 0.5,
            y - Math.sin(a) * long * 0.8 + long * 0.45,
        );
        context.stroke();
    }
};
/** One thing as it is seen at a distance before the camera. */
const thing = (context, view, s, each, z) => {
    const at = ring(view, s, z);
    const bright = light(z);
    const share = clamp((each.share || 15) / 100, 0.03, 0.9);
    const dark = paint([14, 10, 8], 1, clamp(0.9 - z / 8, 0.4, 0.95));
    switch (each.kind) {
        case 'root_threads':
        case 'root_cords':
        case 'root_clump':
            roots(context, at, each, z, s);
            break;
        case 'grease':
            blob(context, at, 12, 2.6, share * 1.2, paint([226, 214, 168], bright * 1.15), each.from);
            break;
        case 'scale':
            for (let i = 0; i < 9; i++)
                blob(
                    context,
                    at,
                    i * 1.34,
                    0.45,
                    share * 1.2,
                    paint([128, 78, 46], bright * (0.8 + 0.5 * chance(i, each.from))),
                    each.from + i,
                );
            break;
        case 'sludge':
        case 'sediment':
            blob(
                context,
                at,
                6,
                0.5 + share * 2,
                share * 2.0,
                paint(each.kind === 'sludge' ? [58, 50, 40] : [148, 122, 84], bright),
                each.from,
            );
            break;
        case 'construction_debris':
            for (let i = 0; i < 5; i++)
                blob(
                    context,
                    at,
                    5.2 + i * 0.4,
                    0.2,
                    share * 1.6 * chance(i, each.from),
                    paint([172, 168, 158], bright),
                    each.from + i,
                );
            break;
        case 'crack': {
            const a = angle(each.clock || 12);
            context.strokeStyle = dark;
            context.lineWidth = Math.max(0.004, at.r * 0.03);
            context.beginPath();
            for (let i = 0; i <= 6; i++) {
                const next = ring(view, s, z + i * 0.05);
                const b = a + (chance(each.from, i) - 0.5) * 0.22;
                context.lineTo(next.x + next.r * Math.cos(b), next.y + next.r * Math.sin(b));
            }
            context.stroke();
            break;
        }
        case 'hole':
        case 'broken_pipe':
            blob(context, at, each.clock || 12, 0.25 + share * 2, 0.16, dark, each.from);
            blob(context, at, each.clock || 12, 0.16 + share, 0.1, paint([96, 66, 38], bright), each.from + 1);
            break;
        case 'worn_invert':
            blob(context, at, 6, 0.35 + share, 0.06, paint([70, 46, 34], bright * 0.8), each.from);
            break;
        case 'blister':
            blob(context, at, each.clock || 12, 0.6, share * 1.4, paint([88, 76, 66], bright * 1.1), each.from);
            break;
        case 'old_patch':
            circle(context, at, at.r * 0.22, paint([224, 218, 196], bright, 0.85));
            break;
        case 'offset_joint': {
            const off = clamp(share * 1.6, 0.06, 0.6) * at.r;
            const a = angle(each.clock || 6);
            context.fillStyle = dark;
            context.beginPath();
            context.arc(at.x, at.y, at.r * 1.01, 0, 2 * Math.PI);
            context.arc(at.x - Math.cos(a) * off, at.y - Math.sin(a) * off, at.r, 0, 2 * Math.PI, true);
            context.fill('evenodd');
            circle(
                context,
                {x: at.x - Math.cos(a) * off, y: at.y - Math.sin(a) * off, r: at.r},
                at.r * 0.03,
                paint([230, 210, 180], bright),
            );
            break;
        }
        case 'separated_joint':
            circle(context, at, at.r * clamp(0.06 + share * 0.6, 0.08, 0.3), dark);
            circle(context, {...at, r: at.r * 1.04}, at.r * 0.05, paint([96, 66, 38], bright));
            break;
        case 'failed_seal':
            circle(context, at, at.r * 0.03, dark);
            blob(context, at, each.clock || 3, 0.7, 0.14, paint([24, 24, 26], 1), each.from);
            break;
        case 'tie_in':
        case 'wrong_fitting':
        case 'dead_leg':
        case 'stubbed_hose': {
            const a = angle(each.clock || 10);
            context.fillStyle = dark;
            context.beginPath();
            context.ellipse(
                at.x + at.r * 0.9 * Math.cos(a),
                at.y + at.r * 0.9 * Math.sin(a),
                at.r * 0.34,
                at.r * 0.5,
                a,
                0,
                2 * Math.PI,
            );
            context.fill();
            context.strokeStyle = paint([210, 204, 190], bright);
            context.lineWidth = at.r * 0.05;
            context.stroke();
            break;
        }
        case 'rag':
            blob(context, at, 6, 0.7, share * 1.8, paint([206, 204, 210], bright), each.from);
            blob(context, at, 6.6, 0.4, share * 1.3, paint([150, 150, 166], bright), each.from + 3);
            break;
        case 'stone':
        case 'tool_part':
        case 'broken_cable':
        case 'unknown_object':
            blob(
                context,
                at,
                each.clock || 6,
                0.28 + share * 0.5,
                share * 1.8,
                paint([112, 110, 104], bright),
                each.from,
            );
            break;
        case 'cross_bore':
            context.fillStyle = paint([214, 172, 30], bright * 1.2);
            context.fillRect(at.x - at.r, at.y - at.r * 0.25, at.r * 2, at.r * 0.32);
            break;
        case 'transition':
            circle(context, at, at.r * 0.05, dark);
            break;
        case 'tap':
        case 'end_of_line':
            context.fillStyle = 'rgb(6,8,9)';
            context.beginPath();
            context.arc(at.x, at.y, at.r, 0, 2 * Math.PI);
            context.fill();
            break;
        case 'cannot_go_further':
            blob(context, at, 6, 3.1, 0.75, paint([70, 56, 44], bright), each.from);
            break;
        default:
            break;
    }
};
const water = (context, view, s, at) => {
    for (let i = at.length - 1; i > 0; i--) {
        const chord = [at[i], at[i - 1]].map((each) => {
            const depth = rowAt(view, s + each.z)[3] / 1000;
            const up = clamp((each.half - depth) / each.half, -1, 1);
            return {...each, depth, up, wide: Math.sqrt(1 - up * up)};
        });
        if (chord[0].depth <= 0.001 && chord[1].depth <= 0.001) continue;
        const glint = 0.75 + 0.5 * chance(Math.round((s + at[i].z) * 12), 2);
        context.fillStyle = paint([70, 104, 120], (0.3 + light(at[i].z)) * glint, 0.86);
        context.beginPath();
        const [far, near] = chord;
        context.moveTo(far.x - far.r * far.wide, far.y + far.r * far.up);
        context.lineTo(far.x + far.r * far.wide, far.y + far.r * far.up);
        context.lineTo(near.x + near.r * near.wide, near.y + near.r * near.up);
        context.lineTo(near.x - near.r * near.wide, near.y + near.r * near.up);
        context.fill();
    }
};
/** Distances before the camera at which the bore is drawn; they stand still in the pipe while the camera goes by. */
const distances = (s) => {
    const zs = [NEAR];
    for (let k = Math.ceil((s + NEAR) / 0.03); k * 0.03 - s < 0.3; k++) zs.push(k * 0.03 - s);
    for (let k = Math.ceil((s + 0.3) / 0.06); k * 0.06 - s < 1.1; k++) zs.push(k * 0.06 - s);
    for (let k = Math.ceil((s + 1.1) / 0.25); k * 0.25 - s < FAR; k++) zs.push(k * 0.25 - s);
    return zs.filter((z, i) => i === 0 || z > zs[i - 1] + 1e-6);
};

/** @param {{s: number, water: boolean}} camera */
export const drawBore = (canvas, view, camera) => {
    const context = canvas.getContext('2d');
    const [wide, high] = [canvas.width, canvas.height];
    const s = clamp(camera.s, 0, view.length);
    const row = rowAt(view, s);
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.fillStyle = '#050607';
    context.fillRect(0, 0, wide, high);
    const scale = high / 2;
    context.setTransform(scale, 0, 0, scale, wide / 2, high / 2);
    context.rotate((row[1] * Math.PI) / 180);
    const at = distances(s)
        .filter((z) => s + z <= view.length + 0.001)
        .map((z) => ({z, ...ring(view, s, z)}));
    wall(context, view, s, at);
    const seen = [];
    /* Round a bend the eye comes no farther than its own wall. */
    const limit = Math.min(
        FAR,
        ...view.things
            .filter((each) => each.kind === 'bend' && each.from > s - 0.2 && (each.size || 45) > 15)
            .map((each) => each.from - s + 0.35),
    );
    view.joints.forEach((joint) => {
        if (joint > s + NEAR && joint < s + limit)
            seen.push({
                z: joint - s,
                draw: () => {
                    const here = ring(view, s, joint - s);
                    circle(context, here, here.r * 0.035, paint([20, 16, 14], 1, 0.75));
                    circle(
                        context,
                        {...here, r: here.r * 1.03},
                        here.r * 0.015,
                        paint([240, 226, 204], light(joint - s)),
                    );
                },
            });
    });
    view.things.forEach((each) => {
        if (each.family === 'water' || each.kind === 'bend') return;
        const isLong = each.to > each.from + 0.05;
        if (!isLong && each.from > s + NEAR && each.from < s + limit)
            seen.push({z: each.from - s, draw: () => thing(context, view, s, each, each.from - s)});
        for (
            let k = Math.ceil(Math.max(each.from, s + NEAR) / 0.3);
            isLong && k * 0.3 < Math.min(each.to, s + 2.5, s + limit);
            k++
        ) {
            const z = k * 0.3 - s;
            if (z > NEAR) seen.push({z, draw: () => thing(context, view, s, {...each, from: each.from + k}, z)});
        }
    });
    /* Water lies over what is on the invert and behind what hangs before it. */
    water(context, view, s, at);
    seen.sort((a, b) => b.z - a.z).forEach((each) => each.draw());
    lens(context, view, s, row, camera, wide / high);
};
/** What is on the glass: water going up it, drops while water runs, dirt; and the dark at the rim. */
const lens = (context, view, s, row, camera, aspect) => {
    if (row[2] !== null) {
        const up = -row[2];
        context.fillStyle = 'rgba(52,84,92,.82)';
        context.fillRect(-2.5, up, 5, 4);
        context.fillStyle = 'rgba(170,200,206,.35)';
        context.fillRect(-2.5, up - 0.012, 5, 0.024);
    }
    for (let i = 0; i < (camera.water ? 26 : 7); i++) {
        context.fillStyle = camera.water ? 'rgba(200,220,228,.16)' : 'rgba(70,60,46,.22)';
        context.beginPath();
        context.arc(
            (chance(i, camera.water ? Math.floor(s * 4) : 1) - 0.5) * 2 * aspect,
            (chance(i, 2) - 0.5) * 2,
            0.012 + 0.03 * chance(i, 3),
            0,
            2 * Math.PI,
        );
        context.fill();
    }
    const rim = context.createRadialGradient(0, 0, 0.75, 0, 0, 1.7);
    rim.addColorStop(0, 'rgba(0,0,0,0)');
    rim.addColorStop(1, 'rgba(0,0,0,.85)');
    context.fillStyle = rim;
    context.fillRect(-3, -3, 6, 6);
};
