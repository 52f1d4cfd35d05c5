/** A UUID of version 7: 48 bits of time, the rest chance. The screen makes the identifier of every entry. */
export const freshId = (now = Date.now(), chance = crypto.getRandomValues(new Uint8Array(16))) => {
    const bytes = Uint8Array.from(chance);
    let time = now;
    for (let i = 5; i >= 0; i--) {
        bytes[i] = time % 256;
        time = Math.floor(time / 256);
    }
    bytes[6] = (bytes[6] & 0x0f) | 0x70;
    bytes[8] = (bytes[8] & 0x3f) | 0x80;
    const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
    return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
};
