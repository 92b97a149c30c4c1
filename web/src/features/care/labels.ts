// What stands on these screens, screen by screen.

type Said = string | number;

// Curing
export const hMin = (hours: Said, minutes: Said) => `${hours} h ${minutes} min`;
export const untitled = 'Untitled';
export const mayBeWashedByHand = 'OK to hand wash';
export const mayBeWashed = 'OK to wash';
export const firstWashNotBefore = (it: Said) => `Do not wash before ${it}`;
export const theGlueHasSet = 'The adhesive has cured.';
export const piece = (piece: Said) => `piece ${piece}`;
export const printCare = (it: Said) => `Print care ${it}`;
export const handedOverOnIfYou = 'Given to the customer on (optional)';
export const intoACalendar = 'Add to calendar';

// CarePage
export const whatIsSetting = 'what is curing';
export const glueGoesOnSettingFor = 'The adhesive cures for 24 h. Washed too soon, edges lift.';
export const nothingIsSettingWhatComes = 'Nothing is curing. Finished pieces show here for two days.';

// CareStation
export const theCare = 'the care';
export const care = 'Care';
export const theSymbolsMeaningFollowsIso =
  'Symbols follow ISO 3758; the advice is common practice for this kind of item. Children’s clothing has its own rules: follow your local ones.';
export const careCards = 'care cards';
export const aCareCard = 'a care card';
export const print = (names: Said) => `Print ${names}`;
export const stillSetting = 'Still curing';
export const pressedAndSetting = 'Pressed and curing';
