/* A picture of the camera has many more points than anybody looks at. */
const LONGEST_PX = 2000;

/** @returns {{width: number, height: number}} as large as it is sent */
export const sizeFor = (width, height, longest = LONGEST_PX) => {
    const share = Math.min(1, longest / Math.max(width, height));
    return {width: Math.round(width * share), height: Math.round(height * share)};
};
