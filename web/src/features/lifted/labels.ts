// What stands on these screens, screen by screen.

type Said = string | number;

// LiftedPage
export const cleanAndSmooth = 'Clean and smooth';
export const itLooksAsItDid = 'it looks like new';
export const lintOrDirtInIt = 'Lint or dirt in it';
export const fluffyGreyGritty = 'fluffy, gray, gritty';
export const dryItFlakes = 'Dry, flaking';
export const crumbsComeOff = 'crumbs come off';
export const vinylsAndPresses = 'vinyls and presses';
export const jobs = 'Jobs';
export const anEdgeOf = 'An edge of ';
export const vinyl = 'Vinyl';
export const hasLiftedOn = (name: Said) => ` has lifted on ${name} `;
export const andIHave = (name: Said) => `, and I have ${name} `;
export const liftItALittleAnd = 'Lift it a little and look at the adhesive underneath.';
export const theAnswer = 'the answer';
export const tryThis = 'Try this';
export const notThis = 'Don’t';
export const orPutOnePieceIn = 'Or replace one piece';
export const whenToGiveUp = 'When to give up.';
export const thePlateIsHotEnough =
  'The plate burns, and so does the piece for minutes afterward: wear gloves. Ventilate, and never press a plastic you do not know.';
export const notSureWhich = 'vinyl (not sure which)';
