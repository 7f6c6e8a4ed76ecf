import { rare, word, type WordRow } from './word-row.ts';

/** Words that say how others are meant: what is not wanted, what is one of two, where a second weld begins. */
export const SCOPE_WORDS: readonly WordRow[] = [
  word(
    "no|not|without|never|neither|nor|can't|cant|cannot|can not|don't|dont|do not|isn't|isnt|is not|ain't|aint|w/o|rather than|instead of|instead of the|skip the|forget the|not a|not the|it's not|its not|never used|don't want|dont want|do not want|don't use|dont use|do not use|wont|won't|avoid|except|other than|never mind|nicht|except for|unlike|minus the|less the",
    { kind: 'negation' },
  ),
  word(
    'not needed|not required|not necessary|not used|not wanted|unneeded|isn’t needed|turned off|switched off',
    {
      kind: 'negation',
      behind: true,
    },
  ),
  rare(0.4, '“pulse off”, but also “4 off”', word('off', { kind: 'negation', behind: true })),
  word('or|or maybe|or else|either', { kind: 'or' }),
  word('then|and then|plus a|also|next|after that|afterwards|followed by|second weld|another', {
    kind: 'separator',
  }),
  word(
    "joints|welds|use|using|used|want|wants|wanted|do|does|did|doing|have|has|having|get|got|getting|need|needs|needed|make|making|made|build|building|fix|fixing|fixed|put|putting|go|going|run it|set|try|trying|weld up|welding|welds|i|we|you|he|she|they|me|us|our|this|that|these|those|it’s|its|it's|i'm|im|there|here|just|only|about|approx|approximately|roughly|maybe|probably|around about|can|could|should|would|will|what|which|how|why|when|settings|setting for|help|best|good|better|ok|okay|thanks|pls|so|but|from|onto a|off the|left|right|together|up to|max|min|typ|typical|typ.|u.n.o|uno|as|be|been|am|any|all|both|each|every|per side|one|ones|first|last|top side|bottom|middle|again|back on|out of|through to|between|either way|new|existing|customer|customers|mate|boss|job is|line|item|ref|detail|note|notes|see|same|equal|plain|standard|normal|regular|ordinary|general|purpose|grade|type|class of|series|model|style|nice|pretty|strong enough|bit of|bits of|piece of|lump of|chunk of|length of|lengths of|section of|some of|lots of|couple of|pair of|set of|by|re|re-|mat|mtl|matl|pos|position:|proc|process:|mfr|pcs of|also called|called|named|aka|cross|crossing|hand|hands|away|under|beside|next to|along|across|inside of|outside of|down to|side by side|end to end|face to face|back to back|edge to edge|cut|cut to|bent|folded|flared|straight|long way|crack repair|rebuild|refurb|refurbish|reinforce|reinforcing|strengthen|mod|modification|tidy|clean up|finish|finished|cosmetic|show|quality|mine|yours|today|tomorrow|urgent|asap",
    { kind: 'filler-word' },
  ),
];
