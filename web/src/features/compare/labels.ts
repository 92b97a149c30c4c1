// What stands on these screens, screen by screen.

type Said = string | number;

// ComparePage
export const keptWhatItWasBefore = 'Saved. The old version is beside it, and Undo brings it back.';
export const sideBySide = 'Compare';
export const changeThePressTheVinyl = 'Change the press, vinyl, item or method. Differences are highlighted.';
export const whatIsTried = 'what is tried';
export const setAnotherBesideIt = 'Add a column';
export const keepThisOne = 'Keep this one';
export const takeAway = 'Remove';
export const setToAndPressFor = 'Set to / Press for';
export const theSandwich = 'the stack';
export const overTime = 'over time';
export const howMuchRoom = 'safe range';
export const watchOutFor = 'watch out for';
export const variant = (name: Said, index: Said) => `${name}, variant ${index}`;
export const asItIs = 'Current';
export const variant2 = (index: Said) => `Variant ${index}`;
export const press = 'Press';
export const vinyl = 'Vinyl';
export const material = 'Material';
export const wayOfDoingItVariant = (index: Said) => `Method, variant ${index}`;
export const aWayOfDoingIt = 'change a method …';
export const noStopAndNoCaution = 'no warnings';
