import { word, type WordRow } from './word-row.ts';
import type { Meaning } from '../meaning.ts';

const metal = (name: Extract<Meaning, { kind: 'metal' }>['metal']): Meaning => ({
  kind: 'metal',
  metal: name,
});
const product = (name: Extract<Meaning, { kind: 'product' }>['product']): Meaning => ({
  kind: 'product',
  product: name,
});
const joint = (name: Extract<Meaning, { kind: 'joint' }>['joint'], weak = false): Meaning => ({
  kind: 'joint',
  joint: name,
  ...(weak ? { weak } : {}),
});

/** German words that stand in lines of people who also write English ones. */
const GERMAN: readonly WordRow[] = [
  word('stahl|baustahl', metal('carbon-steel')),
  word('edelstahl|va|v2a|niro', metal('stainless')),
  word('alu blech|alublech|alurohr', metal('aluminium')),
  word('verzinkt|feuerverzinkt', metal('coated-steel')),
  word('blech|bleche', product('sheet')),
  word('platte|platten', product('plate')),
  word('rohr|rohre|vierkantrohr|rundrohr', product('tube')),
  word('winkel|profil', product('section')),
  word('kehlnaht|kehlnähte', joint('tee', true)),
  word('stumpfnaht|stumpfstoss|stumpf', joint('butt')),
  word('überlapp|überlappt|überlappstoss|überlappnaht', joint('lap')),
  word('t-stoss|t stoss|t stoß', joint('tee')),
  word('steigend', { kind: 'position', position: 'vertical-up' }),
  word('fallend', { kind: 'position', position: 'vertical-down' }),
  word('überkopf|über kopf', { kind: 'position', position: 'overhead' }),
  word('waagrecht|waagerecht', { kind: 'position', position: 'horizontal' }),
  word('auf|an|mit und|zu', { kind: 'connector' }),
  word('draht|drahtdurchmesser', { kind: 'wire-word' }),
  word('dick|dicke|wandstärke|wanddicke|blechdicke', { kind: 'thick-word' }),
  word('naht|lage|schweissen|schweißen|mit|für|die|der|das|ein|eine|und dann', { kind: 'filler-word' }),
  word('puls|impuls|impulslichtbogen', { kind: 'mode', mode: 'pulse' }),
  word('kurzlichtbogen', { kind: 'mode', mode: 'short-circuit' }),
  word('sprühlichtbogen', { kind: 'mode', mode: 'spray' }),
  word('flachstahl|flacheisen', { kind: 'product', product: 'bar', profile: 'flat-bar' }),
  word('flansch|steg|stutzen|kopfplatte|fussplatte|fußplatte|konsole|träger|stütze', { kind: 'thing' }),
  word('gehrung', { kind: 'noted', as: 'how the parts meet: see the joint' }),
  word('fülldraht', { kind: 'way', way: 'self-shielded', namesWire: true, gasSettlesIt: true }),
  word('kein|keine|nicht|ohne', { kind: 'negation' }),
];

/** Spanish ones. */
const SPANISH: readonly WordRow[] = [
  word('acero|acero al carbono|acero dulce|hierro', metal('carbon-steel')),
  word('inoxidable|acero inoxidable', metal('stainless')),
  word('aluminio', metal('aluminium')),
  word('galvanizado|galvanizada', metal('coated-steel')),
  word('chapa|lámina|lamina', product('sheet')),
  word('placa|placas', product('plate')),
  word('tubo|tubos|tubería|tuberia|tubo redondo|tubo cuadrado|tubo rectangular', product('tube')),
  word('ángulo|angulo', product('section')),
  word('a tope', joint('butt')),
  word('traslape|solape', joint('lap')),
  word('filete|en ángulo|en angulo', joint('tee', true)),
  word('sobrecabeza|sobre cabeza', { kind: 'position', position: 'overhead' }),
  word('vertical ascendente|ascendente', { kind: 'position', position: 'vertical-up' }),
  word('vertical descendente|descendente', { kind: 'position', position: 'vertical-down' }),
  word('alambre|hilo', { kind: 'wire-word' }),
  word('espesor|grueso|pared', { kind: 'thick-word' }),
  word('con|sobre|a la', { kind: 'connector' }),
  word('a placa', { kind: 'connector' }, product('plate')),
  word('a chapa', { kind: 'connector' }, product('sheet')),
  word('a tubo', { kind: 'connector' }, product('tube')),
  word('soldadura|soldar|de|del|para|el|la|los|las|junta|una|un', { kind: 'filler-word' }),
  word('sin', { kind: 'negation' }),
];

export const OTHER_LANGUAGES: readonly WordRow[] = [...GERMAN, ...SPANISH];
