// What stands on these screens, screen by screen.

type Said = string | number;

// BringIn
export const bringInADrawing = 'Bring in a drawing';
export const workingItOut = 'Working it out …';
export const anotherDrawing = 'Another drawing';
export const anSvgFileChooseIt = 'an SVG file; choose it, or drop it here';
export const eachColourCutOutOf = 'Each colour cut out of those below';
export const lowerColoursRunOnBelow = 'Lower colours run on below';
export const keepWhatIsThere = 'Keep what is there';

// LayerTools
export const workOnTheLayers = 'Work on the layers';
export const workOnTheLayers2 = 'Work on the layers ';
export const tickLayersAboveFirst = 'tick layers above first';
export const lengthForOutlineOverlapGap = 'Length for outline, overlap, gap';
export const asUsual = 'as usual';
export const asUsual2 = (usual: Said) => `As usual: ${usual}`;

// Names
export const names = 'Names';
export const names2 = 'Names ';
export const oneOnEachLineOr = 'one on each line, or pasted from a table: name, size, colour, count';
export const listOfNames = 'List of names';
export const anotherListInItsPlace = 'Another list in its place';
export const wrenChildGoldOskAdult = 'Wren, child, gold\nOsk, adult-m\nTamsin, adult-s, #0f6468, 2';
export const readTheList = 'Read the list';
export const orTakeItFromA = 'or take it from a CSV file';
export const namesRead = (count: Said) => `${count} names read.`;
export const noNameWasRead = 'No name was read.';
export const oneThingNeedsALook = 'One thing needs a look:';
export const thingsNeedALook = (count: Said) => `${count} things need a look:`;
export const line = (line: Said) => `Line ${line}`;
export const ofReadAndTicked = (ticked: Said, count: Said) => `${ticked} of ${count} read and ticked.`;
export const garmentsReadEachNameLetter = (it: Said) =>
  `${it} garments. Read each name letter by letter, then tick it.`;
export const caution = 'Caution.';
export const theWidestNameIsWide = (widestMm: Said, lengthUnit: Said, heightThatFitsMm: Said) =>
  ` The widest name is ${widestMm}  ${lengthUnit} wide and does not fit. With capitals of ${heightThatFitsMm}  ${lengthUnit} all of them do.`;
export const makeAllThatHigh = 'Make all that high';
export const isSpelledRight = (name: Said) => `${name} is spelled right`;
export const right = 'right';
export const sizeNotGiven = 'size not given';
export const tooWide = ' · too wide';
export const theFontHasNo = (it: Said) => ` · the font has no ${it}`;
export const printTheSheet = 'Print the sheet';
export const noNamesAfterAll = 'No names after all';
export const name = (index: Said) => `Name ${index}`;

// Picture
export const theArtworkLayers = (count: Said) => `The artwork, ${count} layers`;

// Swatches
export const layersTheUppermostFirst = 'Layers, the uppermost first';
export const choose = (id: Said) => `Choose ${id}`;
export const colourOf = (id: Said) => `Colour of ${id}`;
export const vinylOf = (id: Said) => `Vinyl of ${id}`;
export const show = 'Show';
export const hide = 'Hide';
export const up = 'Up';
export const down = 'Down';
export const whetherItsPiecesKeepTheir = 'Whether its pieces keep their places to each other on the sheet';
export const piecesFreeToMove = 'Pieces free to move';
export const keptTogether = 'Kept together';
export const takeAway = 'Take away';
export const hiddenNeitherCutNorPressed = 'Hidden: neither cut nor pressed.';
export const noDrawingYetOnlyIts = 'No drawing yet: only its size counts.';
export const limit = (limitFrom: Said) => `Limit: ${limitFrom}`;
export const nothingFine = 'Nothing fine';
export const narrowest = (smallestFeatureMm: Said) => `Narrowest ${smallestFeatureMm}`;
export const weedsDownTo = (limitMm: Said) => `, weeds down to ${limitMm}`;
export const about = (pieces: Said, pieces2: Said, centres: Said, centres2: Said, areaMm2: Said, weedSeconds: Said) =>
  ` · ${pieces}  ${pieces2} · ${centres} ${centres2} · ${areaMm2} · about ${weedSeconds}`;

// Words
export const words = 'Words';
export const words2 = 'Words ';
export const typedHereInOneOf = (font: Said) => `typed here, in one of the fonts that ship${font}`;
export const font = 'Font';
export const heightOfCapitals = 'Height of capitals';
export const gapBetweenLetters = 'Gap between letters';
export const bend = 'Bend';
export const anotherNameOnEachGarment = 'Another name on each garment';
export const setTheWords = 'Set the words';
export const wordsToSet = 'Words to set';

// ArtworkStation
export const theArtwork = 'the artwork';
export const theArtworkCannotBeDrawn = 'The artwork cannot be drawn yet: the ticket says what needs mending.';
export const nothingIsDrawnYetBring =
  'Nothing is drawn yet. Bring in a drawing, or type words below: colours become layers, each to be cut in its own vinyl, and whatever will be hard to weed is ringed before anything is cut.';
export const aboutToWeed = (seconds: Said) => ` · about ${seconds} to weed`;
export const colourOfTheItem = 'Colour of the item';
export const front = 'Front';
export const back = 'Back';
export const ringsNarrowerThanTheVinyl = 'Rings: narrower than the vinyl can be weeded at.';
export const theDrawingLiesOnThe = (face: Said) => `The drawing lies on the ${face}: show it`;
