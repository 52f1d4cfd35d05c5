/** The reel that is on the screen now, for the bench beside it; none when none is. */
let current = null;

export const liveReel = () => current;
export const setLiveReel = (reel) => {
    current = reel;
};
/** Only whoever put it there takes it away: the next page's reel may be there already. */
export const dropLiveReel = (reel) => {
    if (current === reel) current = null;
};
