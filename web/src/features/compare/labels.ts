// What stands on these screens, screen by screen.

type Said = string | number;

// ComparePage
export const keptWhatItWasBefore = 'Kept. What it was before stands beside it, and Undo brings it back.';
export const sideBySide = 'Side by side';
export const changeThePressTheVinyl =
  'Change the press, the vinyl, the blank or a way of doing it. What is the same everywhere is pale.';
export const whatIsTried = 'what is tried';
export const setAnotherBesideIt = 'Set another beside it';
export const keepThisOne = 'Keep this one';
export const takeAway = 'Take away';
export const setToAndPressFor = 'set to, and press for';
export const theSandwich = 'the sandwich';
export const overTime = 'over time';
export const howMuchRoom = 'how much room';
export const watchOutFor = 'watch out for';
export const variant = (name: Said, index: Said) => `${name}, variant ${index}`;
export const asItIs = 'As it is';
export const variant2 = (index: Said) => `Variant ${index}`;
export const press = 'Press';
export const vinyl = 'Vinyl';
export const material = 'Material';
export const wayOfDoingItVariant = (index: Said) => `Way of doing it, variant ${index}`;
export const aWayOfDoingIt = 'a way of doing it …';
export const noStopAndNoCaution = 'no stop and no caution';
