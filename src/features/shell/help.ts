interface HelpText {
  readonly title: string;
  readonly lines: readonly string[];
}

const TEXTS: readonly { readonly path: RegExp; readonly help: HelpText }[] = [
  {
    path: /^\/garments\/new/,
    help: {
      title: 'A new garment',
      lines: [
        'Give it a name, say who it is for and which cloth. Anything can be left for later or changed.',
      ],
    },
  },
  {
    path: /^\/garments\/.+/,
    help: {
      title: 'A garment',
      lines: [
        'Work along the tape from Measure to Wear. No stage is locked; a crossed stop wants attention.',
        'No pattern? At Measure its pieces can be drafted for this body and this cloth. Drag their points, or type what you choose.',
        'Every number with dots under it opens to how it was worked out.',
        'At Wear, tap the drawing where it pulls, stands or is right. What you pinch is worked out at once; what you take goes into the sewing order, or becomes what is usual for the next one.',
        'Worn extension is how far the cloth is really stretched on the body: 20 % smaller than the body asks the cloth for 25 %.',
      ],
    },
  },
  {
    path: /^\/garments/,
    help: {
      title: 'Garments',
      lines: ['All plans. Start a new one, copy one to make it again, or bring one in from a file.'],
    },
  },
  {
    path: /^\/cloth/,
    help: {
      title: 'Cloth',
      lines: [
        'Fold the cloth along the direction tested, mark 10 cm or 4 in, pull until it is still easy, let go, wait a minute.',
        'Across is from selvedge to selvedge, along is with the selvedge. Two or three pulls each.',
      ],
    },
  },
  {
    path: /^\/elastics/,
    help: {
      title: 'Elastics & findings',
      lines: [
        'Pull an elastic along a ruler as you would a swatch, and sew a sample: elastic lies longer once it is sewn on.',
        'A garment that takes of a roll keeps its length on it. What all of them lack together stands on the shopping list.',
      ],
    },
  },
  {
    path: /^\/patterns/,
    help: {
      title: 'Patterns',
      lines: [
        'A pattern’s size table, the cloth it was drafted for and what was learned about it. A garment that names it says which size to cut and what to change.',
        'Drafted for: the layers and the negative ease the designer had in mind. Your own layers then get the same tension.',
      ],
    },
  },
  {
    path: /^\/machines/,
    help: {
      title: 'Machines',
      lines: [
        'What each machine can do and how it stands now: changes of setup are then listed from there, in the order in which hands do them.',
        'A setup card is a swatch: ten centimetres sewn, measured as they lie, and stretched until they resist. Your own figure counts before any table.',
      ],
    },
  },
  {
    path: /^\/household/,
    help: {
      title: 'Household',
      lines: [
        'A copy is one file with everything: measurements, cloths, garments, try-ons, photos. Save one now and then, on another disk.',
        'Looking at a copy changes nothing. Brought back, it is all or nothing, and can be undone.',
        'A dated copy is made by itself on each day this runs.',
      ],
    },
  },
  {
    path: /^\/sums/,
    help: {
      title: 'Sums',
      lines: ['Single calculations without a garment. Each can hand its answer to one.'],
    },
  },
  {
    path: /^\/log/,
    help: {
      title: 'Log',
      lines: [
        'Everything that was written down: at try-ons, at steps, of cloths, patterns, machines. Type the beginnings of words, or put quotes round what stands together.',
        'Each entry leads to the thing it is about. What is shown can be printed, or saved as a table or as text.',
      ],
    },
  },
  {
    path: /^\/wearers/,
    help: { title: 'Wearers', lines: ['Measurements are kept by date. A garment uses the newest of each.'] },
  },
];

const TABLE: HelpText = {
  title: 'On the table',
  lines: ['What is being made, each with the next thing to do. The topmost is where you stopped.'],
};

/** What to know on the page that is open. */
export const helpFor = (path: string): HelpText =>
  TEXTS.find((entry) => entry.path.test(path))?.help ?? TABLE;
