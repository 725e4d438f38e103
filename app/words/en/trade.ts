/** What an area is about, in a sentence or two, and the trade's words in it, for who meets them for the first time. In English. */
export const tradePages = {
  page: {
    whatIs: (area: string) => `What is ${area}?`,
    wordsOfTheTrade: 'Words of the trade',
    asTheyAreMeant: 'What the words of each gate and area mean here.',
  },
  about: {
    floor: 'Each row is a bay: who works there, at what, and its seven gates. It is clear to strike when all seven stand open. What is shut, or what nobody knows, makes it hold, and says why.',
    job: 'What is welded, with what, how hot and for how long. Shade, clothing, air and fire all follow from it.',
    eyes: 'A lens dark enough for this arc, in a helmet that was looked at today, and glasses under it.',
    body: 'Clothing from throat to boots that neither melts nor catches sparks, for this current and position.',
    air: 'What this job puts into the air of this bay, what the hood takes away, and what is left to breathe, against what the law and the house allow.',
    gas: 'Cylinders, regulators, hoses and arrestors: the right gas, upright and chained, tested tight, and enough of it left.',
    machine: 'A power source that bears this current, its leads whole, its work lead at the work, its checks done.',
    fire: 'What can burn is away or covered, an extinguisher is at hand; where a place is not kept so every day, a permit and a watch besides.',
    kit: 'Every thing with a tag: what it is, where it is, when somebody has to look at it, and who.',
  },
  floor: {
    clear: {
      word: 'Clear to strike',
      means: 'Everything that is asked is known and in order: an arc may be struck.',
    },
    hold: {
      word: 'Hold',
      means: 'Something lacks, is wrong, or nobody has said it. What is not known counts as not in order.',
    },
    gate: {
      word: 'Gate',
      means: 'One of seven questions about a bay: job, eyes, body, air, gas, machine, fire.',
    },
    inks: {
      word: 'Pencil and chalk',
      means: 'Pencil is assumed, from a rule of thumb or from before. Chalk is what somebody said.',
    },
  },
  job: {
    process: {
      word: 'Process',
      means: 'How metal is joined or cut: stick with a coated rod, MIG with a wire that is fed, TIG with a tungsten that does not melt, flame, plasma.',
    },
    consumable: {
      word: 'Consumable',
      means: 'The rod or wire that melts. Most of the fume comes from it, so it has to be named.',
    },
    coating: {
      word: 'Coating',
      means: 'What is on the metal: zinc, paint, oil. It burns off into the air; one that nobody knows counts as the worst.',
    },
    arcTime: {
      word: 'Arc minutes',
      means: 'How long the arc burns in an hour of work. The job itself takes longer.',
    },
    confined: {
      word: 'Confined',
      means: 'A space that is hard to leave, and where fume and gas gather.',
    },
  },
  eyes: {
    shade: {
      word: 'Shade',
      means: 'How dark a lens is: the higher the number, the darker. Begin dark and go lighter until the puddle is just seen, never under the least that binds.',
    },
    autoDarkening: {
      word: 'Auto-darkening',
      means: 'A lens that turns dark by itself when it sees the arc. How light it is before, and how fast it turns, have to suit the arc.',
    },
    arcEye: {
      word: 'Arc eye',
      means: 'A burn of the eye by ultraviolet light. It hurts hours later, and comes from a neighbour’s arc as well as from one’s own.',
    },
    coverPlate: {
      word: 'Cover plate',
      means: 'The clear plate that keeps spatter off the lens. Cracked or clouded, it is changed.',
    },
  },
  body: {
    spatter: {
      word: 'Spatter',
      means: 'Drops of molten metal that the weld throws about.',
    },
    flameResistant: {
      word: 'Flame-resistant',
      means: 'Cloth that goes out by itself once the flame is gone. In the flame it burns like any other.',
    },
    synthetic: {
      word: 'Synthetic',
      means: 'Polyester, nylon, acrylic: they melt onto skin. Near an arc nobody wears them, under other clothes neither.',
    },
    cuff: {
      word: 'Cuff',
      means: 'A turned-up edge in which spatter lies and goes on burning; an open pocket does the same.',
    },
  },
  air: {
    limit: {
      word: 'Exposure limit',
      means: 'How much of a substance the air may hold where somebody breathes, averaged over eight hours unless it says otherwise.',
    },
    ceiling: {
      word: 'Ceiling',
      means: 'A limit that is not passed for a moment.',
    },
    capture: {
      word: 'Capture',
      means: 'The share of the fume that the hood takes before anybody breathes it. It falls quickly with distance.',
    },
    action: {
      word: 'Action fraction',
      means: 'The share of a limit at which this shop begins to act.',
    },
    protection: {
      word: 'Protection factor',
      means: 'By how much a mask that fits lowers what is breathed through it.',
    },
  },
  gas: {
    regulator: {
      word: 'Regulator',
      means: 'Brings the pressure of the cylinder down to what the torch takes. Each is made for one kind of gas.',
    },
    arrestor: {
      word: 'Flashback arrestor',
      means: 'Stops a flame that runs back into the hose.',
    },
    leakTest: {
      word: 'Leak test',
      means: 'A liquid made for it on every joint, under pressure. Never a flame.',
    },
    tare: {
      word: 'Tare',
      means: 'What a cylinder weighs when it is empty.',
    },
    testDate: {
      word: 'Test date',
      means: 'Stamped on the shoulder: when the cylinder was tested last. Its next test follows from it.',
    },
  },
  machine: {
    duty: {
      word: 'Duty',
      means: 'For how many minutes of ten a machine bears a current, as its plate says. Then it has to cool.',
    },
    workLead: {
      word: 'Work lead',
      means: 'The cable that takes the current back. It is clamped to the work, near the weld.',
    },
    openCircuit: {
      word: 'Open-circuit voltage',
      means: 'What stands between holder and work while no arc burns. Where it is wet or tight it can kill.',
    },
  },
  fire: {
    hotWork: {
      word: 'Hot work',
      means: 'Whatever makes a flame, an arc, sparks, or heat enough to light something.',
    },
    designated: {
      word: 'Designated bay',
      means: 'A place made for hot work, where nothing that burns is kept. It needs no permit.',
    },
    watch: {
      word: 'Fire watch',
      means: 'Somebody with no other work who looks for fire while the work goes on and after it.',
    },
    lowerLimit: {
      word: 'Lower limit',
      means: 'The least of a gas in the air that burns. A reading is a share of it.',
    },
  },
  kit: {
    taggedOut: {
      word: 'Tagged out',
      means: 'Nobody uses it until somebody named for it has put it right and says so.',
    },
    named: {
      word: 'Somebody named',
      means: 'A person whom the shop has named competent for a kind of thing.',
    },
    round: {
      word: 'Round',
      means: 'A walk past all that is due, one thing after the other.',
    },
    grace: {
      word: 'Days of grace',
      means: 'How long a late check is still let pass. The law grants none.',
    },
  },
}
