// What stands on these screens, screen by screen.

type Said = string | number;

// BringIn
export const bringInADrawing = 'Import SVG';
export const workingItOut = 'Calculating …';
export const anotherDrawing = 'Import another';
export const anSvgFileChooseIt = 'choose a file, or drop it here';
export const eachColourCutOutOf = 'Knock out colors below';
export const lowerColoursRunOnBelow = 'Stack colors (layered)';
export const keepWhatIsThere = 'Add to the existing artwork';

// LayerTools
export const workOnTheLayers = 'Edit layers';
export const workOnTheLayers2 = 'Edit layers ';
export const tickLayersAboveFirst = 'tick layers above first';
export const lengthForOutlineOverlapGap = 'Length for outline, overlap, gap';
export const asUsual = 'standard';
export const asUsual2 = (usual: Said) => `As usual: ${usual}`;

// Names
export const names = 'Names';
export const names2 = 'Names ';
export const oneOnEachLineOr = 'one per line, or pasted from a table: name, size, color, count';
export const listOfNames = 'List of names';
export const anotherListInItsPlace = 'Replace the list';
export const wrenChildGoldOskAdult = 'Wren, child, gold\nOsk, adult-m\nTamsin, adult-s, #0f6468, 2';
export const readTheList = 'Read the list';
export const orTakeItFromA = 'or take it from a CSV file';
export const ofReadAndTicked = (ticked: Said, count: Said) => `${ticked} of ${count} checked.`;
export const garmentsReadEachNameLetter = (it: Said) =>
  `${it} garments. Read each name letter by letter, then tick it.`;
export const caution = 'Caution.';
export const theWidestNameIsWide = (widestMm: Said, lengthUnit: Said, heightThatFitsMm: Said) =>
  ` The widest name is ${widestMm}  ${lengthUnit} wide and does not fit. With capitals of ${heightThatFitsMm}  ${lengthUnit} all of them do.`;
export const makeAllThatHigh = 'Use this height for all';
export const isSpelledRight = (name: Said) => `${name} is spelled right`;
export const right = 'right';
export const sizeNotGiven = 'size not given';
export const tooWide = ' · too wide';
export const theFontHasNo = (it: Said) => ` · the font has no ${it}`;
export const printTheSheet = 'Print the sheet';
export const putThemOn = (count: Said) => `Put ${count === 1 ? 'this name' : `these ${count} names`} on`;
export const noNamesAfterAll = 'Remove names';
export const name = (index: Said) => `Name ${index}`;

// Picture
export const theArtworkLayers = (count: Said) => `The artwork, ${count} layers`;

// Swatches
export const layersTheUppermostFirst = 'Layers, top one first';
export const choose = (id: Said) => `Choose ${id}`;
export const colourOf = (id: Said) => `Color of ${id}`;
export const vinylOf = (id: Said) => `Vinyl of ${id}`;
export const show = 'Show';
export const hide = 'Hide';
export const up = 'Up';
export const down = 'Down';
export const whetherItsPiecesKeepTheir = 'Whether its pieces keep their spacing on the sheet';
export const piecesFreeToMove = 'Pieces can move';
export const keptTogether = 'Keep spacing';
export const takeAway = 'Remove';
export const hiddenNeitherCutNorPressed = 'Hidden: not cut, not pressed.';
export const noDrawingYetOnlyIts = 'No drawing yet, only a size.';
export const limit = (limitFrom: Said) => `Limit: ${limitFrom}`;
export const nothingFine = 'No thin lines';
export const narrowest = (smallestFeatureMm: Said) => `Thinnest ${smallestFeatureMm}`;
export const weedsDownTo = (limitMm: Said) => `, can be weeded down to ${limitMm}`;
export const about = (pieces: Said, pieces2: Said, centres: Said, centres2: Said, areaMm2: Said, weedSeconds: Said) =>
  ` · ${pieces}  ${pieces2} · ${centres} ${centres2} · ${areaMm2} · about ${weedSeconds}`;

