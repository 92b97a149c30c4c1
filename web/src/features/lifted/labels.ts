// What stands on these screens, screen by screen.

type Said = string | number;

// LiftedPage
export const cleanAndSmooth = 'Clean and smooth';
export const itLooksAsItDid = 'it looks as it did';
export const lintOrDirtInIt = 'Lint or dirt in it';
export const fluffyGreyGritty = 'fluffy, grey, gritty';
export const dryItFlakes = 'Dry, it flakes';
export const crumbsComeOff = 'crumbs come off';
export const vinylsAndPresses = 'vinyls and presses';
export const jobs = 'Jobs';
export const anEdgeOf = 'An edge of ';
export const vinyl = 'Vinyl';
export const hasLiftedOn = (name: Said) => ` has lifted on ${name} `;
export const andIHave = (name: Said) => `, and I have ${name} `;
export const liftItALittleAnd = 'Lift it a little and look at the glue under it.';
export const theAnswer = 'the answer';
export const tryThis = 'Try this';
export const notThis = 'Not this';
export const orPutOnePieceIn = 'Or put one piece in its place';
export const whenToGiveUp = 'When to give up.';
export const thePlateIsHotEnough =
  'The plate is hot enough to burn, and so is the piece for minutes after it: gloves. Air the room, and never press a plastic that you do not know.';
