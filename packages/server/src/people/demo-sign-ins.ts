/** One sign-in per role of the demo firm, shown on the sign-in page in demo mode only. */
export const demoSignIns = [
  { role: 'owner', name: 'Anselm Rooke', email: 'anselm.rooke@quillfeather.example', password: 'oak-lantern-demo' },
  { role: 'manager', name: 'Maud Ellery', email: 'maud.ellery@quillfeather.example', password: 'elm-lantern-demo' },
  { role: 'bookkeeper', name: 'Yuki Farrow', email: 'yuki.farrow@quillfeather.example', password: 'ash-lantern-demo' },
  { role: 'staff', name: 'Ines Marchetti', email: 'ines.marchetti@quillfeather.example', password: 'yew-lantern-demo' },
  { role: 'project manager', name: 'Tomas Okafor', email: 'tomas.okafor@quillfeather.example', password: 'hazel-lantern-demo' },
  { role: 'administrator', name: 'Wren Abara', email: 'wren.abara@quillfeather.example', password: 'rowan-lantern-demo' },
  { role: 'auditor', name: 'Clement Vasey', email: 'clement.vasey@quillfeather.example', password: 'larch-lantern-demo' },
];