// Words
export const words = 'Text';
export const words2 = 'Text ';
export const typedHereInOneOf = (font: Said) => `in ${font}`;
export const addAFont = 'Add a font…';
export const fontsFromDisk = 'OTF, TTF, WOFF or WOFF2, kept for all your jobs';
export const licenceOf = (says: Said) => `License, as the font says: ${says}`;
export const noLicence = 'This font names no license. Check that you may use it, above all for goods you sell.';
export const removeTheFont = 'Remove this font';
export const fontMissing = (name: Said) =>
  `The font “${name}” is not here. The outlines stay as they were set; add the font to change the text.`;
export const notHere = (name: Said) => `${name} (not here)`;
export const font = 'Font';
export const heightOfCapitals = 'Capital height';
export const gapBetweenLetters = 'Letter spacing';
export const bend = 'Curve';
export const anotherNameOnEachGarment = 'Different name on each garment';
export const setTheWords = 'Add text';
export const wordsToSet = 'Text';

// PartTools
export const partTools = 'Parts of the artwork';
export const whatIsTapped = 'What you tap or draw on the picture';
export const modeLayers = 'Layers';
export const modePieces = 'Pieces';
export const modeBox = 'Box';
export const modeCircle = 'Circle';
export const modeLine = 'Line';
export const tapPieces = 'Tap the pieces you mean.';
export const piecesChosen = (count: number) => (count === 1 ? 'One piece chosen.' : `${count} pieces chosen.`);
export const drawRegion = {
  box: 'Drag a box over what you mean.',
  circle: 'Drag a circle from its center outward.',
  line: 'Drag a line; the shaded side is the one meant.',
};
export const onWhich = (layers: Said) => `On ${layers}.`;
export const allLayers = 'all layers of this side';
export const inFigures = 'in figures';
export const fromLeft = 'Start, from left';
export const fromTop = 'Start, from top';
export const toLeft = 'End, from left';
export const toTop = 'End, from top';
export const pieceOf = (number: Said, layer: Said) => `Piece ${number} of ${layer}`;
export const theRegion = 'what is meant';

// ArtworkStation
export const theArtwork = 'the artwork';
export const theArtworkCannotBeDrawn = 'The artwork cannot be drawn yet: see what needs fixing on the right.';
export const nothingIsDrawnYetBring =
  'No artwork yet. Import an SVG or type text below. Each color becomes a layer with its own vinyl, and anything hard to weed is circled before you cut.';
export const aboutToWeed = (seconds: Said) => ` · about ${seconds} to weed`;
export const colourOfTheItem = 'Color of the item';
export const front = 'Front';
export const back = 'Back';
export const ringsNarrowerThanTheVinyl = 'Circles: too thin to weed in this vinyl.';
export const theDrawingLiesOnThe = (face: Said) => `The artwork is on the ${face}: show it`;
export const addArtwork = 'Add artwork';
export const doorDrawing = 'Drawing';
export const doorText = 'Text';
export const doorNames = 'Names';

// TraceIn
export const doorPicture = 'Picture';
export const pictureTrace = 'Import a picture';
export const importPicture = 'Import picture';
export const anotherPicture = 'Another picture';
export const pictureHint = 'PNG, JPEG or WebP. Choose it, drop it here, or paste it.';
export const thePicture = 'The picture';
export const theOutline = 'What would be cut';
export const tracedSo = (shapes: Said, specks: Said, colours: Said) =>
  `What would be cut: ${shapes} ${shapes === 1 ? 'outline' : 'outlines'}${colours === 1 ? '' : `, ${colours} colors`}${specks ? `, ${specks} ${specks === 1 ? 'speck' : 'specks'} left out` : ''}`;
export const tracing = 'Tracing …';
export const pictureWidth = 'Width of the picture';
export const pictureColours = 'Colors to cut';
export const smallestSpeck = 'Leave out specks smaller than';
export const threshold = 'Cut from: darkest only … lightest too';
export const smoothing = 'Edges: as drawn … smooth';
export const keepWhiteInside = 'Keep white inside open';
export const cutTheLight = 'Cut the light parts instead';
export const useOutline = 'Use this outline';
export const cancel = 'Cancel';
export const readingShare = (percent: Said) => `Working on the drawing: ${percent} %`;
export const stopReading = 'Stop';
export const saveAs = 'Artwork as';
export const proof = 'Proof for the customer:';
export const saveProof = 'save PNG';
export const copyProof = 'copy';
export const proofCopied = 'Copied: paste it into your message.';
export const proofNotCopied = 'This browser does not copy pictures; save the PNG.';
