import type { CallId, EmergencyId } from '#core/emergency/emergencies'

/** What to do first, in as few words as will do. */
export const emergencyWords = {
  names: {
    'fire': 'Fire', 'cylinder-in-fire': 'A cylinder in a fire, or hot', 'flashback': 'Flashback', 'burn': 'Burn', 'shock': 'Electric shock', 'eyes': 'Eyes', 'fume-fever': 'Fever after fume', 'phosgene': 'Breathed gas from degreaser',
  } satisfies Record<EmergencyId, string>,
  signs: {
    'fire': 'Flame, smoke, a smell of burning.', 'cylinder-in-fire': 'In flames, warm at the top, paint that blisters.', 'flashback': 'A squeal, black smoke, a hot handle.', 'burn': 'Skin that met metal, flame or slag.',
    'shock': 'Somebody touched a live part.', 'eyes': 'Gritty, watering, hours after an arc; or something in the eye.', 'fume-fever': 'Shivers and aches, hours after zinc or copper.', 'phosgene': 'An arc near degreaser or brake cleaner; a sharp smell.',
  } satisfies Record<EmergencyId, string>,
  calls: { 'emergency': 'Emergency', 'fire-point': 'Fire point', 'first-aid': 'First aid', 'gas-supplier': 'Gas supplier' } satisfies Record<CallId, string>,
  steps: {
    'stop-work': 'Stop the work. Shout.', 'alarm': 'Raise the alarm. Call.', 'small-only': 'Small, your class of extinguisher, way out behind you: try once.', 'leave': 'Not out with one extinguisher or in half a minute: leave, shut doors.', 'meet': 'Meet at the meeting point. Count heads.',
    'everybody-out': 'Everybody out and away. Call.', 'do-not-touch': 'Do not touch or move it.', 'do-not-put-out': 'Do not put out a flame at its plug or valve while the gas runs.', 'tell-acetylene': 'Tell them which gas. Say "acetylene" first if it is.',
    'stay-away': 'Stay away. It can burst long after the fire: it is cooled for an hour and watched for an hour, by the fire service.', 'never-again': 'Never use that cylinder again.',
    'close-torch': 'Shut the torch in its maker\'s order. Not known: oxygen first.', 'close-valves': 'Shut both cylinder valves if you can reach them.', 'feel-heat': 'Feel the acetylene cylinder with the back of your hand, from the top down.', 'hot-then-out': 'Warm: it burns inside. Everybody out; "a cylinder in a fire".', 'kit-out': 'Cold: tag out torch, hoses, regulators and arrestors.',
    'roll': 'Clothes burn: stop, drop, roll; or smother them.', 'cool': 'Cool running water for 20 minutes. No ice.', 'rings-off': 'Rings and watches off. What sticks stays.', 'cover': 'Cover with clean film or cloth. No grease.', 'medical': 'Get medical help.',
    'power-off': 'Power off at the switch or plug first.', 'no-touch': 'Do not touch them before that.', 'call-now': 'Call.', 'breathing': 'Not breathing: chest compressions; fetch the defibrillator.', 'medical-always': 'Every shock is seen by medical help, also when they feel well.',
    'stop-arc': 'Out of the light. No arc.', 'no-rubbing': 'No rubbing. Lenses out if they come easily.', 'rinse': 'Something in it: rinse with water for 15 minutes.', 'dark': 'Rest in the dark. No drops that were meant for somebody else.',
    'fresh-air': 'Fresh air. Sit down.', 'stop-job': 'The job stops: coating, extraction and mask are looked at.', 'day-or-two': 'It passes in a day or two.', 'medical-worse': 'Chest pain, short of breath, or not better: get medical help.',
    'no-effort': 'No walking about, no effort.', 'looks-well': 'They may look well for hours: that proves nothing.', 'hospital': 'To hospital now, and stay there under watch.', 'tell-them': 'Tell them: gas from an arc near chlorinated solvent.',
  } as Readonly<Record<string, string>>,
}
